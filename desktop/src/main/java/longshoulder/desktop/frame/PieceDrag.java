package longshoulder.desktop.frame;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Rectangle2D;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.PlacedView;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.desktop.paint.Pixels;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A piece being dragged in one of the flat views: along the axis in which the mouse went farther, to where one of its faces comes in line
 * with one of another piece, else by round steps.
 */
final class PieceDrag {

    /** In pixels: less is a click; and so near a face draws the piece into line. */
    private static final double LEAST = 5;
    private static final double REACH = 6;
    private static final double STEP = 5;
    private static final double STEP_INCHES = 25.4 / 8;

    private final PlacedView view;
    private final Piece piece;
    private final List<Bounds> others = new ArrayList<>();
    private final double startX;
    private final double startY;
    private final double step;
    /** Pixels to a millimetre of the piece. */
    private final double scale;
    private Vector3D by = Vector3D.ZERO;

    PieceDrag(Plan plan, PlacedView view, String piece, double startX, double startY) {
        this.view = view;
        scale = Pixels.of(view.placement().scale());
        this.piece = plan.piece(piece).piece();
        this.startX = startX;
        this.startY = startY;
        step = plan.project().showing().isInches() ? STEP_INCHES : STEP;
        plan.pieces().stream().filter(other -> !other.id().equals(piece)).map(PlannedPiece::piece)
                .forEach(other -> others.add(other.body().bounds()));
    }

    /** The mouse is there now. */
    void to(double x, double y) {
        double right = x - startX;
        double up = startY - y;
        if (Math.hypot(right, up) < LEAST) {
            by = Vector3D.ZERO;
            return;
        }
        boolean level = Math.abs(right) >= Math.abs(up);
        Vector3D axis = level ? view.view().right() : view.view().up();
        double wanted = (level ? right : up) / scale;
        by = axis.multiply(snapped(axis, wanted));
    }

    private double snapped(Vector3D axis, double wanted) {
        double[] own = along(piece.body().bounds(), axis);
        double best = Math.rint(wanted / step) * step;
        double nearest = REACH / scale;
        for (Bounds other : others) {
            for (double theirs : along(other, axis)) {
                for (double mine : own) {
                    double move = theirs - mine;
                    if (Math.abs(move - wanted) < nearest) {
                        nearest = Math.abs(move - wanted);
                        best = move;
                    }
                }
            }
        }
        return best;
    }

    /** Where a box begins and ends along an axis of the world. */
    private static double[] along(Bounds box, Vector3D axis) {
        return new double[]{box.least().dot(axis), box.greatest().dot(axis)};
    }

    boolean isMoving() {
        return by.norm() > 1e-9;
    }

    Alteration move() {
        return new Alteration.Move(piece.id(), Length.fromMillimetres(by.getX()), Length.fromMillimetres(by.getY()),
                Length.fromMillimetres(by.getZ()));
    }

    /** The box of the piece where it would come to lie, on the sheet. */
    Rectangle2D box() {
        Bounds box = piece.body().bounds();
        Vector2D low = view.onPage(box.least().add(by));
        Vector2D high = view.onPage(box.greatest().add(by));
        return Pixels.of(new Area(Math.min(low.getX(), high.getX()), Math.min(low.getY(), high.getY()),
                Math.abs(high.getX() - low.getX()), Math.abs(high.getY() - low.getY())));
    }

    /** How far it goes, in millimetres. */
    double distance() {
        return by.norm();
    }
}
