package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Role;
import longshoulder.core.joint.CopeAndStick;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * A coped door whose tongues do not fill its grooves: one cutter makes the groove for the panel and for the tongue, so both are as deep and
 * as wide as each other. One finding a design, since all are cut in one setting.
 */
final class TongueCheck implements Check {

    /** What a trial cut can tell apart. */
    private static final Length SAME = Length.ofMicrometres(50);
    private static final String GROOVE = "groove.depth";

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        Optional<Amount> groove = subject.settled().measure(GROOVE);
        for (Joint joint : subject.joints()) {
            if (joint.plain() instanceof CopeAndStick coped && panel(subject, joint).isPresent()) {
                groove.filter(depth -> differ(depth.value(), coped.length().value()))
                        .ifPresent(depth -> findings.add(unlike(subject, joint, "tongue.length", coped.length().value(),
                                depth)));
                panel(subject, joint).filter(thickness -> differ(thickness.value(), coped.thickness().value()))
                        .ifPresent(thickness -> findings.add(unlike(subject, joint, "tongue.thickness",
                                coped.thickness().value(), thickness)));
            }
            if (!findings.isEmpty()) {
                return findings;
            }
        }
        return findings;
    }

    /** How thick the panel is that stands in the groove of the piece into which the tongue goes. */
    private static Optional<Amount> panel(Subject subject, Joint coped) {
        return subject.joints().stream().filter(joint -> joint.kind() == JointKind.GROOVE)
                .filter(joint -> joint.meeting().mortisePiece().id().equals(coped.meeting().mortisePiece().id()))
                .map(joint -> joint.meeting().tenonPiece()).filter(piece -> piece.role() == Role.PANEL)
                .map(piece -> piece.thickness()).findFirst();
    }

    private static boolean differ(Length one, Length other) {
        return one.minus(other).abs().isGreaterThan(SAME);
    }

    /** The tongue is what was measured, so the groove is set to it; or the tongue is cut to the groove. */
    private static Finding unlike(Subject subject, Joint joint, String what, Length tongue, Amount groove) {
        Remedies remedies = new Remedies(subject).change(groove, tongue.minus(groove.value()));
        if (subject.project().milled(joint.id(), "tongue").isEmpty()) {
            remedies.add(Label.of("remedy.tongueToGroove", Label.of("parameter." + what), groove.value()),
                    new Edit.Give(Address.of(JointKind.COPE_AND_STICK.id(), what), new Value.Measured(groove.value())));
        }
        return new Finding("tongue-unlike-groove", Concern.JOINTS, Level.RISK, List.of(joint.id()),
                Label.of("finding." + what, joint.id(), tongue, groove.value()), remedies.list());
    }
}
