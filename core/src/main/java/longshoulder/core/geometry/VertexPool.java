package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Gives points that are the same within the tolerance the same number. */
final class VertexPool {

    private static final double GRID = 0.01;
    /** Corners that belong together may each be off by a tolerance, along three planes. */
    private static final double SAME = 3.5 * Tolerance.LENGTH;

    /** How far from an edge a point counts as lying on it: a little more than a point may move when it is made one with another. */
    private static final double NEAR = 4 * Tolerance.LENGTH;

    private static final int[] NONE = {};

    private final List<Vector3D> points = new ArrayList<>();
    private final Map<Long, List<Integer>> buckets = new HashMap<>();

    int indexOf(Vector3D point) {
        for (long key : keysNear(point)) {
            for (int index : buckets.getOrDefault(key, List.of())) {
                if (points.get(index).distance(point) < SAME) {
                    return index;
                }
            }
        }
        points.add(point);
        buckets.computeIfAbsent(key(point.getX(), point.getY(), point.getZ()), key -> new ArrayList<>())
                .add(points.size() - 1);
        return points.size() - 1;
    }

    /** The buckets of all corners of a small cube round the point: nearly always one and the same. */
    private static long[] keysNear(Vector3D p) {
        long own = key(p.getX() - SAME, p.getY() - SAME, p.getZ() - SAME);
        if (own == key(p.getX() + SAME, p.getY() + SAME, p.getZ() + SAME)) {
            return new long[]{own};
        }
        long[] keys = new long[8];
        for (int i = 0; i < 8; i++) {
            keys[i] = key(p.getX() + ((i & 1) == 0 ? -SAME : SAME), p.getY() + ((i & 2) == 0 ? -SAME : SAME),
                    p.getZ() + ((i & 4) == 0 ? -SAME : SAME));
        }
        return keys;
    }

    private static long key(double x, double y, double z) {
        return (cell(x) * 2_097_152L + cell(y)) * 2_097_152L + cell(z);
    }

    /** Shifted by half a bucket, so that round figures do not lie on a boundary. */
    private static long cell(double value) {
        return Math.round((value + GRID / 3) / GRID);
    }

    /**
     * The points that lie on the straight line from one point to another, between them and in that order. In plain numbers:
     * it is asked of every point for every edge.
     */
    int[] between(int from, int to) {
        Vector3D start = points.get(from);
        Vector3D way = points.get(to).subtract(start);
        double squared = way.normSq();
        double farthest = NEAR * NEAR * squared;
        double beside = SAME * Math.sqrt(squared);
        int[] found = NONE;
        for (int i = 0; i < points.size(); i++) {
            Vector3D point = points.get(i);
            double x = point.getX() - start.getX();
            double y = point.getY() - start.getY();
            double z = point.getZ() - start.getZ();
            double along = x * way.getX() + y * way.getY() + z * way.getZ();
            // What lies beside an end and yet is not that end does not lie on the edge.
            if (along <= beside || along >= squared - beside || i == from || i == to) {
                continue;
            }
            double crossX = y * way.getZ() - z * way.getY();
            double crossY = z * way.getX() - x * way.getZ();
            double crossZ = x * way.getY() - y * way.getX();
            if (crossX * crossX + crossY * crossY + crossZ * crossZ < farthest) {
                found = Arrays.copyOf(found, found.length + 1);
                found[found.length - 1] = i;
            }
        }
        return found.length < 2 ? found : ordered(found, start, way);
    }

    private int[] ordered(int[] found, Vector3D start, Vector3D way) {
        return Arrays.stream(found).boxed()
                .sorted(Comparator.comparingDouble(i -> points.get(i).subtract(start).dot(way)))
                .mapToInt(Integer::intValue).toArray();
    }

    Vector3D get(int index) {
        return points.get(index);
    }

    List<Vector3D> points() {
        return points;
    }
}
