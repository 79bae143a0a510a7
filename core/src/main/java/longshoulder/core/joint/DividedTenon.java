package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * Several tenons where one would be too wide or too thick. Double or triple: one above the other, the gaps between them as
 * wide as the tenons of a triple or a third of the whole of a double, bridged by a haunch against cupping; at the end of a post another
 * haunch stands between the first of them and the end. Twin: side by side in the rail's thickness, one tenon thickness apart. Each is
 * numbered with its mortise, from the face edge or the face side. The tenons of a twin are a fifth of the rail thick.
 *
 * @param tenons in that order
 * @param haunch how deep the haunches are; nothing for a twin
 * @param endHaunch how wide the one towards the end of the post is; nothing away from it
 * @param fillsGroove whether the haunches fill a groove exactly, or have room for glue
 */
public record DividedTenon(List<Tenon> tenons, Amount haunch, Amount endHaunch, boolean fillsGroove) implements Joint {

    /** Whether a haunch stands between the first tenon and the end of the post. */
    public static final String END_HAUNCH = "haunch.end";

    static final JointType TYPE = new JointType(JointParameters.tenon(Pegged.PARAMETERS,
            JointParameters.choice("tenon.division", "double", "twin", "triple"),
            JointParameters.choice(END_HAUNCH, "where-needed", "none"), JointParameters.measure("haunch.width"),
            JointParameters.measure("haunch.depth"), JointParameters.choice("haunch.form", "square", "groove-filling")),
            DividedTenon::make, DividedTenon::argue);

    public DividedTenon {
        tenons = List.copyOf(tenons);
    }

    static Joint make(JointContext context) {
        TenonRules rules = new TenonRules(context);
        Tenon plain = rules.tenon();
        String division = context.choice("tenon.division", "double");
        if (division.equals("twin")) {
            Amount none = JointContext.ruled("amount.haunchDepth", Length.ZERO, "rule.twin");
            return new DividedTenon(twin(plain.thick(rules.twinThickness())), none, none, false);
        }
        boolean atEnd = plain.isAtEnd() && context.choice(END_HAUNCH, "where-needed").equals("where-needed");
        Amount endHaunch = atEnd
                ? rules.haunchWidth()
                : JointContext.ruled("amount.haunchWidth", Length.ZERO, "rule.division");
        Tenon whole = atEnd ? rules.tenon(endHaunch, rules.edgeShoulder()) : plain;
        return new DividedTenon(divided(context, whole, division.equals("triple") ? 3 : 2), rules.haunchDepth(),
                endHaunch,
                context.choice("haunch.form", "square").equals("groove-filling"));
    }

    /** A double is tenon, gap, tenon in equal thirds; a triple is five equal parts. What rounding leaves over goes to the gaps. */
    static List<Tenon> divided(JointContext context, Tenon whole, int count) {
        Amount width = context.snapped(
                JointContext.share("amount.tenonWidth", whole.width(), 1, 2 * count - 1, "rule.division"));
        Amount rest = Amount.sum(Label.of("amount.beforeTenon")).plus(whole.width()).minus(width).amount();
        List<Tenon> tenons = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Amount before = JointContext.share("amount.beforeTenon", rest, i, count - 1, "rule.division");
            Amount shoulder = Amount.sum(Label.of("amount.edgeShoulder")).plus(whole.edgeShoulder()).plus(before)
                    .amount();
            tenons.add(whole.at(shoulder, width, whole.faceShoulder()));
        }
        return tenons;
    }

    private static void argue(JointEvaluation evaluation) {
        Length width = evaluation.oneTenonWidth();
        boolean wide = evaluation.isTooWide(width);
        evaluation.askForRoom();
        evaluation.sayIf(wide, "reason.divided.wide", width, evaluation.tenon().thickness().value());
        evaluation.objectIf(!wide, "reason.divided.narrow", width);
    }

    private static List<Tenon> twin(Tenon whole) {
        Amount all = Amount.sum(Label.of("amount.bothFaceShoulders")).plus(whole.meeting().tenonPiece().thickness())
                .minus(3, whole.thickness()).amount();
        Amount outer = JointContext.share("amount.faceShoulder", all, 1, 2, "rule.twin");
        Amount second = Amount.sum(Label.of("amount.faceShoulder")).plus(outer).plus(whole.thickness())
                .plus(whole.thickness()).amount();
        return List.of(whole.at(whole.edgeShoulder(), whole.width(), outer),
                whole.at(whole.edgeShoulder(), whole.width(), second));
    }

    @Override
    public JointKind kind() {
        return JointKind.DIVIDED_TENON;
    }

    @Override
    public Meeting meeting() {
        return tenons.getFirst().meeting();
    }

    @Override
    public Amount addedLength() {
        // Each gives way by itself to what it meets in the post, so that they may differ.
        return Stream.concat(tenons.stream().map(Tenon::length), Stream.of(haunch))
                .reduce((one, other) -> other.value().isGreaterThan(one.value()) ? other : one).orElseThrow();
    }

    @Override
    public Solid adds() {
        Solid all = Solid.NOTHING;
        for (Tenon tenon : tenons) {
            all = all.plus(tenon.adds());
        }
        return all.plus(haunches(mm(haunch), true));
    }

    @Override
    public Solid removes() {
        Solid all = Solid.NOTHING;
        for (Tenon tenon : tenons) {
            all = all.plus(tenon.removes());
        }
        double room = fillsGroove ? 0 : mm(tenons.getFirst().depth()) - mm(tenons.getFirst().length());
        return haunch.value().isPositive() ? all.plus(haunches(mm(haunch) + room, false)) : all;
    }

    /** Those between the tenons, and the one towards the end of the post. */
    private Solid haunches(double run, boolean onRail) {
        Solid all = Solid.NOTHING;
        for (int i = 0; i + 1 < tenons.size() && haunch.value().isPositive(); i++) {
            Tenon tenon = tenons.get(i);
            all = all.plus(haunch(run, mm(tenon.edgeShoulder()) + mm(tenon.width()),
                    mm(tenons.get(i + 1).edgeShoulder()), onRail));
        }
        return endHaunch.value().isPositive() ? all.plus(haunch(run, 0, mm(endHaunch), onRail)) : all;
    }

    private Solid haunch(double run, double from, double to, boolean onRail) {
        RailEnd end = new RailEnd(meeting());
        Tenon tenon = tenons.getFirst();
        return onRail
                ? end.beyondShoulder(run, from, to, tenon.innerCheek(), tenon.outerCheek())
                : end.intoPost(run, from, to, tenon.innerCheek(), tenon.outerCheek());
    }

    /** Whether the grain at the end of the post is kept whole by a haunch. */
    public boolean hasEndHaunch() {
        return endHaunch.value().isPositive();
    }

    @Override
    public GivesWay givesWay() {
        return GivesWay.BY_SCHOOL;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new DividedTenon(tenons.stream().map(fit).toList(), haunch, endHaunch, fillsGroove);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = StoppedTenon.figures(tenons.getFirst());
        StoppedTenon.putFurther(figures, tenons, false);
        figures.put("haunch.depth", haunch);
        if (hasEndHaunch()) {
            figures.remove(TenonRules.NEAR);
            figures.put("haunch.width", endHaunch);
        }
        return figures;
    }
}
