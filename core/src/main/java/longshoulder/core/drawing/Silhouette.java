package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Tolerance;
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

    /** The smallest convex outline round some points: the lower chain from left to right, then the upper one back. */
    static Silhouette of(List<Vector2D> points) {
        List<Vector2D> sorted = new ArrayList<>(points);
        sorted.sort(FROM_LEFT);
        List<Vector2D> outline = new ArrayList<>(chain(sorted));
        outline.addAll(chain(sorted.reversed()));
        return new Silhouette(outline, Extent.of(outline));
    }

    /** Without its last point, with which the other chain begins. */
    private static List<Vector2D> chain(List<Vector2D> sorted) {
        List<Vector2D> chain = new ArrayList<>();
        for (Vector2D point : sorted) {
            while (chain.size() > 1 && !turnsLeft(chain.get(chain.size() - 2), chain.getLast(), point)) {
                chain.removeLast();
            }
            chain.add(point);
        }
        return chain.subList(0, chain.size() - 1);
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
