package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

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
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A tail that widens into the post on both cheeks and tapers along its entry, so that it runs freely and tightens in the
 * last stroke: for show. All its offsets are shares of the rail's section unless given.
 *
 * @param length of the tail beyond the shoulder
 * @param root its thickness at the shoulder, at the rail's face edge
 * @param taper how much each cheek comes in from the face edge to the far edge, which enters first
 * @param slope growth of each cheek for each unit of length
 */
public record TaperedDovetail(Meeting meeting, Amount length, Amount root, Amount taper,
        double slope) implements Joint {

    static final JointType TYPE = new JointType(
            List.of(JointParameters.measure("tail.length"), JointParameters.measure("tail.root"),
                    JointParameters.measure("tail.taper"), JointParameters.choice("tail.slope", Slope.NAMES)),
            TaperedDovetail::make,
            TaperedDovetail::argue);

    static Joint make(JointContext context) {
        Piece rail = context.meeting().tenonPiece();
        Amount length = context.givenOr("tail.length",
                () -> JointContext.share("amount.tailLength", context.meeting().postExtent(), 1, 3, "rule.tail"));
        Amount root = context.givenOr("tail.root",
                () -> JointContext.share("amount.tailRoot", rail.thickness(), 1, 2, "rule.tail"));
        Amount taper = context.givenOr("tail.taper",
                () -> JointContext.share("amount.tailTaper", rail.thickness(), 1, 16, "rule.taper"));
        return new TaperedDovetail(context.meeting(), length, root, taper,
                Slope.of(context.choice("tail.slope", "one-in-seven")));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.tapered.show");
        SlidingDovetail.argue(evaluation);
    }

    @Override
    public JointKind kind() {
        return JointKind.TAPERED_DOVETAIL;
    }

    @Override
    public Vector3D.Unit homeward() {
        return meeting.tenonPiece().pose().across();
    }

    @Override
    public Amount addedLength() {
        return length;
    }

    @Override
    public Solid adds() {
        RailEnd end = new RailEnd(meeting);
        return tail(end, end.beyondShoulder(mm(length), 0, end.width(), 0, end.thickness()), meeting.shoulder());
    }

    @Override
    public Solid removes() {
        RailEnd end = new RailEnd(meeting);
        return tail(end, end.intoPost(mm(length), 0, end.width(), 0, end.thickness()), meeting.surface());
    }

    private Solid tail(RailEnd end, Solid block, HalfSpace mouth) {
        double inner = (end.thickness() - mm(root)) / 2;
        double perWidth = mm(taper) / end.width();
        return block.clip(cheek(mouth, inner, perWidth, true))
                .clip(cheek(mouth, end.thickness() - inner, -perWidth, false));
    }

    /** The side of a cheek that starts at z at the face edge and moves by a share of the way across. */
    private HalfSpace cheek(HalfSpace mouth, double z, double perWidth, boolean above) {
        Piece rail = meeting.tenonPiece();
        Vector3D foot = rail.pose().toWorld(rail.pose().run(mouth, 0, z), 0, z);
        Vector3D normal = rail.pose().out().subtract(rail.pose().across().multiply(perWidth))
                .subtract(meeting.inward().multiply(above ? -slope : slope));
        return HalfSpace.through(foot, above ? normal.negate() : normal);
    }

    /** A tail with no shoulders beside it, one too weak at its root, and one that tapers to nothing. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length rail = meeting.tenonPiece().thickness().value();
        return new Faults(this).deep("tail.length", length, inspection)
                .above("tail-thick", "tail.root", root, inspection.brief().ratio(Limits.TAIL).of(rail), rail)
                .below("tail-thin", "tail.root", root, inspection.brief().ratio(Limits.THINNEST).of(rail))
                .above("tail-taper", "tail.taper", taper, inspection.brief().ratio(Limits.TAIL_TAPER).of(root.value()),
                        root.value().times(1, 2))
                .list();
    }

    @Override
    public void draw(Sketch sketch) {
        RailEnd end = new RailEnd(meeting);
        double z = end.thickness() / 2;
        double cheek = z + mm(root) / 2 + slope * mm(length) / 2;
        sketch.depth(Side.BELOW, length, 0, mm(length), z).thicknessInPlan(root, z - mm(root) / 2, z + mm(root) / 2, 0)
                .thickness(taper, cheek - mm(taper), cheek, end.width());
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put("tail.length", length);
        figures.put("tail.root", root);
        figures.put("tail.taper", taper);
        return figures;
    }
}
