package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Limits;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A tenon right through the post, flush or standing proud; wedged on demand. Length = post + proud. Where one would be too wide there are
 * several, each with wedges of its own: one above the other, numbered from the rail's face edge, or, where the rail stands broad across the
 * post as an upright does under a slab, side by side, numbered from its face side.
 *
 * @param tenons in that order; their depth is the post
 * @param proud how far they stand out
 * @param spare by how much they are cut longer, to be trimmed flush
 * @param wedgings of each its wedges, if it has any
 * @param oneEdge whether the mortise is laid out on both faces from the same edge
 */
public record ThroughTenon(List<Tenon> tenons, Amount proud, Amount spare, List<Wedging> wedgings,
        boolean oneEdge) implements Joint {

    /** How many stand side by side. */
    public static final String COUNT = "tenon.count";
    public static final String SPARE = "tenon.spare";

    /** For so much of the rail's thickness there is one tenon, where the rail is thicker than it is wide. */
    private static final Length FOR_ONE = Length.ofMillimetres(90);

    private static final List<String> COUNTS = List.of("by-width", "one", "two", "three", "four");

    static final JointType TYPE = new JointType(JointParameters.all(List.of(JointParameters.measure("tenon.thickness"),
            JointParameters.choice(HouseRules.THICKNESS, HouseRules.THICKNESSES),
            JointParameters.choice(COUNT, COUNTS), JointParameters.measure("tenon.proud"),
            JointParameters.measure(SPARE),
            JointParameters.choice("tenon.wedges", "none", "fitting", "one", "two"),
            JointParameters.choice("layout.edge", "same", "each-own")),
            JointParameters.all(JointParameters.place(),
                    JointParameters.all(Wedging.PARAMETERS, Pegged.PARAMETERS))),
            ThroughTenon::make, ThroughTenon::argue);

    public ThroughTenon {
        tenons = List.copyOf(tenons);
        wedgings = List.copyOf(wedgings);
    }

    static Joint make(JointContext context) {
        Meeting meeting = context.meeting();
        Amount proud = context.givenOr("tenon.proud",
                () -> JointContext.ruled("amount.proud", Length.ZERO, "rule.flush"));
        Amount spare = context.givenOr(SPARE, () -> proud.value().isPositive()
                ? JointContext.ruled("amount.spare", Length.ZERO, "rule.proud")
                : JointContext.ruled("amount.spare", context.rule(Length.ofMillimetres(3), Length.ofInches(1, 8)),
                        "rule.spare"));
        Amount length = Amount.sum(Label.of("amount.tenonLength")).plus(meeting.through()).plus(proud).amount();
        TenonRules rules = new TenonRules(context);
        Tenon plain = rules.tenon().ending(Tenon.Ends.SQUARE).runs(length, meeting.through());
        boolean broad = isBroad(meeting);
        int count = count(context, plain, broad);
        List<Tenon> tenons = count == 1
                ? List.of(plain)
                : broad
                        ? sideBySide(plain, rules.oneOfSeveral(count), count)
                        : DividedTenon.divided(context, plain, count);
        return new ThroughTenon(tenons, proud, spare,
                tenons.stream().map(tenon -> Wedging.of(context, tenon, "none")).toList(),
                context.choice("layout.edge", "same").equals("same"));
    }

    /** Whether the rail stands broad across the post. */
    private static boolean isBroad(Meeting meeting) {
        return meeting.tenonPiece().thickness().value().isGreaterThan(meeting.tenonPiece().width().value());
    }

    /** As chosen; else so many that none is too wide, or that each stands for its part of a broad rail. */
    private static int count(JointContext context, Tenon plain, boolean broad) {
        int chosen = COUNTS.indexOf(context.choice(COUNT, COUNTS.getFirst()));
        if (chosen > 0) {
            return chosen;
        }
        double thickness = context.meeting().tenonPiece().thickness().value().toMillimetres();
        Length widest = context.choices().brief().ratio(Limits.WIDE).of(plain.thickness().value());
        int most = COUNTS.size() - 1;
        return broad
                ? (int) Math.clamp(Math.ceil(thickness / FOR_ONE.toMillimetres()), 1, most)
                : plain.width().value().isGreaterThan(widest) ? 2 : 1;
    }

    /** With equal gaps between them and beside the outer ones. */
    private static List<Tenon> sideBySide(Tenon plain, Amount thickness, int count) {
        Amount rest = Amount.sum(Label.of("amount.bothFaceShoulders")).plus(plain.stock()).minus(count, thickness)
                .amount();
        Tenon thin = plain.thick(thickness);
        List<Tenon> tenons = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Amount gaps = JointContext.share("amount.faceShoulder", rest, i + 1, count + 1, "rule.sideBySide");
            Amount shoulder = i == 0
                    ? gaps
                    : Amount.sum(Label.of("amount.faceShoulder")).plus(gaps).plus(i, thickness).amount();
            tenons.add(thin.at(plain.edgeShoulder(), plain.width(), shoulder));
        }
        return tenons;
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.through.long", evaluation.postExtent());
        evaluation.objectToCrossing();
        evaluation.objectToComingOut("reason.through.shows");
    }

    @Override
    public JointKind kind() {
        return JointKind.THROUGH_TENON;
    }

    @Override
    public Meeting meeting() {
        return first().meeting();
    }

    @Override
    public Amount addedLength() {
        return first().length();
    }

    @Override
    public Solid adds() {
        return all(tenons.stream().map(Tenon::adds));
    }

    @Override
    public List<Solid> bores() {
        return wedgings.stream().flatMap(wedging -> wedging.slots().stream()).toList();
    }

    @Override
    public Solid removes() {
        return all(wedgings.stream().map(Wedging::mortise));
    }

    @Override
    public Solid loosePart() {
        return all(wedgings.stream().map(Wedging::wedges));
    }

    @Override
    public Vector3D looseWay() {
        return meeting().inward();
    }

    @Override
    public List<LoosePart> parts() {
        return wedgings.stream().flatMap(one -> one.parts().stream()).toList();
    }

    @Override
    public String looseParts() {
        return "wedges";
    }

    private static Solid all(Stream<Solid> parts) {
        return parts.reduce(Solid.NOTHING, Solid::plus);
    }

    /** How many share the rail's thickness. */
    public int sideBySide() {
        return isBroad(meeting()) ? tenons.size() : 1;
    }

    private Tenon first() {
        return tenons.getFirst();
    }

    @Override
    public Optional<Amount> trimming() {
        return Optional.of(spare);
    }

    @Override
    public boolean isThrough() {
        return true;
    }

    @Override
    public Optional<Wedging> wedged() {
        return wedgings.stream().filter(Wedging::isWedged).findFirst();
    }

    @Override
    public List<Fault> faults(Inspection inspection) {
        // They are all made alike, so what is wrong with one is said once.
        List<Fault> faults = new ArrayList<>(
                wedged().map(wedging -> wedging.faults(this, inspection.brief())).orElse(List.of()));
        if (!oneEdge) {
            faults.add(Fault.inPost(this, "layout-two-edges", Level.RISK,
                    Label.of("finding.twoEdges", id(), meeting().mortisePiece().id()),
                    Mend.choose(Label.of("remedy.oneEdge", id()), "layout.edge", "same")));
        }
        return faults;
    }

    @Override
    public void draw(Sketch sketch) {
        // Those side by side are as wide as each other.
        (isBroad(meeting()) ? tenons.subList(0, 1) : tenons).forEach(tenon -> tenon.draw(sketch));
        if (tenons.size() == 1) {
            first().drawShoulders(sketch, true);
        }
        sketch.depth(Side.ABOVE, proud, mm(meeting().through()), mm(first().length()), first().section().z0());
        wedgings.getFirst().draw(sketch);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put(Brief.TENON_THICKNESS, first().thickness());
        figures.put("tenon.width", first().width());
        figures.put("through.length", first().length());
        figures.put("tenon.proud", proud);
        figures.put(SPARE, spare);
        figures.put("through.cutTo", Amount.sum(Label.of("amount.cutTo")).plus(first().length()).plus(spare).amount());
        figures.putAll(wedgings.getFirst().figures());
        figures.put("near-cheek", first().cheekFromReference());
        figures.put("mortise-from-end", first().mortiseFromEnd());
        StoppedTenon.putFurther(figures, tenons, isBroad(meeting()));
        StoppedTenon.putShoulders(figures, first());
        return figures;
    }
}
