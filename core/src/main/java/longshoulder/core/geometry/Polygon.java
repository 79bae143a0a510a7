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
        double[] distances = new double[corners.size()];
        for (int i = 0; i < distances.length; i++) {
            distances[i] = keep.distance(corners.get(i));
        }
        if (least(distances) >= -Tolerance.LENGTH) {
            return Optional.empty();
        }
        return Optional.of(greatest(distances) > Tolerance.LENGTH ? clipped(distances, 1) : this);
    }

    private static double least(double[] distances) {
        double least = Double.POSITIVE_INFINITY;
        for (double distance : distances) {
            least = Math.min(least, distance);
        }
        return least;
    }

    private static double greatest(double[] distances) {
        double greatest = Double.NEGATIVE_INFINITY;
        for (double distance : distances) {
            greatest = Math.max(greatest, distance);
        }
        return greatest;
    }

    /**
     * The part on one side of a boundary that passes through it.
     *
     * @param distances of the corners outside it
     * @param sign 1 for the part inside, -1 for the part outside
     */
    private Polygon clipped(double[] distances, int sign) {
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
        return new Polygon(plane, List.of(Arrays.copyOf(kept, count)));
    }

    /** How far each corner lies outside the line of an edge of a polygon in the same plane. */
    private double[] beyond(Polygon other, int i) {
        Vector3D from = other.corners.get(i);
        Vector3D to = other.corners.get((i + 1) % other.corners.size());
        Vector3D out = Plain.cross(to.subtract(from), other.plane.normal());
        double scale = 1 / Math.sqrt(Plain.dot(out, out));
        double offset = Plain.dot(out, from);
        double[] distances = new double[corners.size()];
        for (int j = 0; j < distances.length; j++) {
            distances[j] = scale * (Plain.dot(out, corners.get(j)) - offset);
        }
        return distances;
    }

    /** What is left of this polygon when another one in the same plane is taken away: convex parts. */
    List<Polygon> minus(Polygon other) {
        List<Polygon> outside = new ArrayList<>();
        Polygon rest = this;
        for (int i = 0; i < other.corners.size(); i++) {
            // The other polygon may face the opposite way; its edges' outsides are the same all the same.
            double[] distances = rest.beyond(other, i);
            if (least(distances) >= -Tolerance.LENGTH) {
                return List.of(this);
            }
            if (greatest(distances) > Tolerance.LENGTH) {
                outside.add(rest.clipped(distances, -1));
                rest = rest.clipped(distances, 1);
            }
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
