package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A tail on the rail's end that widens into the post, so that it cannot be pulled out along the rail; it goes in along the
 * rail's width. The root is half as thick as the rail; it slopes by 1 in 6 to 1 in 8 on either cheek, never beyond the rail's
 * own faces.
 */
sealed interface Dovetail extends Joint permits LappedDovetail, SlidingDovetail {

    List<Parameter> PARAMETERS = List.of(JointParameters.measure("tail.length"), JointParameters.measure("tail.entry"),
            JointParameters.measure("tail.root"), JointParameters.measure("tail.near"),
            JointParameters.measure("tail.spread"), JointParameters.choice("tail.slope", Slope.NAMES));

    /** A third of the post. */
    static Amount usualLength(JointContext context) {
        return context.givenOr("tail.length",
                () -> JointContext.share("amount.tailLength", context.meeting().postExtent(), 1, 3, "rule.tail"));
    }

    /** Half of the rail. */
    static Amount usualRoot(JointContext context) {
        return context.givenOr("tail.root",
                () -> JointContext.share("amount.tailRoot", context.meeting().tenonPiece().thickness(), 1, 2,
                        "rule.tail"));
    }

    /** In the middle of the rail. */
    static Amount usualNear(JointContext context, Amount root) {
        return context.givenOr("tail.near", () -> JointContext.share("amount.tailNear",
                Amount.sum(Label.of("amount.tailShoulders")).plus(context.meeting().tenonPiece().thickness())
                        .minus(root).amount(),
                1, 2, "rule.centred"));
    }

    /** How much each cheek grows over the length: as given, which stands for any slope, else by the slope that is chosen. */
    static Amount usualSpread(JointContext context, Amount length) {
        return context.givenOr("tail.spread", () -> new Amount.Traced(Label.of("amount.tailSpread"),
                Length.fromMillimetres(
                        mm(length) * Slope.of(context.choice("tail.slope", Slope.NAMES.getFirst()))),
                List.of(length), Label.of("rule.tailSpread")));
    }

    /** Of the tail beyond the shoulder. */
    Amount length();

    /** How far it goes in along the rail's width. */
    Amount entry();

    /** How much each cheek grows from the shoulder to the end. */
    Amount spread();

    /** Its thickness at the shoulder. */
    Amount root();

    /** From the rail's face side to the tail at the shoulder. */
    Amount near();

    /** Growth of each cheek for each unit of length. */
    private double slope() {
        return length().value().isPositive() ? mm(spread()) / mm(length()) : 0;
    }

    @Override
    default Vector3D.Unit homeward() {
        return meeting().tenonPiece().pose().across();
    }

    @Override
    default Amount addedLength() {
        return length();
    }

    @Override
    default Solid adds() {
        RailEnd end = new RailEnd(meeting());
        return tail(end, end.beyondShoulder(mm(length()), 0, mm(entry()), 0, end.thickness()), meeting().shoulder());
    }

    @Override
    default Solid removes() {
        RailEnd end = new RailEnd(meeting());
        return tail(end, end.intoPost(mm(length()), 0, mm(entry()), 0, end.thickness()), meeting().surface());
    }

    private Solid tail(RailEnd end, Solid block, HalfSpace mouth) {
        double face = end.thickness() - mm(near());
        return block.clip(end.cheek(mouth, face - mm(root()), -slope(), true))
                .clip(end.cheek(mouth, face, slope(), false));
    }

    @Override
    default List<Fault> faults(Inspection inspection) {
        Amount width = meeting().tenonPiece().width();
        Length most = meeting().tenonPiece().thickness().value();
        return new Faults(this).deep("tail.length", length(), inspection)
                .above("tail-entry", "tail.entry", entry(), width.value(), width.value())
                .above("tail-wide", "tail.root", root(), most, most)
                .above("tail-beside", "tail.near", near(), most.minus(root().value()), most).list();
    }

    @Override
    default void draw(Sketch sketch) {
        double face = new RailEnd(meeting()).thickness() - mm(near());
        sketch.depth(Side.BELOW, length(), 0, mm(length()), face - mm(root()) / 2)
                .width(entry(), 0, mm(entry()), mm(length()))
                .thicknessInPlan(root(), face - mm(root()), face, 0);
    }

    @Override
    default Vector2D middle() {
        return Vector2D.of(mm(entry()) / 2, new RailEnd(meeting()).thickness() - mm(near()) - mm(root()) / 2);
    }

    @Override
    default Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put("tail.length", length());
        figures.put("tail.root", root());
        figures.put("tail.near", near());
        figures.put("tail.spread", spread());
        figures.put("tail.entry", entry());
        return figures;
    }
}
