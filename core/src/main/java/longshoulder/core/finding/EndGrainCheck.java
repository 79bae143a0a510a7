package longshoulder.core.finding;

import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Limits;
import longshoulder.core.measure.Ratio;
import longshoulder.core.brief.Value;
import longshoulder.core.joint.DividedTenon;
import longshoulder.core.joint.HaunchedTenon;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Tenon;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * A mortise within a tenon's length of the end of its post, with neither a haunch nor a horn: the short grain between it and the
 * end bursts when the tenon is driven.
 */
final class EndGrainCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        if (!HouseRules.isChosen(subject.project().brief(), HouseRules.HORNS, "none")) {
            return List.of();
        }
        Ratio least = subject.brief().ratio(Limits.NEAR_END);
        return subject.joints().stream().filter(joint -> !isHaunched(joint.plain()))
                .flatMap(joint -> joint.tenons().stream().limit(1).filter(tenon -> isNearEnd(tenon, least))
                        .map(tenon -> finding(subject, joint, tenon)))
                .toList();
    }

    private static boolean isHaunched(Joint joint) {
        return joint instanceof HaunchedTenon || joint instanceof DividedTenon divided && divided.hasEndHaunch();
    }

    private static boolean isNearEnd(Tenon tenon, Ratio least) {
        return tenon.mortiseFromEnd().value().isLessThan(least.of(tenon.length().value()));
    }

    private static Finding finding(Subject subject, Joint joint, Tenon tenon) {
        return new Finding("mortise-near-end", Concern.JOINTS, Level.RISK,
                List.of(joint.id(), joint.meeting().mortisePiece().id()),
                Label.of("finding.nearEnd", joint.id(), tenon.mortiseFromEnd().value(),
                        joint.meeting().mortisePiece().id(),
                        tenon.length().value()),
                new Remedies(subject)
                        .add(Label.of("remedy.haunch", joint.id()),
                                new Edit.Give(Address.of(joint.id(), JointKind.CHOICE),
                                        new Value.Chosen(JointKind.HAUNCHED_TENON.id())))
                        .choose(HouseRules.HORNS, "left").list());
    }
}
