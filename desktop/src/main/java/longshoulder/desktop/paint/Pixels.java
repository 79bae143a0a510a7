package longshoulder.desktop.paint;

import javafx.geometry.Rectangle2D;
import longshoulder.core.drawing.Area;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** Pixels of the layout, of which 96 go to an inch, and millimetres of paper. */
public final class Pixels {

    private static final double IN_A_MILLIMETRE = 96 / 25.4;

    private Pixels() {}

    /** So many millimetres of paper in pixels. */
    public static double of(double millimetres) {
        return millimetres * IN_A_MILLIMETRE;
    }

    /** So many pixels in millimetres of paper. */
    public static double toMillimetres(double pixels) {
        return pixels / IN_A_MILLIMETRE;
    }

    /** A place on a page in pixels. */
    public static Vector2D of(Vector2D onPage) {
        return onPage.multiply(IN_A_MILLIMETRE);
    }

    /** An area of a page in pixels. */
    public static Rectangle2D of(Area area) {
        return new Rectangle2D(of(area.left()), of(area.top()), of(Math.max(0, area.width())),
                of(Math.max(0, area.height())));
    }

    /** A rectangle in pixels as an area of a page. */
    public static Area toArea(double left, double top, double width, double height) {
        return new Area(toMillimetres(left), toMillimetres(top), toMillimetres(width), toMillimetres(height));
    }
}
