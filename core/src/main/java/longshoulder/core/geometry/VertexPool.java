package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
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

    /** The places in the order of x, of y and of z; made anew when places were added since. */
    private List<Row> rows = List.of();
    private int inRows;

    /** Places one after the other, their figures side by side: rows are gone through a thousand times a piece. */
    private static final class Row {

        private final double[][] at;
        private final int[] indices;

        private Row(Place[] places) {
            at = new double[3][places.length];
            indices = new int[places.length];
            for (int i = 0; i < places.length; i++) {
                Vector3D place = places[i].at();
                at[0][i] = place.getX();
                at[1][i] = place.getY();
                at[2][i] = place.getZ();
                indices[i] = places[i].index();
            }
        }

        static Row by(Comparator<Place> order, List<Place> places) {
            Place[] sorted = places.toArray(Place[]::new);
            Arrays.sort(sorted, order);
            return new Row(sorted);
        }

        /** Of places in the order of a coordinate: how many lie below a value. */
        int below(int axis, double value) {
            int found = Arrays.binarySearch(at[axis], value);
            return found < 0 ? -found - 1 : found;
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
                double along = x * wayX + y * wayY + z * wayZ;
                if (along > 0 && along < squared) {
                    double crossX = y * wayZ - z * wayY;
                    double crossY = z * wayX - x * wayZ;
                    double crossZ = x * wayY - y * wayX;
                    if (crossX * crossX + crossY * crossY + crossZ * crossZ < farthest) {
                        found.add(indices[i], along);
                    }
                }
            }
        }
    }

    /** Points found on an edge, few of them mostly, by how far along it they lie. */
    private static final class Found {

        private int[] indices = NONE;
        private double[] along = {};
        private int count;

        void add(int index, double way) {
            if (count == indices.length) {
                indices = Arrays.copyOf(indices, 2 * count + 8);
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
        double distance = nearest == null ? Double.POSITIVE_INFINITY : nearest.at().distance(point);
        int index = distance < SAME && nearest != null ? nearest.index() : points.size();
        if (index == points.size()) {
            points.add(point);
        }
        if (distance > KNOWN) {
            Place place = new Place(point, index);
            places.add(place);
            buckets.computeIfAbsent(key(point.getX(), point.getY(), point.getZ()), key -> new ArrayList<>()).add(place);
        }
        return index;
    }

    private @Nullable Place nearest(Vector3D point) {
        Place nearest = null;
        for (long key : keysNear(point)) {
            for (Place place : buckets.getOrDefault(key, List.of())) {
                if (nearest == null || place.at().distanceSq(point) < nearest.at().distanceSq(point)) {
                    nearest = place;
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
        sort();
        double[] a = start.toArray();
        double[] b = end.toArray();
        int axis = 0;
        int first = 0;
        int last = places.size();
        for (int i = 0; i < rows.size() && last - first > FEW; i++) {
            int low = rows.get(i).below(i, Math.min(a[i], b[i]) - NEAR);
            int high = rows.get(i).below(i, Math.max(a[i], b[i]) + NEAR);
            if (high - low < last - first) {
                axis = i;
                first = low;
                last = high;
            }
        }
        Found found = new Found();
        rows.get(axis).between(start, end, first, last, found);
        return found.inOrder(from, to);
    }

    private void sort() {
        if (rows.isEmpty() || inRows != places.size()) {
            rows = List.of(Row.by((a, b) -> Double.compare(a.at().getX(), b.at().getX()), places),
                    Row.by((a, b) -> Double.compare(a.at().getY(), b.at().getY()), places),
                    Row.by((a, b) -> Double.compare(a.at().getZ(), b.at().getZ()), places));
            inRows = places.size();
        }
    }

    Vector3D get(int index) {
        return points.get(index);
    }

    List<Vector3D> points() {
        return points;
    }
}
