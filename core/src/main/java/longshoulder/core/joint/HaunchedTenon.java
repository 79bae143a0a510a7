package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A stopped tenon with a haunch towards the end of the post: it keeps the rail from twisting where a full tenon would leave
 * the mortise open at the end. Square, a third of the rail's width at the corner and as deep as the tenon is thick; or
 * sloping from that depth to nothing at the rail's edge, where it must not show; or filling a groove exactly.
 *
 * @param width of the haunch, from the rail's face edge to the tenon
 * @param depth of the haunch beyond the shoulder; its groove is deeper by the room for glue
 */
public record HaunchedTenon(Tenon tenon, Amount width, Amount depth, Form form) implements Joint {

    static final JointType TYPE = new JointType(
            JointParameters.tenon(
                    JointParameters.all(JointParameters.without(TenonRules.NEAR, JointParameters.place()),
                            Pegged.PARAMETERS),
                    JointParameters.measure("haunch.width"),
                    JointParameters.measure("haunch.depth"),
                    JointParameters.choice("haunch.form", "square", "sloping", "groove-filling")),
            HaunchedTenon::make, HaunchedTenon::argue);

    /** The forms of a haunch. */
    public enum Form {
        SQUARE, SLOPING, GROOVE_FILLING
    }

    static Joint make(JointContext context) {
        TenonRules rules = new TenonRules(context);
        Amount width = rules.haunchWidth();
        Tenon tenon = rules.tenon(width, rules.farShoulder());
        Amount depth = rules.haunchDepth();
        return new HaunchedTenon(tenon, width, depth, switch (context.choice("haunch.form", "square")) {
            case "sloping" -> Form.SLOPING;
            case "groove-filling" -> Form.GROOVE_FILLING;
            default -> Form.SQUARE;
        });
    }

    private static void argue(JointEvaluation evaluation) {
        Length fromEnd = evaluation.tenon().mortiseFromEnd().value();
        evaluation.sayIf(evaluation.isAtEnd(), "reason.haunched.end", fromEnd, evaluation.railWidth().times(1, 3));
        evaluation.objectIf(!evaluation.isAtEnd(), "reason.haunched.far", fromEnd);
        evaluation.askForRoom();
        evaluation.objectToWidth(evaluation.oneTenonWidth());
    }

    @Override
    public JointKind kind() {
        return JointKind.HAUNCHED_TENON;
    }

    @Override
    public Meeting meeting() {
        return tenon.meeting();
    }

    @Override
    public Amount addedLength() {
        return depth.value().isGreaterThan(tenon.length().value()) ? depth : tenon.length();
    }

    @Override
    public Solid adds() {
        Solid haunch = end().beyondShoulder(mm(depth), 0, mm(width), tenon.innerCheek(), tenon.outerCheek());
        return tenon.adds().plus(form == Form.SLOPING
                ? haunch.clip(end().edge(meeting().shoulder(), 0, mm(width) / Math.max(1e-3, mm(depth)), true))
                : haunch);
    }

    @Override
    public Solid removes() {
        double run = form == Form.GROOVE_FILLING ? mm(depth) : mm(depth) + mm(glueRoom());
        Solid groove = end().intoPost(run, 0, mm(width), tenon.innerCheek(), tenon.outerCheek());
        return tenon.removes().plus(form == Form.SLOPING
                ? groove.clip(end().edge(meeting().surface(), 0, mm(width) / run, true))
                : groove);
    }

    private Amount glueRoom() {
        return Amount.sum(Label.of("amount.glueRoom")).plus(tenon.depth()).minus(tenon.length()).amount();
    }

    private RailEnd end() {
        return new RailEnd(meeting());
    }

    @Override
    public List<Tenon> tenons() {
        return List.of(tenon);
    }

    @Override
    public GivesWay givesWay() {
        return GivesWay.BY_SCHOOL;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new HaunchedTenon(fit.apply(tenon), width, depth, form);
    }

    /** A haunch nearly as deep as its tenon opens the mortise at the end of the post again. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length tenonLength = tenon.length().value();
        return new Faults(this)
                .above("haunch-deep", "haunch.depth", depth, inspection.brief().ratio(Limits.HAUNCH).of(tenonLength),
                        meeting().postExtent().value())
                .list();
    }

    @Override
    public void draw(Sketch sketch) {
        tenon.draw(sketch);
        tenon.drawShoulders(sketch, false);
        sketch.run(Side.ABOVE, depth, 0, mm(depth), 0).width(width, 0, mm(width), mm(depth));
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = StoppedTenon.figures(tenon);
        // The haunch stands where the near shoulder would be.
        figures.remove(TenonRules.NEAR);
        figures.put("haunch.width", width);
        figures.put("haunch.depth", depth);
        return figures;
    }
}
