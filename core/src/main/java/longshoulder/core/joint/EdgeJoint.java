package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * Two boards glued along their grain, edge to edge or layer on layer: long grain to long grain holds by glue alone; a loose tongue
 * in a groove of each keeps them level while they are glued.
 *
 * @param tongued whether there is a tongue
 * @param thickness of the tongue
 * @param depth of each groove; the tongue is a little less wide than both are deep
 */
public record EdgeJoint(Meeting meeting, boolean tongued, Amount thickness, Amount depth) implements Joint {

    static final JointType TYPE = new JointType(List.of(JointParameters.choice("edge.form", "plain", "tongued"),
            JointParameters.measure("tongue.thickness"), JointParameters.measure("groove.depth")), EdgeJoint::make,
            EdgeJoint::argue);

    /** How thick a slice of both boards is looked at, in millimetres. */
    private static final double SLICE = 0.5;

    private static final Length ROOM = Length.ofMillimetres(1);

    static Joint make(JointContext context) {
        Amount board = context.meeting().tenonPiece().thickness();
        return new EdgeJoint(context.meeting(), context.choice("edge.form", "plain").equals("tongued"),
                context.givenOr("tongue.thickness",
                        () -> JointContext.share("amount.tongueThickness", board, 1, 3, "rule.tongueThird")),
                context.givenOr("groove.depth", () -> usualDepth(context.meeting())));
    }

    /** A third of the thinnest: of two boards edge to edge it is their thickness, of a layer what it is thick where it lies on. */
    private static Amount usualDepth(Meeting meeting) {
        return new Amount.Least(Label.of("amount.edgeGroove"),
                Stream.of(meeting.tenonPiece().thickness(), meeting.tenonPiece().width(), meeting.postExtent())
                        .map(size -> JointContext.share("amount.edgeGroove", size, 1, 3, "rule.tongueThird")).toList(),
                Label.of("rule.tongueThird"));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.edge", evaluation.meeting().mortisePiece().id());
    }

    @Override
    public JointKind kind() {
        return JointKind.EDGE_JOINT;
    }

    @Override
    public Amount addedLength() {
        return JointContext.ruled("amount.noAddition", Length.ZERO, "rule.edge");
    }

    @Override
    public Solid adds() {
        return Solid.NOTHING;
    }

    /** A tongue is seen at the ends of the boards. */
    @Override
    public boolean isOpen() {
        return true;
    }

    @Override
    public Solid removes() {
        return tongued ? beside(mm(depth), mm(thickness)).intersection(meeting.mortisePiece().body()) : Solid.NOTHING;
    }

    @Override
    public Solid removesFromRail() {
        return tongued ? beside(mm(depth), mm(thickness)).intersection(meeting.tenonPiece().body()) : Solid.NOTHING;
    }

    @Override
    public Solid loosePart() {
        return tongued
                ? beside(mm(tongueWidth()) / 2, mm(thickness))
                        .intersection(meeting.tenonPiece().body().plus(meeting.mortisePiece().body()))
                : Solid.NOTHING;
    }

    @Override
    public List<LoosePart> parts() {
        return tongued
                ? List.of(new LoosePart(LoosePart.Kind.TONGUE, 1, meeting.tenonPiece().length(), tongueWidth(),
                        thickness))
                : List.of();
    }

    /** A thin slice on both sides of where the boards touch. */
    @Override
    public Solid site() {
        return beside(SLICE, mm(meeting.tenonPiece().thickness()));
    }

    private Amount tongueWidth() {
        return Amount.sum(Label.of("amount.tongueWidth")).plus(2, depth)
                .minus(JointContext.ruled("amount.glueRoom", ROOM, "rule.glueRoom")).amount();
    }

    /** As long as the rail, so far to both sides of its edge, in the middle of its thickness; in millimetres. */
    private Solid beside(double reach, double thick) {
        Piece rail = meeting.tenonPiece();
        double edge = meeting.part() == Meeting.Part.FACE_EDGE ? 0 : mm(rail.width());
        double middle = mm(rail.thickness()) / 2;
        return Solid.of(Cell.box(rail.pose(), 0, edge - reach, middle - thick / 2, mm(rail.length()), edge + reach,
                middle + thick / 2));
    }

    /** A tongue too thick for its boards, or too deep. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        if (!tongued) {
            return List.of();
        }
        Length board = meeting.tenonPiece().thickness().value();
        return new Faults(this).deep("groove.depth", depth, inspection)
                .above("tongue-thick", "tongue.thickness", thickness,
                        inspection.brief().ratio(Limits.THICKEST).of(board), board)
                .list();
    }

    @Override
    public void draw(Sketch sketch) {
        if (tongued) {
            sketch.depth(Side.BELOW, depth, 0, mm(depth), mm(thickness) / 2)
                    .thicknessInPlan(thickness, -mm(thickness) / 2, mm(thickness) / 2, mm(depth));
        }
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        if (tongued) {
            figures.put("tongue.thickness", thickness);
            figures.put("tongue.width", tongueWidth());
            figures.put("groove.depth", depth);
        }
        return figures;
    }
}
