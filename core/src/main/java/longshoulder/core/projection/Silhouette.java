package longshoulder.core.projection;

import java.util.Arrays;
import java.util.List;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The outline of something convex in a picture. In plain numbers: it is asked some ten thousand times a second whether two overlap. */
final class Silhouette {

    /** Its corners anticlockwise, no three on a line: x and y by turns. */
    private final double[] corners;
    private final Extent extent;

    private Silhouette(double[] corners, Extent extent) {
        this.corners = corners;
        this.extent = extent;
    }

    /** The smallest convex outline round some points of the world in a view: the lower chain from left to right, then the upper one back. */
    static Silhouette of(List<Vector3D> points, View view) {
        double[] sorted = fromLeft(points, view);
        double[] outline = new double[2 * sorted.length];
        int count = 0;
        for (int i = 0; i < sorted.length; i += 2) {
            count = link(outline, 0, count, sorted[i], sorted[i + 1]);
        }
        // The last point of one chain is the first of the other.
        int first = count - 2;
        for (int i = sorted.length - 4; i >= 0; i -= 2) {
            count = link(outline, first, count, sorted[i], sorted[i + 1]);
        }
        return new Silhouette(Arrays.copyOf(outline, count - 2), Extent.of(points, view));
    }

    /** The points in the picture, from left to right and from below; few, so that each is put where it belongs among those before it. */
    private static double[] fromLeft(List<Vector3D> points, View view) {
        double[] sorted = new double[2 * points.size()];
        for (int i = 0; i < sorted.length; i += 2) {
            Vector2D point = view.flat(points.get(i / 2));
            int at = i;
            while (at > 0 && isLeft(point, sorted[at - 2], sorted[at - 1])) {
                sorted[at] = sorted[at - 2];
                sorted[at + 1] = sorted[at - 1];
                at -= 2;
            }
            sorted[at] = point.getX();
            sorted[at + 1] = point.getY();
        }
        return sorted;
    }

    private static boolean isLeft(Vector2D point, double x, double y) {
        return point.getX() < x || point.getX() == x && point.getY() < y;
    }

    /** Adds a point to a chain that begins at an index, and takes away those before it that do not turn left; gives where the chain ends. */
    private static int link(double[] chain, int first, int end, double x, double y) {
        int kept = end;
        while (kept - first > 2 && !turnsLeft(chain, kept - 4, x, y)) {
            kept -= 2;
        }
        chain[kept] = x;
        chain[kept + 1] = y;
        return kept + 2;
    }

    /** Whether the way from the corner at an index to the next turns left to a point. */
    private static boolean turnsLeft(double[] chain, int at, double x, double y) {
        double area = (chain[at + 2] - chain[at]) * (y - chain[at + 3])
                - (chain[at + 3] - chain[at + 1]) * (x - chain[at + 2]);
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
        int last = corners.length - 2;
        double fromX = corners[last];
        double fromY = corners[last + 1];
        for (int i = 0; i < corners.length; i += 2) {
            if (other.isBeyond(fromX, fromY, corners[i] - fromX, corners[i + 1] - fromY)) {
                return true;
            }
            fromX = corners[i];
            fromY = corners[i + 1];
        }
        return false;
    }

    /** Whether it lies wholly to the right of a way, but for what may lie on it. */
    private boolean isBeyond(double fromX, double fromY, double wayX, double wayY) {
        double reach = Tolerance.LENGTH * Math.sqrt(wayX * wayX + wayY * wayY);
        for (int i = 0; i < corners.length; i += 2) {
            // The signed area.
            if (wayX * (corners[i + 1] - fromY) - wayY * (corners[i] - fromX) > reach) {
                return false;
            }
        }
        return true;
    }
}
