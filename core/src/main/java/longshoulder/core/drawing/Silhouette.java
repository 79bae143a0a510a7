package longshoulder.core.drawing;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * The outline of something convex in a picture.
 *
 * @param corners anticlockwise, no three on a line
 * @param extent the box round it
 */
record Silhouette(List<Vector2D> corners, Extent extent) {

    private static final Comparator<Vector2D> FROM_LEFT = (one, other) -> one.getX() == other.getX()
            ? Double.compare(one.getY(), other.getY())
            : Double.compare(one.getX(), other.getX());

    /** The smallest convex outline round some points of the world in a view: the lower chain from left to right, then the upper one back. */
    static Silhouette of(List<Vector3D> points, View view) {
        Vector2D[] sorted = new Vector2D[points.size()];
        Arrays.setAll(sorted, i -> view.flat(points.get(i)));
        Arrays.sort(sorted, FROM_LEFT);
        Vector2D[] outline = new Vector2D[2 * sorted.length];
        int count = 0;
        for (Vector2D point : sorted) {
            count = link(outline, 0, count, point);
        }
        // The last point of one chain is the first of the other.
        int first = count - 1;
        for (int i = sorted.length - 2; i >= 0; i--) {
            count = link(outline, first, count, sorted[i]);
        }
        List<Vector2D> corners = List.of(Arrays.copyOf(outline, count - 1));
        return new Silhouette(corners, Extent.of(corners));
    }

    /** Adds a point to a chain that begins at an index, and takes away those before it that do not turn left; gives the new count. */
    private static int link(Vector2D[] chain, int first, int count, Vector2D point) {
        int kept = count;
        while (kept - first > 1 && !turnsLeft(chain[kept - 2], chain[kept - 1], point)) {
            kept--;
        }
        chain[kept] = point;
        return kept + 1;
    }

    private static boolean turnsLeft(Vector2D a, Vector2D b, Vector2D c) {
        double area = (b.getX() - a.getX()) * (c.getY() - b.getY()) - (b.getY() - a.getY()) * (c.getX() - b.getX());
        return area > Tolerance.LENGTH * Tolerance.LENGTH;
    }

    /** Whether the boxes round both share more than an edge: the quick question. */
    boolean mayOverlap(Silhouette other) {
        return extent.meets(other.extent, -Tolerance.LENGTH);
    }

    /** The box round it, as one of unit height that all such boxes share. */
    Bounds box() {
        return new Bounds(Vector3D.of(extent.left(), extent.low(), 0), Vector3D.of(extent.right(), extent.high(), 1));
    }

    double boxArea() {
        return extent.width() * extent.height();
    }

    /** Whether both cover more than a common edge: no side of either has the other wholly outside. */
    boolean overlaps(Silhouette other) {
        return !isPartedFrom(other) && !other.isPartedFrom(this);
    }

    private boolean isPartedFrom(Silhouette other) {
        for (int i = 0; i < corners.size(); i++) {
            Vector2D from = corners.get(i);
            Vector2D side = corners.get((i + 1) % corners.size()).subtract(from);
            // In plain numbers, as below: it is asked millions of times.
            double reach = Tolerance.LENGTH
                    * Math.sqrt(side.getX() * side.getX() + side.getY() * side.getY());
            if (other.isBeyond(from, side, reach)) {
                return true;
            }
        }
        return false;
    }

    private boolean isBeyond(Vector2D from, Vector2D side, double reach) {
        for (Vector2D corner : corners) {
            // The signed area.
            if (side.getX() * (corner.getY() - from.getY()) - side.getY() * (corner.getX() - from.getX()) > reach) {
                return false;
            }
        }
        return true;
    }
}
