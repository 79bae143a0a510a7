package longshoulder.core.drawing;

import java.util.List;
import longshoulder.core.geometry.Plain;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The box round a drawing, or round something in it, in millimetres; all zero for an empty one. */
public record Extent(double left, double low, double right, double high) {

    /** Round nothing yet: together with another it is that one. */
    static final Extent NOTHING = new Extent(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY,
            Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY);

    /** The box round some points, at least one. */
    static Extent of(List<Vector2D> points) {
        double left = Double.POSITIVE_INFINITY;
        double low = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Vector2D point : points) {
            left = Math.min(left, point.getX());
            low = Math.min(low, point.getY());
            right = Math.max(right, point.getX());
            high = Math.max(high, point.getY());
        }
        return new Extent(left, low, right, high);
    }

    /** The box round some points of the world, at least one, in a view. */
    static Extent of(List<Vector3D> points, View view) {
        double left = Double.POSITIVE_INFINITY;
        double low = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < points.size(); i++) {
            double x = Plain.dot(view.right(), points.get(i));
            double y = Plain.dot(view.up(), points.get(i));
            left = Math.min(left, x);
            low = Math.min(low, y);
            right = Math.max(right, x);
            high = Math.max(high, y);
        }
        return new Extent(left, low, right, high);
    }

    /** The box round a straight line. */
    static Extent of(Vector2D from, Vector2D to) {
        return new Extent(Math.min(from.getX(), to.getX()), Math.min(from.getY(), to.getY()),
                Math.max(from.getX(), to.getX()), Math.max(from.getY(), to.getY()));
    }

    /** The box round both. */
    public Extent and(Extent other) {
        return new Extent(Math.min(left, other.left), Math.min(low, other.low), Math.max(right, other.right),
                Math.max(high, other.high));
    }

    /** Whether they lie no farther apart than so. */
    boolean meets(Extent other, double apart) {
        return other.right > left - apart && other.left < right + apart && other.high > low - apart
                && other.low < high + apart;
    }

    public double width() {
        return right - left;
    }

    public double height() {
        return high - low;
    }
}
