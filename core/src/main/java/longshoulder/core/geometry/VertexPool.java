package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Gives points that are the same within the tolerance the same number. */
final class VertexPool {

    private static final double GRID = 0.01;
    /** Two corners of clipped cells may each be off by a tolerance. */
    private static final double SAME = 2.5 * Tolerance.LENGTH;

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

    Vector3D get(int index) {
        return points.get(index);
    }

    List<Vector3D> points() {
        return points;
    }
}
