package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.measure.Ratio;
import longshoulder.core.brief.Limits;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import longshoulder.core.wood.Species;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A tenoned joint held by pegs through post and tenon. Drawbored, the hole in the tenon lies nearer to the shoulder by an
 * offset, so that the peg pulls the shoulder tight.
 *
 * @param joint that the pegs hold
 * @param diameter of a peg: as thick as the tenon, but at most a third of its width
 * @param fromShoulder from the shoulder to the middle of the hole in the post: two diameters, so that its edge holds
 * @param offset how much nearer to the shoulder the hole in the tenon lies; nothing where it is not drawbored
 * @param places middles of the pegs across the rail's width, in millimetres from its face edge
 */
public record Pegged(Joint joint, Amount diameter, Amount fromShoulder, Amount offset,
        List<Double> places) implements Wrapped {

    static final List<Parameter> PARAMETERS = List.of(JointParameters.choice("peg", "none", "pegged", "drawbored"),
            JointParameters.choice("peg.count", "by-width", "one", "two"), JointParameters.measure("peg.diameter"),
            JointParameters.measure("peg.from-shoulder"), new Parameter.Measure("drawbore.offset", Optional.empty(),
                    Optional.empty(), Length.ofMillimetres(-20), Length.ofMillimetres(20)));

    /** One peg holds a tenon up to this width; a wider one takes two. */
    private static final Length ONE_PEG = Length.ofMillimetres(60);

    /** What is left to saw off a peg once it is driven. */
    private static final Length POINT = Length.ofMillimetres(15);

    private static final Length SMALL = Length.ofMillimetres(10);

    public Pegged {
        places = List.copyOf(places);
    }

    /** The joint with the pegs that were chosen for it, if any. */
    static Joint wrap(JointContext context, Joint joint) {
        String way = context.choice("peg", "none");
        if (way.equals("none") || joint.tenons().isEmpty()) {
            return joint;
        }
        Tenon tenon = joint.tenons().getFirst();
        Amount third = JointContext.share("amount.thirdOfTenon", tenon.width(), 1, 3, "rule.peg");
        Amount diameter = context.givenOr("peg.diameter", () -> new Amount.Least(Label.of("amount.pegDiameter"),
                List.of(tenon.thickness(), third), Label.of("rule.peg")));
        Amount fromShoulder = context.givenOr("peg.from-shoulder",
                () -> JointContext.share("amount.pegFromShoulder", diameter, 2, 1, "rule.pegEdge"));
        Amount offset = way.equals("drawbored")
                ? context.givenOr("drawbore.offset", () -> usualOffset(context, diameter))
                : JointContext.ruled("amount.drawbore", Length.ZERO, "rule.notDrawbored");
        return new Pegged(joint, diameter, fromShoulder, offset, places(context, joint));
    }

    /** From 1 (hard wood, small peg) to 2 (soft wood, large peg). */
    private static Amount usualOffset(JointContext context, Amount diameter) {
        boolean soft = context.choices().species(context.meeting().tenonPiece().role().id())
                .filter(Species::isSoft).isPresent();
        boolean large = diameter.value().isGreaterThan(SMALL);
        int halves = (soft ? 1 : 0) + (large ? 1 : 0);
        return JointContext.ruled("amount.drawbore",
                context.rule(Length.ofMicrometres(1_000 + 500 * halves), Length.ofInches(3 + halves, 64)),
                "rule.drawbore");
    }

    private static List<Double> places(JointContext context, Joint joint) {
        String count = context.choice("peg.count", "by-width");
        List<Double> places = new ArrayList<>();
        for (Tenon tenon : joint.tenons()) {
            double from = mm(tenon.edgeShoulder());
            double width = mm(tenon.width());
            boolean two = count.equals("two") || count.equals("by-width")
                    && tenon.width().value().isGreaterThan(ONE_PEG);
            for (double share : two ? new double[]{0.25, 0.75} : new double[]{0.5}) {
                double place = from + share * width;
                if (!places.contains(place)) {
                    places.add(place);
                }
            }
        }
        return places;
    }

    /** A hole right through the post, so far from the shoulder. */
    private Solid hole(double run, double place) {
        Pose rail = meeting().tenonPiece().pose();
        double beyond = 3 * (mm(meeting().postExtent()) + mm(meeting().referenceExtent()));
        RailEnd end = new RailEnd(meeting());
        return end.round(end.pointBeyond(run, place, beyond), rail.out().negate(), 2 * beyond, mm(diameter) / 2);
    }

    private Solid holes(double run) {
        return new Solid(places.stream().flatMap(place -> hole(run, place).cells().stream()).toList());
    }

    @Override
    public List<Solid> bores() {
        List<Solid> bores = new ArrayList<>(joint.bores());
        bores.add(boring());
        return bores;
    }

    /** Its holes in the tenon, nearer to the shoulder than those in the post where it is drawbored. */
    private Solid boring() {
        return holes(mm(fromShoulder) - mm(offset));
    }

    @Override
    public Solid removes() {
        return joint.removes().plus(holes(mm(fromShoulder)));
    }

    /** The pegs, flush with both faces of the post and pressed into shape where the holes do not meet. */
    @Override
    public Solid loosePart() {
        Solid pegs = holes(mm(fromShoulder));
        Shape post = meeting().mortisePiece().shape();
        for (HalfSpace face : List.of(post.faceSide(), post.back(), post.faceEdge(), post.farEdge())) {
            pegs = pegs.clip(face);
        }
        Solid inTenon = pegs.intersection(boring()).intersection(joint.adds());
        return joint.loosePart().plus(pegs.minus(joint.adds())).plus(inTenon);
    }

    @Override
    public Vector3D looseWay() {
        return joint.loosePart().isNothing() ? meeting().tenonPiece().pose().out().multiply(2) : joint.looseWay();
    }

    /** So long that the point that is driven first can be sawn off. */
    @Override
    public List<LoosePart> parts() {
        Pose post = meeting().mortisePiece().pose();
        Vector3D.Unit way = meeting().tenonPiece().pose().out();
        boolean acrossWidth = Math.abs(way.dot(post.across())) > Math.abs(way.dot(post.out()));
        Amount through = acrossWidth ? meeting().mortisePiece().width() : meeting().mortisePiece().thickness();
        return Stream.concat(joint.parts().stream(), Stream.of(new LoosePart(LoosePart.Kind.PEG, places.size(),
                LoosePart.more("amount.pegLength", through, POINT), diameter, diameter))).toList();
    }

    @Override
    public String looseParts() {
        return joint.loosePart().isNothing() ? "pegs" : joint.looseParts() + "-and-pegs";
    }

    @Override
    public Optional<Pegged> pegged() {
        return Optional.of(this);
    }

    @Override
    public Optional<String> heldBy() {
        return Optional.of("peg");
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new Pegged(joint.fitted(fit), diameter, fromShoulder, offset, places);
    }

    /** Drawbored the wrong way or too far, pegs too thick for their tenon or too near an edge, besides those of the joint inside. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        List<Fault> faults = new ArrayList<>(joint.faults(inspection));
        offsetFault(inspection.brief().length(Limits.DRAWBORE)).ifPresent(faults::add);
        thicknessFault(inspection.brief().ratio(Limits.PEG)).ifPresent(faults::add);
        edgeFault(inspection.brief().ratio(Limits.PEG_EDGE)).ifPresent(faults::add);
        return faults;
    }

    private Optional<Fault> offsetFault(Length most) {
        Length by = offset.value();
        if (by.isNegative()) {
            return Optional.of(Fault.inPost(this, "drawbore-wrong-way", Level.STOP,
                    Label.of("finding.drawboreWrongWay", id(), by.negated()),
                    Mend.set(this, "drawbore.offset", Length.least(by.negated(), most))));
        }
        return Optional.of(Fault.inPost(this, "drawbore-large", Level.RISK,
                Label.of("finding.drawboreLarge", id(), by, most), Mend.set(this, "drawbore.offset", most)))
                .filter(_ -> by.isGreaterThan(most));
    }

    private Optional<Fault> thicknessFault(Ratio share) {
        Length most = share.of(tenons().getFirst().width().value());
        return Optional.of(Fault.inPost(this, "peg-thick", Level.RISK,
                Label.of("finding.pegThick", id(), diameter.value(), most), Mend.set(this, "peg.diameter", most)))
                .filter(_ -> diameter.value().isGreaterThan(most));
    }

    /** In the post the edge is its face; in the tenon it is the tip. */
    private Optional<Fault> edgeFault(Ratio diameters) {
        Length least = diameters.of(diameter.value());
        Length atFace = fromShoulder.value();
        if (atFace.isLessThan(least)) {
            return Optional.of(Fault.inPost(this, "peg-near-edge", Level.RISK,
                    Label.of("finding.pegNearFace", id(), atFace, least), Mend.set(this, "peg.from-shoulder", least)));
        }
        Length tenon = tenons().getFirst().shortCheek();
        Length atTip = tenon.minus(atFace).plus(offset.value());
        if (atTip.isLessThan(least)) {
            Length thinner = diameters.whole(tenon).times(1, 2);
            return Optional.of(Fault.inPost(this, "peg-near-edge", Level.RISK,
                    atTip.isPositive()
                            ? Label.of("finding.pegNearTip", id(), atTip, least)
                            : Label.of("finding.pegBeyondTip", id(), least),
                    new Mend.Give(Label.of("remedy.pegThinner", id(), thinner),
                            Map.of("peg.diameter", new Value.Measured(thinner), "peg.from-shoulder",
                                    new Value.Measured(diameters.of(thinner))))));
        }
        return Optional.empty();
    }

    @Override
    public void draw(Sketch sketch) {
        joint.draw(sketch);
        double y = places.getFirst();
        double at = mm(fromShoulder);
        sketch.run(Side.ABOVE, fromShoulder, 0, at, y)
                .run(Side.ABOVE, diameter, at - mm(diameter) / 2, at + mm(diameter) / 2, y);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>(joint.figures());
        figures.put("peg.diameter", diameter);
        figures.put("peg.from-shoulder", fromShoulder);
        figures.put("drawbore.offset", offset);
        return figures;
    }
}
