package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.joint.Meeting;
import longshoulder.core.plan.EndCut;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A piece between its shoulders: its left shoulder at 0, tenons beyond the shoulders, ends that lean drawn leaning. One whose length
 * disagrees with its span has a heavy line at its right shoulder.
 *
 * @param lit whether it is picked out
 * @param unequal whether its shoulder length disagrees with that of others in its span
 */
public record LengthBar(PlannedPiece piece, boolean lit, boolean unequal) {

    /** How high the piece is drawn, and how far the lines of its shoulders stand out over it and under it, in millimetres of paper. */
    public static final double HEIGHT = 4.2;
    public static final double BEYOND = 2.1;

    private static final double TICK = 0.8;

    /** How far a joint lengthens a piece at an end, in millimetres. */
    public static double tenon(PlannedPiece piece, Meeting.Part end) {
        return piece.jointAt(end).map(joint -> joint.addedLength().value().toMillimetres()).orElse(0.0);
    }

    /** Its marks; y is 0 at the foot of the piece. */
    public List<Mark> marks(double scale) {
        double length = piece.shoulderLength().orElseThrow().value().toMillimetres();
        double height = HEIGHT / scale;
        double left = lean(piece.start());
        double right = lean(piece.finish());
        List<Mark> marks = new ArrayList<>(List.of(
                tenonBox(-tenon(piece, Meeting.Part.START), 0, height),
                tenonBox(length, length + tenon(piece, Meeting.Part.FINISH), height)));
        List<Vector2D> body = List.of(Vector2D.of(Math.max(0, -left), 0),
                Vector2D.of(length - Math.max(0, -right), 0), Vector2D.of(length - Math.max(0, right), height),
                Vector2D.of(Math.max(0, left), height));
        marks.add(new Mark.Face(body, new Tint(lit ? "" : piece.wood(), 0)));
        marks.add(new Mark.Polyline(body, true, Meaning.VISIBLE_EDGE));
        marks.add(upright(0, BEYOND / scale, height, Meaning.KNIFE_LINE));
        marks.add(upright(length, (unequal ? BEYOND : TICK) / scale, height,
                unequal ? Meaning.STOP : Meaning.KNIFE_LINE));
        return marks;
    }

    /** How far the far edge stands out past the face edge, in millimetres; less than nothing where it stays behind. */
    private double lean(EndCut cut) {
        double over = piece.piece().width().value().toMillimetres()
                * Math.tan(Math.toRadians(Math.abs(cut.faceAngle())));
        return cut.edge() == EndCut.LongAt.FAR_EDGE ? over : -over;
    }

    private static Mark upright(double x, double beyond, double height, Meaning meaning) {
        return new Mark.Line(Vector2D.of(x, -beyond), Vector2D.of(x, height + beyond), meaning);
    }

    private static Mark tenonBox(double from, double to, double height) {
        return Mark.Polyline.rectangle(from, height / 4, to, 3 * height / 4, Meaning.DERIVED);
    }
}
