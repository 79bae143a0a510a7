package longshoulder.core.finding;

import java.util.List;
import longshoulder.core.joint.Fault;
import longshoulder.core.joint.Inspection;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Mend;

/** What the files of the joints find wrong with each joint by itself, with its mends as edits of the project. */
final class JointCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        return subject.joints().stream().flatMap(joint -> joint.faults(new Inspection(subject.brief(), joint))
                .stream().map(fault -> finding(subject, joint, fault))).toList();
    }

    private static Finding finding(Subject subject, Joint joint, Fault fault) {
        Remedies remedies = new Remedies(subject);
        fault.mends().forEach(mend -> add(remedies, joint, mend));
        return new Finding(fault.code(), Concern.JOINTS, fault.level(), fault.about(), fault.message(),
                remedies.list());
    }

    private static void add(Remedies remedies, Joint joint, Mend mend) {
        switch (mend) {
            case Mend.Give give -> remedies.give(give.label(), joint, give.values());
            case Mend.Leave leave -> remedies.leaveAt(joint.id(), leave.parameter());
            case Mend.Change change -> remedies.change(change.amount(), change.by());
            case Mend.Size size -> remedies.set(size.parameter(), size.length());
        }
    }
}
