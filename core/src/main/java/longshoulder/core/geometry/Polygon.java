package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A flat convex polygon with an outside.
 *
 * @param plane its plane; the normal points to the outside
 * @param corners anticlockwise as seen from the outside, at least three
 */
public record Polygon(HalfSpace plane, List<Vector3D> corners) {

    public Polygon {
        corners = List.copyOf(corners);
    }

    /** The part on the inner side of a half space; empty if that is no more than an edge. */
    public Optional<Polygon> clip(HalfSpace keep) {
        return clip(distances(keep), 1);
    }

    /** How far each corner lies outside a half space. */
    double[] distances(HalfSpace keep) {
        double[] distances = new double[corners.size()];
        for (int i = 0; i < distances.length; i++) {
            distances[i] = keep.distance(corners.get(i));
        }
        return distances;
    }

    /**
     * The part on one side of a boundary; empty if that is no more than an edge.
     *
     * @param distances of the corners outside it
     * @param sign 1 for the part inside, -1 for the part outside
     */
    Optional<Polygon> clip(double[] distances, int sign) {
        boolean anyIn = false;
        boolean anyOut = false;
        for (double distance : distances) {
            anyIn |= sign * distance < -Tolerance.LENGTH;
            anyOut |= sign * distance > Tolerance.LENGTH;
        }
        if (!anyIn) {
            return Optional.empty();
        }
        return anyOut ? Optional.of(new Polygon(plane, clipped(distances, sign))) : Optional.of(this);
    }

    private List<Vector3D> clipped(double[] distances, int sign) {
        // A convex polygon is cut in two places at most.
        Vector3D[] kept = new Vector3D[distances.length + 2];
        int count = 0;
        for (int i = 0; i < distances.length; i++) {
            int j = (i + 1) % distances.length;
            if (sign * distances[i] <= Tolerance.LENGTH) {
                kept[count++] = corners.get(i);
            }
            if (Math.abs(distances[i]) > Tolerance.LENGTH && Math.abs(distances[j]) > Tolerance.LENGTH
                    && distances[i] < 0 != distances[j] < 0) {
                double share = distances[i] / (distances[i] - distances[j]);
                kept[count++] = Plain.between(corners.get(i), corners.get(j), share);
            }
        }
        return List.of(Arrays.copyOf(kept, count));
    }

    /** The half space beyond which the edge from corner i to the next one lies; its boundary is square to the polygon. */
    HalfSpace edge(int i) {
        Vector3D from = corners.get(i);
        Vector3D to = corners.get((i + 1) % corners.size());
        Vector3D beyond = Plain.cross(to.subtract(from), plane.normal());
        return HalfSpace.through(from, beyond);
    }

    /** What is left of this polygon when another one in the same plane is taken away: convex parts. */
    List<Polygon> minus(Polygon other) {
        List<Polygon> outside = new ArrayList<>();
        Polygon rest = this;
        for (int i = 0; i < other.corners.size(); i++) {
            // The other polygon may face the opposite way; its edges' outsides are the same all the same.
            double[] distances = rest.distances(other.edge(i));
            rest.clip(distances, -1).ifPresent(outside::add);
            Optional<Polygon> inner = rest.clip(distances, 1);
            if (inner.isEmpty()) {
                return List.of(this);
            }
            rest = inner.get();
        }
        return outside;
    }

    /** The area vector: along the normal, its length the area in mm². */
    Vector3D area() {
        Vector3D sum = Vector3D.ZERO;
        Vector3D first = corners.get(0);
        for (int i = 1; i + 1 < corners.size(); i++) {
            sum = sum.add(Plain.cross(corners.get(i).subtract(first), corners.get(i + 1).subtract(first)));
        }
        return sum.multiply(0.5);
    }

    /** The mean of the corners: a point well inside. */
    public Vector3D middle() {
        Vector3D sum = Vector3D.ZERO;
        for (Vector3D corner : corners) {
            sum = sum.add(corner);
        }
        return sum.multiply(1.0 / corners.size());
    }
}
