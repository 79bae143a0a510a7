package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.measure.Ratio;
import longshoulder.core.brief.Limits;

import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Two pieces that cross, each let into the other: by half of what they share unless it is given otherwise. At any angle. It may
 * stay dry, so that it comes apart.
 *
 * @param shared how far both reach into the same place, from the one's face to the other's
 * @param depth how much of that is cut out of the piece into which the other is laid
 */
public record CrossLap(Meeting meeting, Amount shared, Amount depth) implements Joint {

    static final JointType TYPE = new JointType(List.of(JointParameters.measure("lap.depth")), CrossLap::make,
            CrossLap::argue);

    static Joint make(JointContext context) {
        Meeting meeting = context.meeting();
        DoubleSummaryStatistics depths = depths(meeting);
        Amount shared = JointContext.ruled("amount.shared", Length.fromMillimetres(depths.getMax() - depths.getMin()),
                "rule.measured");
        return new CrossLap(meeting, shared,
                context.givenOr("lap.depth",
                        () -> JointContext.share("amount.lapDepth", shared, 1, 2, "rule.crossLap")));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.crossLap", evaluation.meeting().mortisePiece().id());
    }

    /** How deep under the post's face the wood lies that both want, in millimetres; 0 where one was cut so short that it does not reach. */
    private static DoubleSummaryStatistics depths(Meeting meeting) {
        DoubleSummaryStatistics depths = meeting.tenonPiece().body().intersection(meeting.mortisePiece().body()).cells()
                .stream()
                .flatMap(cell -> cell.corners().stream())
                .mapToDouble(corner -> -meeting.surface().distance(corner)).summaryStatistics();
        if (depths.getCount() == 0) {
            depths.accept(0);
        }
        return depths;
    }

    @Override
    public JointKind kind() {
        return JointKind.CROSS_LAP;
    }

    @Override
    public boolean isOpen() {
        return true;
    }

    @Override
    public Amount addedLength() {
        return JointContext.ruled("amount.noAddition", Length.ZERO, "rule.crossLap");
    }

    @Override
    public Solid adds() {
        return Solid.NOTHING;
    }

    /** Open to the side from which the rail is laid in. */
    @Override
    public Solid removes() {
        return within(meeting.mortisePiece().body(), meeting.tenonPiece(), meeting.surface().normal())
                .clip(halfway().complement());
    }

    /** Open to the other side. */
    @Override
    public Solid removesFromRail() {
        return within(meeting.tenonPiece().body(), meeting.mortisePiece(), meeting.inward()).clip(halfway());
    }

    /** What of a body lies between the planes of a piece, but for those that look to the open side. */
    private static Solid within(Solid body, Piece piece, Vector3D.Unit open) {
        Solid rest = body;
        for (HalfSpace plane : piece.shape().planes()) {
            if (plane.normal().dot(open) < 0.5) {
                rest = rest.clip(plane);
            }
        }
        return rest;
    }

    /** The half space that lies deeper than the plane at which the two halves touch. */
    private HalfSpace halfway() {
        return meeting.surface().moved(-depths(meeting).getMin() - mm(depth));
    }

    /** How much is cut out of the piece that is laid in. */
    private Amount rest() {
        return Amount.sum(Label.of("amount.lapRest")).plus(shared).minus(depth).amount();
    }

    /** How thick the other piece is in the direction in which it is laid in. */
    private Amount railExtent() {
        Piece rail = meeting.tenonPiece();
        return Math.abs(meeting.inward().dot(rail.pose().out())) > 0.7 ? rail.thickness() : rail.width();
    }

    /** A notch that leaves too little of the piece in which it is. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length post = meeting.postExtent().value();
        Length whole = shared.value().plus(Length.ofMicrometres(1));
        Ratio most = inspection.brief().ratio(Limits.LAP);
        Length least = shared.value().minus(most.of(railExtent().value()));
        return new Faults(this)
                .above("lap-deep", "lap.depth", depth, Length.least(most.of(post), whole), whole)
                .below("lap-shallow", "lap.depth", depth, least).list();
    }

    @Override
    public void draw(Sketch sketch) {
        double deep = mm(depth);
        double y = mm(meeting.mortisePiece().width()) / 2;
        sketch.run(Side.BELOW, depth, -deep / 2, deep / 2, y)
                .run(Side.BELOW, rest(), deep / 2, mm(shared) - deep / 2, y);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put("lap.depth", depth);
        figures.put("lap.rest", rest());
        return figures;
    }
}
