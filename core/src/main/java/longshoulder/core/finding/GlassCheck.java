package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Role;
import longshoulder.core.joint.Groove;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Glass with a side in a groove: once the frame is glued a broken pane cannot be changed; one finding a pane. And rebates too shallow for
 * the glass and its bead: one finding a design, since all are cut in one setting.
 */
final class GlassCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        Map<String, List<Joint>> trapped = new LinkedHashMap<>();
        for (Joint joint : subject.joints()) {
            if (joint.plain() instanceof Groove groove && !groove.rebate()
                    && groove.meeting().tenonPiece().role() == Role.GLASS) {
                trapped.computeIfAbsent(groove.meeting().tenonPiece().id(), pane -> new ArrayList<>()).add(joint);
            }
        }
        return Stream.concat(
                trapped.entrySet().stream().map(pane -> finding(subject, pane.getKey(), pane.getValue())),
                shallow(subject).stream()).toList();
    }

    private static Optional<Finding> shallow(Subject subject) {
        Length bead = Groove.bead(subject.brief());
        return subject.joints().stream()
                .filter(joint -> joint.plain() instanceof Groove groove && groove.rebate()
                        && groove.meeting().tenonPiece().role() == Role.GLASS
                        && groove.fromBack().isLessThan(groove.meeting().tenonPiece().thickness().value().plus(bead)))
                .findFirst().map(joint -> shallow(subject, joint, bead));
    }

    private static Finding shallow(Subject subject, Joint joint, Length bead) {
        Length glass = joint.meeting().tenonPiece().thickness().value();
        Length deep = ((Groove) joint.plain()).fromBack();
        // A third of the frame is the rebate's.
        Length thicker = glass.plus(bead).minus(deep).times(3);
        return new Finding("rebate-shallow", Concern.JOINTS, Level.RISK, List.of(joint.id()),
                Label.of("finding.rebateShallow", joint.id(), deep, glass, bead),
                new Remedies(subject).change(joint.meeting().referenceExtent(), thicker).list());
    }

    private static Finding finding(Subject subject, String pane, List<Joint> grooves) {
        List<Edit> rebates = grooves.stream().<Edit>map(joint -> new Edit.Give(
                Address.of(joint.id(), Groove.FORM), new Value.Chosen(Groove.REBATE))).toList();
        return new Finding("glass-trapped", Concern.JOINTS, Level.NOTE, grooves.stream().map(Joint::id).toList(),
                Label.of("finding.glassTrapped", pane),
                new Remedies(subject).add(Label.of("remedy.rebate"), new Edit.All(rebates)).list());
    }
}
