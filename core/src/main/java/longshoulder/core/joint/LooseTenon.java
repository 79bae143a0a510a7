package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Both pieces are mortised, and a tenon of its own joins them: as long as both mortises are deep, less the room for glue,
 * which is left half at each end. Both mortises are square to the shoulder, also where that leans. Its edges are rounded to half
 * its thickness, as a cutter leaves the mortises. It is tight in the end grain of the rail; the mortise in the post is longer than
 * it is wide, so that the rail can be set right, unless the tenon must locate it.
 *
 * @param like thickness, width and place, as if it grew on the rail; its depth is that of each mortise
 * @param length of the loose tenon
 * @param easing by how much the mortise in the post is longer than the tenon is wide
 * @param inPost the same with the width and the place of the mortise in the post
 */
public record LooseTenon(Tenon like, Amount length, Amount easing, Tenon inPost) implements Joint {

    /** By how much the mortise in the post is longer than the tenon is wide. */
    public static final String EASING = "mortise.easing";

    static final JointType TYPE = new JointType(List.of(JointParameters.measure("tenon.thickness"),
            JointParameters.measure("mortise.depth"), JointParameters.choice("mortise.fit", "easy", "locating"),
            JointParameters.measure(EASING), JointParameters.choice("mortise.ends", "round", "square"),
            JointParameters.choice(HouseRules.THICKNESS, HouseRules.THICKNESSES)), LooseTenon::make, LooseTenon::argue);

    static Joint make(JointContext context) {
        Amount depth = context.givenOr(Brief.MORTISE_DEPTH,
                () -> context.snapped(JointContext.share("amount.mortiseDepth", context.meeting().postExtent(), 1, 2,
                        "rule.looseDepth")));
        Amount length = Amount.sum(Label.of("amount.looseLength")).plus(depth).plus(depth)
                .minus(JointContext.ruled("amount.glueRoom",
                        context.rule(Length.ofMicrometres(1_500), Length.ofInches(1, 16)),
                        "rule.glueRoom"))
                .amount();
        Tenon.Ends ends = context.choice("mortise.ends", "round").equals("round")
                ? Tenon.Ends.ROUND
                : Tenon.Ends.SQUARE;
        Tenon like = new TenonRules(context).tenon().ending(ends).runs(depth, depth).squareToPost();
        Amount easing = context.choice("mortise.fit", "easy").equals("locating")
                ? JointContext.ruled("amount.easing", Length.ZERO, "rule.locating")
                : context.givenOr(EASING, () -> JointContext.ruled("amount.easing",
                        context.rule(Length.ofMillimetres(2), Length.ofInches(1, 16)), "rule.easing"));
        return new LooseTenon(like, length, easing, eased(like, easing));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.loose.rail", evaluation.meeting().tenonPiece().length().value());
        evaluation.objectToWidth();
        evaluation.object("reason.loose.end");
    }

    private static Tenon eased(Tenon like, Amount easing) {
        Amount width = Amount.sum(Label.of("amount.mortiseWidth")).plus(like.width()).plus(easing).amount();
        Amount from = Amount.sum(Label.of("amount.edgeShoulder")).plus(like.edgeShoulder())
                .minus(JointContext.share("amount.easingEach", easing, 1, 2, "rule.easingEach")).amount();
        return like.at(from, width, like.faceShoulder());
    }

    @Override
    public JointKind kind() {
        return JointKind.LOOSE_TENON;
    }

    @Override
    public Meeting meeting() {
        return like.meeting();
    }

    /** Where the shoulder leans, both mortises stay square to it. */
    @Override
    public Vector3D.Unit homeward() {
        return meeting().surface().normal().negate();
    }

    @Override
    public Amount addedLength() {
        return JointContext.ruled("amount.nothingAdded", Length.ZERO, "rule.loose");
    }

    @Override
    public Solid adds() {
        return Solid.NOTHING;
    }

    @Override
    public Solid removes() {
        return inPost.removes();
    }

    @Override
    public Solid removesFromRail() {
        RailEnd end = new RailEnd(meeting());
        return meeting().isSquare()
                ? end.intoRail(mm(like.depth()), like.section())
                : end.squareToPost(meeting().shoulder(), -mm(like.depth()), 0, like.section());
    }

    @Override
    public List<Tenon> mortised() {
        return List.of(like);
    }

    @Override
    public Solid loosePart() {
        double half = mm(length) / 2;
        RailEnd end = new RailEnd(meeting());
        if (!meeting().isSquare()) {
            return end.squareToPost(meeting().shoulder(), -half, half, like.section());
        }
        return end.intoRail(half, like.section()).plus(end.beyondShoulder(half, like.section()));
    }

    @Override
    public List<LoosePart> parts() {
        return List.of(new LoosePart(LoosePart.Kind.LOOSE_TENON, 1, length, like.width(), like.thickness()));
    }

    /** Mortises so deep that those of both ends of the rail meet, or nearly. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length rail = meeting().tenonPiece().length().value();
        return new Faults(this)
                .above("mortise-long", Brief.MORTISE_DEPTH, like.depth(),
                        inspection.brief().ratio(Limits.END_MORTISE).of(rail),
                        rail.times(1, 2))
                .list();
    }

    @Override
    public void draw(Sketch sketch) {
        Section s = like.section();
        double half = mm(length) / 2;
        sketch.run(Side.BELOW, length, -half, half, s.y1())
                .width(inPost.width(), inPost.section().y0(), inPost.section().y1(), mm(like.depth()))
                .depth(Side.BELOW, like.depth(), 0, mm(like.depth()), s.z0())
                .thickness(like.thickness(), s.z0(), s.z1(), s.y1());
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put(Brief.TENON_THICKNESS, like.thickness());
        figures.put("tenon.width", like.width());
        figures.put("loose.length", length);
        figures.put(EASING, easing);
        figures.put("mortise.width", inPost.width());
        figures.put(Brief.MORTISE_DEPTH, like.depth());
        figures.put("near-cheek", like.cheekFromReference());
        figures.put("mortise-from-end", inPost.mortiseFromEnd());
        return figures;
    }
}
