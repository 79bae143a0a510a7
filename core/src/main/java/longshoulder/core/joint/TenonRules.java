package longshoulder.core.joint;

import longshoulder.core.brief.Limits;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** The sizes of a tenon, by the default rules unless the maker gave them for the joint or the whole project. */
final class TenonRules {

    /** How thick a rail is at its end, counted from its back. */
    static final String END_THICKNESS = "end.thickness";

    /** What can be given of one tenon's place: its width, and its shoulders at the rail's face edge, its far edge and its face side. */
    static final String WIDTH = "tenon.width";
    static final String NEAR = "shoulder.near";
    static final String FAR = "shoulder.far";
    static final String FACE = "shoulder.face";

    private static final Label SIXTH = Label.of("rule.edgeShoulder");

    private final JointContext context;
    private final Meeting meeting;

    TenonRules(JointContext context) {
        this.context = context;
        this.meeting = context.meeting();
    }

    /** Centred, with equal shoulders at both edges, before it is known what else enters the post. */
    Tenon tenon() {
        return tenon(nearShoulder(), farShoulder());
    }

    /** As given; beside a tenon of given width what the other shoulder leaves, or half of what is left; else by rule. */
    private Amount nearShoulder() {
        Optional<Amount> width = context.given(WIDTH);
        return context.givenOr(NEAR, () -> width.map(this::besideWidth).orElseGet(this::edgeShoulder));
    }

    private Amount besideWidth(Amount width) {
        Amount left = Amount.sum(Label.of("amount.bothEdgeShoulders")).plus(meeting.tenonPiece().width()).minus(width)
                .amount();
        return context.given(FAR)
                .<Amount>map(far -> Amount.sum(Label.of("amount.edgeShoulder")).plus(left).minus(far).amount())
                .orElseGet(() -> JointContext.share("amount.edgeShoulder", left, 1, 2, "rule.centredWidth"));
    }

    Amount farShoulder() {
        return context.givenOr(FAR, this::edgeShoulder);
    }

    /** With shoulders of these widths beside the rail's face edge and beside its far edge. */
    Tenon tenon(Amount near, Amount far) {
        Amount thickness = thickness();
        boolean alike = near.label().equals(far.label()) && near.value().equals(far.value());
        Amount width = context.given(WIDTH).isPresent()
                ? context.given(WIDTH).orElseThrow()
                : alike
                        ? Amount.sum(Label.of("amount.tenonWidth")).plus(meeting.tenonPiece().width()).minus(2, near)
                                .amount()
                        : Amount.sum(Label.of("amount.tenonWidth")).plus(meeting.tenonPiece().width()).minus(near)
                                .minus(far)
                                .amount();
        Amount length = wantedLength();
        return new Tenon(meeting, stock(), thickness, width, length, depth(length), centred(thickness), near,
                Optional.empty(),
                Tenon.Line.RAIL, ends(), List.of());
    }

    private Tenon.Ends ends() {
        return context.choice("mortise.ends", "square").equals("round") ? Tenon.Ends.ROUND : Tenon.Ends.SQUARE;
    }

    /** One cheek in line with the rail's back; the one shoulder is on the show side. */
    Tenon bareFaced() {
        Tenon four = tenon();
        Amount shoulder = Amount.sum(Label.of("amount.faceShoulder")).plus(meeting.tenonPiece().thickness())
                .minus(four.thickness()).amount();
        return four.at(four.edgeShoulder(), four.width(), shoulder);
    }

    /** From the rail's face edge: a third of the rail's width. */
    Amount haunchWidth() {
        return context.givenOr("haunch.width",
                () -> context.snapped(JointContext.share("amount.haunchWidth", meeting.tenonPiece().width(), 1, 3,
                        "rule.haunch")));
    }

    /** Beyond the shoulder: as deep as the tenon is thick. */
    Amount haunchDepth() {
        return context.givenOr("haunch.depth",
                () -> JointContext.share("amount.haunchDepth", thickness(), 1, 1, "rule.haunch"));
    }

    /** Short: a quarter of the post, and at least 6. */
    Tenon stub() {
        Amount length = context.givenOr(Brief.TENON_LENGTH,
                () -> context.snapped(new Amount.Greatest(Label.of("amount.tenonLength"),
                        List.of(JointContext.share("amount.quarterOfPost", meeting.postExtent(), 1, 4, "rule.stub"),
                                JointContext.ruled("amount.leastStub",
                                        context.rule(Length.ofMillimetres(6), Length.ofInches(1, 4)), "rule.stub")),
                        Label.of("rule.stub"))));
        return tenon().runs(length, depth(length));
    }

    Amount thickness() {
        return context.givenOr(Brief.TENON_THICKNESS,
                () -> switch (context.choice(HouseRules.THICKNESS, "third-nearest-chisel")) {
                    case "chisel-decides" -> widestChisel();
                    case "half" -> half();
                    default -> third();
                });
    }

    private Amount third() {
        return nearestChisel(JointContext.share("amount.thirdOfRail", stock(), 1, 3, "rule.third"));
    }

    /** Two tenons, the gap between them and two shoulders share the rail. */
    Amount twinThickness() {
        return context.givenOr(Brief.TENON_THICKNESS, () -> nearestChisel(
                JointContext.share("amount.fifthOfRail", stock(), 1, 5, "rule.twinThickness")));
    }

    /** So many tenons, the gaps between them and two shoulders share the rail alike. */
    Amount oneOfSeveral(int count) {
        return context.givenOr(Brief.TENON_THICKNESS, () -> nearestChisel(
                JointContext.share("amount.partOfRail", stock(), 1, 2 * count + 1, "rule.sideBySide")));
    }

    private Amount nearestChisel(Amount wanted) {
        return new Amount.Nearest(Label.of("amount.tenonThickness"), wanted, context.choices().tools().chisels(),
                Label.of("rule.nearestChisel"));
    }

    /** The widest chisel that leaves a quarter of the rail beside each cheek. */
    private Amount widestChisel() {
        Amount half = JointContext.share("amount.halfOfRail", stock(), 1, 2, "rule.chiselDecides");
        List<Length> fitting = context.choices().tools().between(Length.ZERO, half.value()).chisels();
        return fitting.isEmpty()
                ? third()
                : new Amount.Nearest(Label.of("amount.tenonThickness"), half, fitting,
                        Label.of("rule.chiselDecides"));
    }

    /** Half of the rail, where the post is at least twice as thick; elsewhere a third. */
    private Amount half() {
        boolean stout = !meeting.referenceExtent().value().isLessThan(stock().value().times(2));
        return stout ? JointContext.share("amount.tenonThickness", stock(), 1, 2, "rule.half") : third();
    }

    private Amount wantedLength() {
        return context.givenOr(Brief.TENON_LENGTH,
                () -> context.choice(HouseRules.LENGTH, "two-thirds").equals("longest")
                        ? longest()
                        : context.snapped(new Amount.Share(Label.of("amount.tenonLength"), meeting.postExtent(), 2, 3,
                                Label.of("rule.twoThirds"))));
    }

    /** To the floor that has to stay, less the room for glue. */
    private Amount longest() {
        Amount floor = JointContext.ruled("amount.floor", context.choices().brief().length(Limits.FLOOR),
                "rule.longest");
        return Amount.sum(Label.of("amount.tenonLength")).plus(meeting.postExtent()).minus(floor).minus(glueRoom())
                .amount();
    }

    /** The stub at the end of a glazing bar: as thin as the thinnest tool, and 6 long. */
    Tenon bar() {
        Amount length = context.givenOr(Brief.TENON_LENGTH,
                () -> JointContext.ruled("amount.tenonLength",
                        context.rule(Length.ofMillimetres(6), Length.ofInches(1, 4)), "rule.bar"));
        Tenon plain = tenon();
        Amount thin = context.givenOr(Brief.TENON_THICKNESS, () -> new Amount.Nearest(
                Label.of("amount.tenonThickness"),
                JointContext.ruled("amount.thinnest", Length.ZERO, "rule.thinnestTool"),
                context.choices().tools().chisels(), Label.of("rule.thinnestTool")));
        return new Tenon(meeting, stock(), thin, plain.width(), length, depth(length), centred(thin),
                plain.edgeShoulder(),
                Optional.empty(), Tenon.Line.RAIL, ends(), List.of());
    }

    /** The mortise that goes with a tenon of this length. */
    Amount depth(Amount length) {
        return context.givenOr(Brief.MORTISE_DEPTH,
                () -> Amount.sum(Label.of("amount.mortiseDepth")).plus(length).plus(glueRoom()).amount());
    }

    private Amount glueRoom() {
        return new Amount.Ruled(Label.of("amount.glueRoom"),
                context.rule(Length.ofMicrometres(1_500), Length.ofInches(1, 16)), Label.of("rule.glueRoom"));
    }

    Amount edgeShoulder() {
        Amount sixth = new Amount.Share(Label.of("amount.sixthOfWidth"), meeting.tenonPiece().width(), 1, 6, SIXTH);
        Amount least = new Amount.Ruled(Label.of("amount.leastEdgeShoulder"),
                context.rule(Length.ofMillimetres(6), Length.ofInches(1, 4)), SIXTH);
        Amount most = new Amount.Ruled(Label.of("amount.mostEdgeShoulder"),
                context.rule(Length.ofMillimetres(12), Length.ofInches(1, 2)), SIXTH);
        Amount capped = new Amount.Least(Label.of("amount.sixthCapped"), List.of(sixth, most), SIXTH);
        return context.snapped(new Amount.Greatest(Label.of("amount.edgeShoulder"), List.of(least, capped), SIXTH));
    }

    /** What there is of the rail's thickness at this end: less than all of it where its face is worked to a curve. */
    private Amount stock() {
        return context.givenOr(END_THICKNESS, () -> Amount.sum(Label.of("amount.endThickness"))
                .plus(meeting.tenonPiece().thickness()).amount());
    }

    /** Centred in the rail's thickness, or in what there is of it at this end, behind what was worked away. */
    private Amount centred(Amount thickness) {
        if (context.given(FACE).isPresent()) {
            return context.given(FACE).orElseThrow();
        }
        Amount both = Amount.sum(Label.of("amount.bothFaceShoulders")).plus(stock()).minus(thickness).amount();
        Amount half = new Amount.Share(Label.of("amount.faceShoulder"), both, 1, 2, Label.of("rule.centred"));
        return context.given(END_THICKNESS).<Amount>map(stock -> Amount.sum(Label.of("amount.faceShoulder"))
                .plus(meeting.tenonPiece().thickness()).minus(stock).plus(half).amount()).orElse(half);
    }
}
