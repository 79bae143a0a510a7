package longshoulder.desktop.sheet;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Patch;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A drawing at a place on the sheet.
 *
 * @param caption key of its caption
 * @param scale pixels per millimetre
 * @param x where the picture's origin lies on the sheet, in pixels
 * @param y the same, downwards
 */
record PlacedView(View view, String caption, Projection drawing, double scale, double x, double y) {

    /**
     * A place of which nothing is drawn yet.
     *
     * @param extent of what will be
     */
    static PlacedView blank(View view, String caption, Extent extent, double scale, double x, double y) {
        return new PlacedView(view, caption, new Projection(List.of(), List.of(), extent), scale, x, y);
    }

    /** The same with something drawn there. */
    PlacedView drawn(Projection other) {
        return new PlacedView(view, caption, other, scale, x, y);
    }

    boolean isPictorial() {
        return caption.equals("view.pictorial");
    }

    double sheetX(Vector2D point) {
        return x + scale * point.getX();
    }

    double sheetY(Vector2D point) {
        return y - scale * point.getY();
    }

    /** Where a point of the world lies on the sheet. */
    Vector2D onSheet(Vector3D point) {
        Vector2D flat = view.flat(point);
        return Vector2D.of(sheetX(flat), sheetY(flat));
    }

    /** The box round the drawing, on the sheet. */
    Rectangle2D box() {
        Extent extent = drawing.extent();
        return new Rectangle2D(x + scale * extent.left(), y - scale * extent.high(), scale * extent.width(),
                scale * extent.height());
    }

    /** The same with the lines of its figures. */
    Rectangle2D boxWith(List<DimensionLine> lines) {
        Rectangle2D box = box();
        for (DimensionLine line : lines) {
            box = both(box, line.box());
        }
        return box;
    }

    private static Rectangle2D both(Rectangle2D one, Rectangle2D other) {
        double left = Math.min(one.getMinX(), other.getMinX());
        double top = Math.min(one.getMinY(), other.getMinY());
        return new Rectangle2D(left, top, Math.max(one.getMaxX(), other.getMaxX()) - left,
                Math.max(one.getMaxY(), other.getMaxY()) - top);
    }

    /** The piece that is seen at a place on the sheet. */
    Optional<String> pieceAt(double sheetX, double sheetY) {
        Vector2D point = Vector2D.of((sheetX - x) / scale, (y - sheetY) / scale);
        List<Patch> patches = drawing.patches();
        for (int i = patches.size() - 1; i >= 0; i--) {
            if (contains(patches.get(i).corners(), point)) {
                return Optional.of(patches.get(i).piece());
            }
        }
        return Optional.empty();
    }

    private static boolean contains(List<Vector2D> corners, Vector2D point) {
        boolean left = false;
        boolean right = false;
        for (int i = 0; i < corners.size(); i++) {
            Vector2D from = corners.get(i);
            Vector2D to = corners.get((i + 1) % corners.size());
            double side = to.subtract(from).signedArea(point.subtract(from));
            left |= side > 0;
            right |= side < 0;
        }
        return left != right;
    }
}
