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
 * wide as the tenons of a triple or a third of the whole of a double, bridged by a haunch against cupping. Twin: side by
 * side in the rail's thickness, one tenon thickness apart. Each is numbered with its mortise, from the face edge or the
 * face side. The tenons of a twin are a fifth of the rail thick.
 *
 * @param tenons in that order
 * @param haunch how deep the haunch between them is; nothing for a twin
 */
public record DividedTenon(List<Tenon> tenons, Amount haunch) implements Joint {

    static final JointType TYPE = new JointType(JointParameters.tenon(Pegged.PARAMETERS,
            JointParameters.choice("tenon.division", "double", "twin", "triple")), DividedTenon::make,
            DividedTenon::argue);

    public DividedTenon {
        tenons = List.copyOf(tenons);
    }

    static Joint make(JointContext context) {
        Tenon whole = new TenonRules(context).tenon();
        String division = context.choice("tenon.division", "double");
        if (division.equals("twin")) {
            return new DividedTenon(twin(whole.thick(new TenonRules(context).twinThickness())),
                    JointContext.ruled("amount.haunchDepth", Length.ZERO, "rule.twin"));
        }
        int count = division.equals("triple") ? 3 : 2;
        // A double is tenon, gap, tenon in equal thirds; a triple is five equal parts.
        int parts = 2 * count - 1;
        Amount width = JointContext.share("amount.tenonWidth", whole.width(), 1, parts, "rule.division");
        List<Tenon> tenons = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Amount before = JointContext.share("amount.beforeTenon", whole.width(), 2 * i, parts, "rule.division");
            Amount shoulder = Amount.sum(Label.of("amount.edgeShoulder")).plus(whole.edgeShoulder()).plus(before)
                    .amount();
            tenons.add(whole.at(shoulder, width, whole.faceShoulder()));
        }
        return new DividedTenon(tenons,
                JointContext.share("amount.haunchDepth", whole.thickness(), 1, 1, "rule.haunch"));
    }

    private static void argue(JointEvaluation evaluation) {
        Length width = evaluation.tenon().width().value();
        evaluation.sayIf(evaluation.isTooWide(), "reason.divided.wide", width, evaluation.tenon().thickness().value());
        evaluation.objectIf(!evaluation.isTooWide(), "reason.divided.narrow", width);
        evaluation.objectToEnd();
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
        return all.plus(bridges(mm(haunch), true));
    }

    @Override
    public Solid removes() {
        Solid all = Solid.NOTHING;
        for (Tenon tenon : tenons) {
            all = all.plus(tenon.removes());
        }
        double room = mm(tenons.getFirst().depth()) - mm(tenons.getFirst().length());
        return haunch.value().isPositive() ? all.plus(bridges(mm(haunch) + room, false)) : all;
    }

    private Solid bridges(double run, boolean onRail) {
        Solid all = Solid.NOTHING;
        RailEnd end = new RailEnd(meeting());
        for (int i = 0; i + 1 < tenons.size() && haunch.value().isPositive(); i++) {
            Tenon tenon = tenons.get(i);
            double from = mm(tenon.edgeShoulder()) + mm(tenon.width());
            double to = mm(tenons.get(i + 1).edgeShoulder());
            all = all.plus(onRail
                    ? end.beyondShoulder(run, from, to, tenon.innerCheek(), tenon.outerCheek())
                    : end.intoPost(run, from, to, tenon.innerCheek(), tenon.outerCheek()));
        }
        return all;
    }

    @Override
    public GivesWay givesWay() {
        return GivesWay.BY_SCHOOL;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new DividedTenon(tenons.stream().map(fit).toList(), haunch);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = StoppedTenon.figures(tenons.getFirst());
        figures.put("haunch.depth", haunch);
        return figures;
    }
}
