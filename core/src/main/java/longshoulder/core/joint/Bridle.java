package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * The rail's end is forked and straddles a tongue that is left of the post. The tongue is a third of the thicker of the two,
 * but never more than the rail leaves room for.
 *
 * @param tongue how thick the post is left between the two arms
 * @param near thickness of the arm at the rail's face side
 */
public record Bridle(Meeting meeting, Amount tongue, Amount near) implements Joint {

    static final JointType TYPE = new JointType(
            List.of(JointParameters.measure("bridle.tongue"), JointParameters.measure("bridle.near")), Bridle::make,
            Bridle::argue);

    static Joint make(JointContext context) {
        Meeting meeting = context.meeting();
        Amount thicker = new Amount.Greatest(Label.of("amount.thicker"),
                List.of(meeting.tenonPiece().thickness(), meeting.referenceExtent()), Label.of("rule.bridle"));
        Amount third = JointContext.share("amount.tongue", thicker, 1, 3, "rule.bridle");
        Amount most = JointContext.share("amount.tongueRoom", meeting.tenonPiece().thickness(), 2, 3,
                "rule.bridleArms");
        Amount tongue = context.givenOr("bridle.tongue", () -> context.snapped(
                new Amount.Least(Label.of("amount.tongue"), List.of(third, most), Label.of("rule.bridle"))));
        return new Bridle(meeting, tongue, context.givenOr("bridle.near", () -> JointContext.share("amount.arm",
                arms(meeting, tongue), 1, 2, "rule.arms")));
    }

    private static Amount arms(Meeting meeting, Amount tongue) {
        return Amount.sum(Label.of("amount.arms")).plus(meeting.tenonPiece().thickness()).minus(tongue).amount();
    }

    private static void argue(JointEvaluation evaluation) {
        Length rail = evaluation.railThickness();
        Length post = evaluation.meeting().referenceExtent().value();
        boolean alike = !rail.times(3).isLessThan(post.times(2));
        evaluation.sayIf(alike, "reason.bridle.alike", rail, post);
        evaluation.objectIf(!alike, "reason.bridle.thin", rail, post);
        evaluation.objectIf(evaluation.hasOthers(), "reason.bridle.others");
    }

    @Override
    public JointKind kind() {
        return JointKind.BRIDLE;
    }

    @Override
    public Amount addedLength() {
        return meeting.through();
    }

    @Override
    public Solid adds() {
        RailEnd end = new RailEnd(meeting);
        double run = mm(meeting.through());
        return end.beyondShoulder(run, 0, end.width(), 0, far(end))
                .plus(end.beyondShoulder(run, 0, end.width(), end.thickness() - mm(near), end.thickness()));
    }

    @Override
    public Solid removes() {
        RailEnd end = new RailEnd(meeting);
        double run = mm(meeting.through());
        return end.intoPost(run, 0, end.width(), 0, far(end))
                .plus(end.intoPost(run, 0, end.width(), end.thickness() - mm(near), end.thickness()));
    }

    /** Thickness of the arm at the rail's back, in millimetres. */
    private double far(RailEnd end) {
        return Math.max(0, end.thickness() - mm(tongue) - mm(near));
    }

    /** A tongue that leaves the arms too thin, or that is too thin itself. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length rail = meeting.tenonPiece().thickness().value();
        return new Faults(this)
                .above("tongue-thick", "bridle.tongue", tongue, inspection.brief().ratio(Limits.BRIDLE).of(rail), rail)
                .below("tongue-thin", "bridle.tongue", tongue, inspection.brief().ratio(Limits.THINNEST).of(rail))
                .above("arm-thick", "bridle.near", near, rail.minus(tongue.value()).times(3, 4),
                        arms(meeting, tongue).value())
                .list();
    }

    @Override
    public void draw(Sketch sketch) {
        RailEnd end = new RailEnd(meeting);
        sketch.run(Side.BELOW, meeting.through(), 0, mm(meeting.through()), end.width())
                .thickness(tongue, far(end), end.thickness() - mm(near), end.width())
                .thickness(near, end.thickness() - mm(near), end.thickness(), end.width());
    }

    /** Through an arm, which is seen to cross the post. */
    @Override
    public Vector2D middle() {
        RailEnd end = new RailEnd(meeting);
        return Vector2D.of(end.width() / 2, end.thickness() - mm(near) / 2);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put("bridle.tongue", tongue);
        figures.put("bridle.near", near);
        figures.put("bridle.length", meeting.through());
        figures.put("near-cheek", Amount.sum(Label.of("amount.nearCheek")).plus(meeting.seat().setback()).plus(near)
                .amount());
        figures.put("from-end", Amount.sum(Label.of("amount.fromEnd")).plus(meeting.seat().drop()).amount());
        return figures;
    }
}
