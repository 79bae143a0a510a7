package longshoulder.core.finding;

import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** A rail that goes home sideways, such as a dovetail, but does not lie at the end of its post: it has no way in. */
final class EntryCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        return subject.atEnds().stream().filter(EntryCheck::isSideways)
                .filter(joint -> drop(joint.meeting()).isPositive()).map(joint -> finding(subject, joint)).toList();
    }

    private static boolean isSideways(Joint joint) {
        Vector3D.Unit way = joint.homeward();
        return Math.abs(way.dot(joint.meeting().inward())) < 0.5;
    }

    private static Length drop(Meeting meeting) {
        return meeting.seat().drop().value();
    }

    private static Finding finding(Subject subject, Joint joint) {
        return new Finding("no-way-in", Concern.JOINTS, Level.STOP,
                List.of(joint.id(), joint.meeting().mortisePiece().id()),
                Label.of("finding.noWayIn", joint.id(), drop(joint.meeting()), joint.meeting().mortisePiece().id()),
                new Remedies(subject).change(joint.meeting().seat().drop(), drop(joint.meeting()).negated())
                        .add(Label.of("remedy.leaveJoint", joint.id()),
                                new Edit.LeaveToRule(Address.of(joint.id(), JointKind.CHOICE)))
                        .list());
    }
}
