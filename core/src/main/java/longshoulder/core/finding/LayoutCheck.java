package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.ThroughTenon;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;

/**
 * Cuts whose two sides do not meet: through mortises that are not laid out from one edge on both faces, and shoulders sawn at one
 * fence angle although the piece is turned over.
 */
final class LayoutCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        boolean fixedFence = HouseRules.isChosen(subject.project().brief(), HouseRules.SAWING, "fixed-fence");
        for (Joint joint : subject.atEnds()) {
            if (joint.plain() instanceof ThroughTenon through && !through.oneEdge()) {
                findings.add(layout(subject, joint));
            }
            Length miss = missed(joint.meeting());
            if (fixedFence && miss.isPositive() && !joint.tenons().isEmpty()) {
                findings.add(fence(subject, joint, miss));
            }
        }
        return findings;
    }

    private static Finding layout(Subject subject, Joint joint) {
        return new Finding("layout-two-edges", Level.RISK, List.of(joint.id(), joint.meeting().post().id()),
                Label.of("finding.twoEdges", joint.id(), joint.meeting().post().id()),
                new Remedies(subject.project()).add(Label.of("remedy.oneEdge", joint.id()),
                        new Edit.Give(Address.of(joint.id(), "layout.edge"), new Value.Chosen("same"))).list());
    }

    /** Turned over, the cut leans the other way: over the rail's width it runs off by twice the slope. */
    private static Length missed(Meeting meeting) {
        Piece rail = meeting.rail();
        HalfSpace shoulder = meeting.shoulder();
        double slope = shoulder.normal().dot(rail.pose().across()) / shoulder.normal().dot(rail.pose().along());
        return Length.fromMillimetres(Math.abs(2 * slope * rail.width().value().toMillimetres()));
    }

    private static Finding fence(Subject subject, Joint joint, Length miss) {
        return new Finding("fence-turned", Level.RISK, List.of(joint.id(), joint.meeting().rail().id()),
                Label.of("finding.fenceTurned", joint.id(), miss),
                new Remedies(subject.project()).choose(HouseRules.SAWING, "by-the-line").list());
    }
}
