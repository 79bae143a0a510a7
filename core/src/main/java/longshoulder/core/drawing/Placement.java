package longshoulder.core.drawing;

import longshoulder.core.projection.Extent;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Where marks lie on a page. On the piece y runs upwards, on the page downwards from its upper edge.
 *
 * @param scale millimetres of paper to one of the piece, more than nothing
 * @param x where the piece's origin lies on the page, in millimetres of paper
 * @param y the same, downwards
 */
public record Placement(double scale, double x, double y) {

    /** Nothing is drawn smaller. */
    static final double LEAST_SCALE = 1e-4;

    public double x(Vector2D point) {
        return x + scale * point.getX();
    }

    public double y(Vector2D point) {
        return y - scale * point.getY();
    }

    /** Where a point of the piece lies on the page. */
    public Vector2D onPage(Vector2D point) {
        return Vector2D.of(x(point), y(point));
    }

    /** Which point of the piece lies at a place on the page. */
    public Vector2D onPiece(double pageX, double pageY) {
        return Vector2D.of((pageX - x) / scale, (y - pageY) / scale);
    }

    /** What a box round something on the piece covers on the page. */
    public Area area(Extent extent) {
        return new Area(x + scale * extent.left(), y - scale * extent.high(), scale * extent.width(),
                scale * extent.height());
    }

    /** The placement in which an extent lies in the middle of an area, as large as it can. */
    public static Placement fitting(Extent extent, Area area) {
        return inMiddle(extent, area, largestScale(extent.width(), extent.height(), area.width(), area.height()));
    }

    /**
     * The largest scale at which something has room; never nothing, so that what has no room at all is drawn tiny.
     *
     * @param width of it, in millimetres of the piece
     * @param height of it, in millimetres of the piece
     * @param roomAcross in millimetres of paper
     * @param roomDown in millimetres of paper
     */
    static double largestScale(double width, double height, double roomAcross, double roomDown) {
        return Math.max(LEAST_SCALE, Math.min(roomAcross / Math.max(1, width), roomDown / Math.max(1, height)));
    }

    /** The placement in which an extent lies in the middle of an area at a scale. */
    static Placement inMiddle(Extent extent, Area area, double scale) {
        return new Placement(scale, area.left() + area.width() / 2 - scale * (extent.left() + extent.right()) / 2,
                area.top() + area.height() / 2 + scale * (extent.low() + extent.high()) / 2);
    }
}
