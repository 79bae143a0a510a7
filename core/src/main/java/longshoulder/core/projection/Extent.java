package longshoulder.core.projection;

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

    /** A box that grows with what comes into it. */
    static final class Growing {

        private double left = NOTHING.left;
        private double low = NOTHING.low;
        private double right = NOTHING.right;
        private double high = NOTHING.high;

        void add(double x, double y) {
            left = Math.min(left, x);
            low = Math.min(low, y);
            right = Math.max(right, x);
            high = Math.max(high, y);
        }

        void add(Vector2D point) {
            add(point.getX(), point.getY());
        }

        /** A point of the world in a view. */
        void add(Vector3D point, View view) {
            add(Plain.dot(view.right(), point), Plain.dot(view.up(), point));
        }

        Extent box() {
            return new Extent(left, low, right, high);
        }
    }

    /** The box round some points, at least one. */
    public static Extent of(List<Vector2D> points) {
        Growing box = new Growing();
        points.forEach(box::add);
        return box.box();
    }

    /** The box round some points of the world, at least one, in a view. */
    static Extent of(List<Vector3D> points, View view) {
        Growing box = new Growing();
        points.forEach(point -> box.add(point, view));
        return box.box();
    }

    /** The box round a straight line. */
    static Extent of(Vector2D from, Vector2D to) {
        return new Extent(Math.min(from.getX(), to.getX()), Math.min(from.getY(), to.getY()),
                Math.max(from.getX(), to.getX()), Math.max(from.getY(), to.getY()));
    }

    /** The box round both. */
    public Extent union(Extent other) {
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
