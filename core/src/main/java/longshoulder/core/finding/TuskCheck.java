package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.TuskedTenon;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** A tusk with too little wood beyond its slot, one that falls out because it widens downwards, and one that cannot pull. */
final class TuskCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        for (Joint joint : subject.joints()) {
            if (joint.plain() instanceof TuskedTenon tusked) {
                relish(subject, tusked, findings);
                slope(subject, tusked, findings);
                bury(subject, tusked, findings);
            }
        }
        return findings;
    }

    private static void relish(Subject subject, TuskedTenon joint, List<Finding> findings) {
        Length least = subject.thresholds().tuskRelish();
        if (joint.relish().value().isLessThan(least)) {
            findings.add(finding(subject, joint, "tusk-relish", Level.RISK,
                    Label.of("finding.tuskRelish", joint.id(), joint.relish().value(), least), "tusk.relish",
                    new Value.Measured(least), Label.of("remedy.tuskRelish", joint.id(), least)));
        }
    }

    private static void slope(Subject subject, TuskedTenon joint, List<Finding> findings) {
        double up = -joint.meeting().rail().pose().across().dot(Vector3D.Unit.PLUS_Z);
        boolean widensDownwards = joint.wideAtFaceEdge() ? up < -0.5 : up > 0.5;
        if (widensDownwards) {
            findings.add(finding(subject, joint, "tusk-wrong-way", Level.RISK,
                    Label.of("finding.tuskWrongWay", joint.id()), "tusk.wide-end",
                    new Value.Chosen(joint.wideAtFaceEdge() ? "far-edge" : "face-edge"),
                    Label.of("remedy.tuskTurn", joint.id())));
        }
    }

    private static void bury(Subject subject, TuskedTenon joint, List<Finding> findings) {
        Length least = Length.ofMillimetres(1);
        if (joint.bury().value().isLessThan(least)) {
            findings.add(finding(subject, joint, "tusk-no-pull", Level.RISK,
                    Label.of("finding.tuskNoPull", joint.id(), joint.bury().value(), least), "tusk.bury",
                    new Value.Measured(least), Label.of("remedy.tuskBury", joint.id(), least)));
        }
    }

    private static Finding finding(Subject subject, Joint joint, String code, Level level, Label message,
            String parameter, Value value, Label remedy) {
        return new Finding(code, level, List.of(joint.id(), joint.meeting().rail().id()), message,
                new Remedies(subject.project())
                        .add(remedy, new Edit.Give(Address.of(joint.id(), parameter), value)).list());
    }
}
