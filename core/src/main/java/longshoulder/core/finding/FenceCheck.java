package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Shoulders sawn at one fence angle although the piece is turned over: the cuts of its two sides do not meet. */
final class FenceCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        boolean fixedFence = HouseRules.isChosen(subject.project().brief(), HouseRules.SAWING, "fixed-fence");
        for (Joint joint : subject.atEnds()) {
            Length miss = missed(joint.meeting());
            if (fixedFence && miss.isPositive() && !joint.tenons().isEmpty()) {
                findings.add(fence(subject, joint, miss));
            }
        }
        return findings;
    }

    /** Turned over, the cut leans the other way: over the rail's width it runs off by twice the slope. */
    private static Length missed(Meeting meeting) {
        Piece rail = meeting.tenonPiece();
        HalfSpace shoulder = meeting.shoulder();
        double slope = shoulder.normal().dot(rail.pose().across()) / shoulder.normal().dot(rail.pose().along());
        return Length.fromMillimetres(Math.abs(2 * slope * rail.width().value().toMillimetres()));
    }

    private static Finding fence(Subject subject, Joint joint, Length miss) {
        return new Finding("fence-turned", Concern.JOINTS, Level.RISK,
                List.of(joint.id(), joint.meeting().tenonPiece().id()),
                Label.of("finding.fenceTurned", joint.id(), miss),
                new Remedies(subject).choose(HouseRules.SAWING, "by-the-line").list());
    }
}
