package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * Gives points that are the same within a tolerance the same number.
 *
 * <p>Points are made one within a distance that is much larger than the one within which a point counts as lying on an edge: so
 * a point beside the end of an edge either is that end or is clear of it, and all faces that share an edge see the same
 * points on it. Where points were made one, the places at which they really lay are kept for that question.
 */
final class VertexPool {

    private static final double GRID = 0.01;
    /** Points nearer to each other than this are one. */
    private static final double SAME = 20 * Tolerance.LENGTH;

    /** How far from an edge a point counts as lying on it: corners of clipped cells may be off by a tolerance, along three planes. */
    private static final double NEAR = 3 * Tolerance.LENGTH;

    /** So few places are gone through faster than fewer are looked for. */
    private static final int FEW = 24;

    /** A place this near to a known one adds nothing. */
    private static final double KNOWN = Tolerance.LENGTH / 10;
    private static final int[] NONE = {};

    /** Where a point was seen. */
    private record Place(Vector3D at, int index) {}

    private final List<Vector3D> points = new ArrayList<>();
    private final List<Place> places = new ArrayList<>();
    private final Map<Long, List<Place>> buckets = new HashMap<>();

    /** The places along x, along y and along z; made anew when places were added since. */
    private List<Row> rows = List.of();
    private int inRows;
    /** Used again for each edge. */
    private final Found found = new Found();

    /** Places step by step along an axis, their figures side by side: rows are gone through a thousand times a piece. */
    private static final class Row {

        private final int axis;
        private final BucketIndex buckets;
        private final double[][] at;
        private final int[] indices;

        /** @param places along x, along y and along z */
        private Row(int axis, double[][] places, int[] pool) {
            this.axis = axis;
            buckets = new BucketIndex(places[axis]);
            at = new double[places.length][pool.length];
            indices = new int[pool.length];
            int[] order = buckets.order();
            for (int i = 0; i < order.length; i++) {
                at[0][i] = places[0][order[i]];
                at[1][i] = places[1][order[i]];
                at[2][i] = places[2][order[i]];
                indices[i] = pool[order[i]];
            }
        }

        private double along(Vector3D point) {
            return switch (axis) {
                case 0 -> point.getX();
                case 1 -> point.getY();
                default -> point.getZ();
            };
        }

        /** Where those places begin in the row that may lie beside the line between two, and where they end. */
        int first(Vector3D start, Vector3D end) {
            return buckets.first(Math.min(along(start), along(end)) - NEAR);
        }

        int last(Vector3D start, Vector3D end) {
            return buckets.last(Math.max(along(start), along(end)) + NEAR);
        }

        /** Puts those places in a stretch of the row that lie on the straight line between two. */
        void between(Vector3D start, Vector3D end, int first, int last, Found found) {
            double wayX = end.getX() - start.getX();
            double wayY = end.getY() - start.getY();
            double wayZ = end.getZ() - start.getZ();
            double squared = wayX * wayX + wayY * wayY + wayZ * wayZ;
            double farthest = NEAR * NEAR * squared;
            for (int i = first; i < last; i++) {
                double x = at[0][i] - start.getX();
                double y = at[1][i] - start.getY();
                double z = at[2][i] - start.getZ();
                double crossX = y * wayZ - z * wayY;
                double crossY = z * wayX - x * wayZ;
                double crossZ = x * wayY - y * wayX;
                // The test that nearly always fails comes first: the processor predicts it well.
                if (crossX * crossX + crossY * crossY + crossZ * crossZ < farthest) {
                    double along = x * wayX + y * wayY + z * wayZ;
                    if (along > 0 && along < squared) {
                        found.add(indices[i], along);
                    }
                }
            }
        }
    }

    /** Points found on an edge, few of them mostly, by how far along it they lie. */
    private static final class Found {

        private int[] indices = new int[8];
        private double[] along = new double[8];
        private int count;

        void clear() {
            count = 0;
        }

        void add(int index, double way) {
            if (count == indices.length) {
                indices = Arrays.copyOf(indices, 2 * count);
                along = Arrays.copyOf(along, indices.length);
            }
            int at = count++;
            while (at > 0 && along[at - 1] > way) {
                indices[at] = indices[at - 1];
                along[at] = along[at - 1];
                at--;
            }
            indices[at] = index;
            along[at] = way;
        }

        /** Each once, without the two at the ends of the edge. */
        int[] inOrder(int from, int to) {
            int kept = 0;
            for (int i = 0; i < count; i++) {
                int index = indices[i];
                if (index != from && index != to && isNew(index, kept)) {
                    indices[kept++] = index;
                }
            }
            return kept == 0 ? NONE : Arrays.copyOf(indices, kept);
        }

        private boolean isNew(int index, int kept) {
            for (int i = 0; i < kept; i++) {
                if (indices[i] == index) {
                    return false;
                }
            }
            return true;
        }
    }

    int indexOf(Vector3D point) {
        Place nearest = nearest(point);
        double squared = nearest == null ? Double.POSITIVE_INFINITY : Plain.squaredDistance(nearest.at(), point);
        int index = squared < SAME * SAME && nearest != null ? nearest.index() : points.size();
        if (index == points.size()) {
            points.add(point);
        }
        if (squared > KNOWN * KNOWN) {
            Place place = new Place(point, index);
            places.add(place);
            buckets.computeIfAbsent(key(point.getX(), point.getY(), point.getZ()), key -> new ArrayList<>()).add(place);
        }
        return index;
    }

    private @Nullable Place nearest(Vector3D point) {
        Place nearest = null;
        double least = Double.POSITIVE_INFINITY;
        for (long key : keysNear(point)) {
            for (Place place : buckets.getOrDefault(key, List.of())) {
                double squared = Plain.squaredDistance(place.at(), point);
                if (squared < least) {
                    nearest = place;
                    least = squared;
                }
            }
        }
        return nearest;
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
     * The points that lie on the straight line from one place to another, between them and in that order, without the two
     * points at its ends. Looked at are only those that lie near it along the axis on which these are fewest.
     */
    int[] between(Vector3D start, Vector3D end, int from, int to) {
        arrange();
        int axis = 0;
        int first = 0;
        int last = places.size();
        for (int i = 0; i < rows.size() && last - first > FEW; i++) {
            int low = rows.get(i).first(start, end);
            int high = rows.get(i).last(start, end);
            if (high - low < last - first) {
                axis = i;
                first = low;
                last = high;
            }
        }
        found.clear();
        rows.get(axis).between(start, end, first, last, found);
        return found.inOrder(from, to);
    }

    private void arrange() {
        if (rows.isEmpty() || inRows != places.size()) {
            inRows = places.size();
            double[][] at = new double[3][inRows];
            int[] indices = new int[inRows];
            for (int i = 0; i < inRows; i++) {
                Place place = places.get(i);
                at[0][i] = place.at().getX();
                at[1][i] = place.at().getY();
                at[2][i] = place.at().getZ();
                indices[i] = place.index();
            }
            rows = List.of(new Row(0, at, indices), new Row(1, at, indices), new Row(2, at, indices));
        }
    }

    Vector3D get(int index) {
        return points.get(index);
    }

    List<Vector3D> points() {
        return points;
    }
}
