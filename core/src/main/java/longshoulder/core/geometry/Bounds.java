package longshoulder.core.geometry;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The smallest box along the axes that holds some points; {@code least} and {@code greatest} are its corners. Nothing
 * at all has least above greatest.
 */
public record Bounds(Vector3D least, Vector3D greatest) {

    static final Bounds NOTHING = new Bounds(
            Vector3D.of(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY),
            Vector3D.of(Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY));

    /** Boxes that share this much along an axis, less than nothing, still nearly touch, in millimetres. */
    private static final double NEARLY = -10 * Tolerance.LENGTH;

    /** Round all of some points. */
    public static Bounds of(List<Vector3D> points) {
        return of(points.toArray(Vector3D[]::new), points.size());
    }

    /** @param count how many of the points are looked at */
    static Bounds of(Vector3D[] points, int count) {
        double lowX = Double.POSITIVE_INFINITY;
        double lowY = Double.POSITIVE_INFINITY;
        double lowZ = Double.POSITIVE_INFINITY;
        double highX = Double.NEGATIVE_INFINITY;
        double highY = Double.NEGATIVE_INFINITY;
        double highZ = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < count; i++) {
            Vector3D point = points[i];
            lowX = Math.min(lowX, point.getX());
            lowY = Math.min(lowY, point.getY());
            lowZ = Math.min(lowZ, point.getZ());
            highX = Math.max(highX, point.getX());
            highY = Math.max(highY, point.getY());
            highZ = Math.max(highZ, point.getZ());
        }
        return new Bounds(Vector3D.of(lowX, lowY, lowZ), Vector3D.of(highX, highY, highZ));
    }

    /** The smallest box that holds both. */
    public Bounds union(Bounds other) {
        return new Bounds(
                Vector3D.of(Math.min(least.getX(), other.least.getX()), Math.min(least.getY(), other.least.getY()),
                        Math.min(least.getZ(), other.least.getZ())),
                Vector3D.of(Math.max(greatest.getX(), other.greatest.getX()),
                        Math.max(greatest.getY(), other.greatest.getY()),
                        Math.max(greatest.getZ(), other.greatest.getZ())));
    }

    /** Whether both share at least a point, or nearly do. */
    public boolean touches(Bounds other) {
        return shared(least.getX(), greatest.getX(), other.least.getX(), other.greatest.getX()) > NEARLY
                && shared(least.getY(), greatest.getY(), other.least.getY(), other.greatest.getY()) > NEARLY
                && shared(least.getZ(), greatest.getZ(), other.least.getZ(), other.greatest.getZ()) > NEARLY;
    }

    /** Whether the two share more than a touch. */
    public boolean overlaps(Bounds other) {
        return shared(least.getX(), greatest.getX(), other.least.getX(), other.greatest.getX()) > Tolerance.LENGTH
                && shared(least.getY(), greatest.getY(), other.least.getY(), other.greatest.getY()) > Tolerance.LENGTH
                && shared(least.getZ(), greatest.getZ(), other.least.getZ(), other.greatest.getZ()) > Tolerance.LENGTH;
    }

    /** Whether flat things in these boxes may share more than an edge: along two axes at least. */
    boolean mayShareArea(Bounds other) {
        int axes = 0;
        axes += shared(least.getX(), greatest.getX(), other.least.getX(), other.greatest.getX()) > Tolerance.LENGTH
                ? 1
                : 0;
        axes += shared(least.getY(), greatest.getY(), other.least.getY(), other.greatest.getY()) > Tolerance.LENGTH
                ? 1
                : 0;
        axes += shared(least.getZ(), greatest.getZ(), other.least.getZ(), other.greatest.getZ()) > Tolerance.LENGTH
                ? 1
                : 0;
        return axes > 1;
    }

    /** How much both share, in mm³. */
    double sharedVolume(Bounds other) {
        return Math.max(0, shared(least.getX(), greatest.getX(), other.least.getX(), other.greatest.getX()))
                * Math.max(0, shared(least.getY(), greatest.getY(), other.least.getY(), other.greatest.getY()))
                * Math.max(0, shared(least.getZ(), greatest.getZ(), other.least.getZ(), other.greatest.getZ()));
    }

    /** The middle of what two overlapping boxes share. */
    Vector3D middleWith(Bounds other) {
        return Vector3D.of(
                (Math.max(least.getX(), other.least.getX()) + Math.min(greatest.getX(), other.greatest.getX())) / 2,
                (Math.max(least.getY(), other.least.getY()) + Math.min(greatest.getY(), other.greatest.getY())) / 2,
                (Math.max(least.getZ(), other.least.getZ()) + Math.min(greatest.getZ(), other.greatest.getZ())) / 2);
    }

    private static double shared(double from, double to, double otherFrom, double otherTo) {
        return Math.min(to, otherTo) - Math.max(from, otherFrom);
    }

    public boolean isNothing() {
        return least.getX() > greatest.getX();
    }

    /** Its eight corners. */
    public List<Vector3D> corners() {
        Vector3D[] corners = new Vector3D[8];
        for (int i = 0; i < corners.length; i++) {
            corners[i] = Vector3D.of((i & 1) == 0 ? least.getX() : greatest.getX(),
                    (i & 2) == 0 ? least.getY() : greatest.getY(), (i & 4) == 0 ? least.getZ() : greatest.getZ());
        }
        return List.of(corners);
    }

    /** Greatest less least, in millimetres. */
    public Vector3D size() {
        return greatest.subtract(least);
    }
}
