package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Meeting.PostFace;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The side of a panel, dry in a groove: the groove is as wide as the panel is thick, and deeper than the panel stands in it by
 * the room in which the panel moves. A rebate is open to the back instead, so that glass can be laid in. It ends where
 * the panel's place ends, or at the shoulders of the piece in which it is, or runs on through the whole of it.
 *
 * @param stands how deep the panel stands in it
 * @param room between the panel's side and the floor of the groove
 * @param rebate whether it is open to the back of the piece
 */
public record Groove(Meeting meeting, Amount stands, Amount room, Run run, boolean rebate) implements Joint {

    /** Whether it is closed, or open to the back. */
    public static final String FORM = "groove.form";
    public static final String REBATE = "rebate";

    static final JointType TYPE = new JointType(List.of(JointParameters.measure("groove.room"),
            JointParameters.choice("groove.run", "panel", "shoulders", "through"),
            JointParameters.choice(FORM, "groove", REBATE)),
            Groove::make, Groove::argue);

    /** A groove that ends with its panel runs on by so much at each end, in millimetres. */
    private static final double RUN_OUT = 1;

    /** Where there is no cheek, a panel of one part in so many is offered: its cheeks are then as stout as it is. */
    private static final int CHEEKS = 3;

    /** How far a groove runs. */
    public enum Run {
        PANEL, SHOULDERS, THROUGH
    }

    static Joint make(JointContext context) {
        Amount stands = JointContext.ruled("amount.panelStands", Length.fromMillimetres(depthOf(context.meeting())),
                "rule.measured");
        Amount room = context.givenOr("groove.room",
                () -> JointContext.ruled("amount.grooveRoom",
                        context.rule(Length.ofMillimetres(1), Length.ofInches(1, 16)), "rule.grooveRoom"));
        return new Groove(context.meeting(), stands, room,
                Run.valueOf(context.choice("groove.run", "panel").toUpperCase(Locale.ROOT)),
                context.choice(FORM, "groove").equals(REBATE));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.groove", evaluation.meeting().tenonPiece().id());
    }

    /** How deep the side of a panel lies inside the face that it looks at, in millimetres. */
    static double depthOf(Meeting meeting) {
        return meeting.shoulder().offset() + meeting.surface().offset();
    }

    @Override
    public JointKind kind() {
        return JointKind.GROOVE;
    }

    @Override
    public String type() {
        return rebate ? REBATE : kind().id();
    }

    @Override
    public boolean isOpen() {
        return rebate || run == Run.THROUGH;
    }

    @Override
    public Amount addedLength() {
        return JointContext.ruled("amount.noAddition", Length.ZERO, "rule.groove");
    }

    @Override
    public Solid adds() {
        return Solid.NOTHING;
    }

    /** What lies between the panel's two faces, from the floor of the groove out past the post's face. */
    @Override
    public Solid removes() {
        Piece panel = meeting.tenonPiece();
        Piece post = meeting.mortisePiece();
        Pose pose = panel.pose();
        double back = rebate ? -mm(post.width()) - mm(post.thickness()) : 0;
        double beyond = run == Run.THROUGH ? 2 * mm(post.length()) : RUN_OUT;
        double length = mm(panel.length());
        double width = mm(panel.width());
        boolean atEnd = meeting.part().isEnd();
        Optional<Cell> slab = Cell.box(pose, atEnd ? -mm(room) : -beyond, atEnd ? -beyond : -mm(room),
                back,
                length + (atEnd ? mm(room) : beyond), width + (atEnd ? beyond : mm(room)),
                mm(panel.thickness()));
        HalfSpace floor = meeting.surface().moved(-depthOf(meeting) - mm(room)).complement();
        Optional<Cell> groove = slab.flatMap(cell -> cell.clip(floor));
        // Not the ends: a plough, and the corner of a panel, run on into the tenons.
        for (PostFace face : PostFace.values()) {
            groove = groove.flatMap(cell -> cell.clip(face.surface(post)));
        }
        return run == Run.SHOULDERS
                ? Solid.of(groove).clip(post.shape().start()).clip(post.shape().finish())
                : Solid.of(groove);
    }

    /** How deep the groove is cut; of a rebate how wide, since it is seen from the back. */
    public Amount depth() {
        return Amount.sum(Label.of(rebate ? "amount.rebateWidth" : "amount.grooveDepth")).plus(stands).plus(room)
                .amount();
    }

    /** From a long face of its piece, that which looks as the panel's face side does, to the groove; nothing where they lean to each other. */
    private Optional<Amount> fromFace() {
        Pose panel = meeting.tenonPiece().pose();
        HalfSpace face = meeting.reference().surface(meeting.mortisePiece());
        double from = -face.distance(panel.toWorld(0, 0, mm(meeting.tenonPiece().thickness())));
        return Tolerance.isParallel(face.normal(), panel.out()) && from > Tolerance.LENGTH
                ? Optional.of(new Amount.Ruled(
                        Label.of("amount.grooveFrom", Label.of("face." + meeting.reference().name())),
                        Length.fromMillimetres(from), Label.of("rule.measured")))
                : Optional.empty();
    }

    /** How deep a rebate is from the back of its piece: room for the glass and what holds it. */
    public Length fromBack() {
        return meeting.referenceExtent().value()
                .minus(Length.fromMillimetres(cheek(removes(), meeting.reference())));
    }

    /** How high a bead is that holds glass in a rebate. */
    public static Length bead(Brief brief) {
        return brief.isInInches() ? Length.ofInches(3, 16) : Length.ofMillimetres(4);
    }

    /** A groove that comes through its piece, or that leaves it no cheek. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        List<Fault> faults = new ArrayList<>();
        Length least = inspection.brief().length(Limits.FLOOR);
        Length left = meeting.postExtent().value().minus(depth().value());
        if (left.isLessThan(least)) {
            faults.add(throughFault(left, least));
        }
        if (cheek(inspection.whole().removes()) < Tolerance.LENGTH) {
            faults.add(cheekFault());
        }
        return faults;
    }

    private Fault throughFault(Length left, Length least) {
        Length depth = depth().value();
        return Fault.inPost(this, "groove-through", Level.STOP,
                Label.of("finding.grooveThrough", id(), depth, left, least),
                new Mend.Size("groove.depth", depth.minus(least.minus(left))));
    }

    private Fault cheekFault() {
        Amount panel = meeting.tenonPiece().thickness();
        Length stock = meeting.referenceExtent().value();
        return Fault.inPost(this, "groove-no-cheek", Level.STOP,
                Label.of("finding.grooveNoCheek", id(), panel.value(), stock),
                new Mend.Change(panel, stock.times(1, CHEEKS).minus(panel.value())),
                new Mend.Change(meeting.referenceExtent(), panel.value().times(CHEEKS).minus(stock)));
    }

    /** How thin the wood beside the groove is: on both sides of a panel some has to stand; a rebate has a lip on one side only. */
    private double cheek(Solid cut) {
        double front = cheek(cut, meeting.reference());
        return rebate ? front : Math.min(front, cheek(cut, meeting.reference().opposite()));
    }

    /** How much wood stands between the groove and a face of its piece, in millimetres. */
    private double cheek(Solid cut, PostFace face) {
        HalfSpace surface = face.surface(meeting.mortisePiece());
        double farthest = Double.NEGATIVE_INFINITY;
        for (Cell cell : cut.cells()) {
            for (Vector3D corner : cell.corners()) {
                farthest = Math.max(farthest, surface.distance(corner));
            }
        }
        return cut.isNothing() ? 0 : -farthest;
    }

    /** A rebate reaches past the back of the panel, so its width is not that of the panel and is not shown. */
    @Override
    public void draw(Sketch sketch) {
        double deep = mm(depth());
        double thick = mm(meeting.tenonPiece().thickness());
        sketch.depth(Side.BELOW, depth(), -deep / 2, deep / 2, thick / 2);
        if (!rebate) {
            sketch.thicknessInPlan(meeting.tenonPiece().thickness(), -thick / 2, thick / 2, deep / 2);
        }
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        if (rebate) {
            figures.put("rebate.width", depth());
            figures.put("rebate.room", Amount.sum(Label.of("amount.rebateRoom")).plus(room).amount());
        } else {
            figures.put("groove.width", meeting.tenonPiece().thickness());
            figures.put("groove.depth", depth());
            figures.put("groove.room", room);
            fromFace().ifPresent(from -> figures.put("groove.from-face", from));
        }
        return figures;
    }
}
