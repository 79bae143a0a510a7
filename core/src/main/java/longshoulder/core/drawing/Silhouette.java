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
 * @param left the box round it
 */
record Silhouette(List<Vector2D> corners, double left, double low, double right, double high) {

    /** The smallest convex outline round some points: the lower chain from left to right, then the upper one back. */
    static Silhouette of(List<Vector2D> points) {
        List<Vector2D> sorted = points.stream()
                .sorted(Comparator.comparingDouble(Vector2D::getX).thenComparingDouble(Vector2D::getY)).toList();
        List<Vector2D> outline = new ArrayList<>(chain(sorted));
        outline.addAll(chain(sorted.reversed()));
        return new Silhouette(outline, sorted.getFirst().getX(),
                outline.stream().mapToDouble(Vector2D::getY).min().orElse(0), sorted.getLast().getX(),
                outline.stream().mapToDouble(Vector2D::getY).max().orElse(0));
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
        return b.subtract(a).signedArea(c.subtract(b)) > Tolerance.LENGTH * Tolerance.LENGTH;
    }

    /** Whether the boxes round both share more than an edge: the quick question. */
    boolean mayOverlap(Silhouette other) {
        return Math.min(right, other.right) - Math.max(left, other.left) > Tolerance.LENGTH
                && Math.min(high, other.high) - Math.max(low, other.low) > Tolerance.LENGTH;
    }

    /** The box round it, as one of unit height that all such boxes share. */
    Bounds box() {
        return new Bounds(Vector3D.of(left, low, 0), Vector3D.of(right, high, 1));
    }

    double boxArea() {
        return (right - left) * (high - low);
    }

    /** Whether both cover more than a common edge: no side of either has the other wholly outside. */
    boolean overlaps(Silhouette other) {
        return !isPartedFrom(other) && !other.isPartedFrom(this);
    }

    private boolean isPartedFrom(Silhouette other) {
        for (int i = 0; i < corners.size(); i++) {
            Vector2D from = corners.get(i);
            Vector2D side = corners.get((i + 1) % corners.size()).subtract(from);
            double reach = Tolerance.LENGTH * side.norm();
            if (other.isBeyond(from, side, reach)) {
                return true;
            }
        }
        return false;
    }

    private boolean isBeyond(Vector2D from, Vector2D side, double reach) {
        for (Vector2D corner : corners) {
            // The signed area, in plain numbers: it is asked millions of times.
            if (side.getX() * (corner.getY() - from.getY()) - side.getY() * (corner.getX() - from.getX()) > reach) {
                return false;
            }
        }
        return true;
    }
}
