package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
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

    /** So few places are gone through faster than put in order. */
    private static final int FEW = 100;

    /** A place this near to a known one adds nothing. */
    private static final double KNOWN = Tolerance.LENGTH / 10;
    private static final int[] NONE = {};

    /** Where a point was seen. */
    private record Place(Vector3D at, int index) {}

    private final List<Vector3D> points = new ArrayList<>();
    private final List<Place> places = new ArrayList<>();
    private final Map<Long, List<Place>> buckets = new HashMap<>();

    /** The places in the order of x, of y and of z; made anew when places were added since. */
    private List<Sorted> sorted = List.of();
    private int sortedPlaces;

    /** Places by one coordinate. */
    private static final class Sorted {

        private final Place[] places;
        private final double[] values;

        Sorted(List<Place> all, ToDoubleFunction<Vector3D> coordinate) {
            places = all.toArray(Place[]::new);
            Arrays.sort(places, Comparator.comparingDouble(place -> coordinate.applyAsDouble(place.at())));
            values = Arrays.stream(places).mapToDouble(place -> coordinate.applyAsDouble(place.at())).toArray();
        }

        /** How many lie below a value. */
        int below(double value) {
            int at = Arrays.binarySearch(values, value);
            return at < 0 ? -at - 1 : at;
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
     * points at its ends. In plain numbers, and only of the points that lie near it along the axis on which these are fewest.
     */
    int[] between(Vector3D start, Vector3D end, int from, int to) {
        if (places.size() < FEW) {
            return between(start, end, from, to, places);
        }
        sort();
        int axis = 0;
        int first = 0;
        int last = places.size();
        double[] a = start.toArray();
        double[] b = end.toArray();
        for (int i = 0; i < sorted.size(); i++) {
            int low = sorted.get(i).below(Math.min(a[i], b[i]) - NEAR);
            int high = sorted.get(i).below(Math.max(a[i], b[i]) + NEAR);
            if (high - low < last - first) {
                axis = i;
                first = low;
                last = high;
            }
        }
        return between(start, end, from, to, Arrays.asList(sorted.get(axis).places).subList(first, last));
    }

    private void sort() {
        if (sorted.isEmpty() || sortedPlaces != places.size()) {
            sorted = List.of(new Sorted(places, Vector3D::getX), new Sorted(places, Vector3D::getY),
                    new Sorted(places, Vector3D::getZ));
            sortedPlaces = places.size();
        }
    }

    private static int[] between(Vector3D start, Vector3D end, int from, int to, List<Place> candidates) {
        Vector3D way = end.subtract(start);
        double squared = way.normSq();
        double farthest = NEAR * NEAR * squared;
        List<Place> found = List.of();
        for (Place place : candidates) {
            double x = place.at().getX() - start.getX();
            double y = place.at().getY() - start.getY();
            double z = place.at().getZ() - start.getZ();
            double along = x * way.getX() + y * way.getY() + z * way.getZ();
            if (along <= 0 || along >= squared || place.index() == from || place.index() == to) {
                continue;
            }
            double crossX = y * way.getZ() - z * way.getY();
            double crossY = z * way.getX() - x * way.getZ();
            double crossZ = x * way.getY() - y * way.getX();
            if (crossX * crossX + crossY * crossY + crossZ * crossZ < farthest) {
                found = found.isEmpty() ? new ArrayList<>() : found;
                found.add(place);
            }
        }
        return found.isEmpty() ? NONE : ordered(found, start, way);
    }

    private static int[] ordered(List<Place> found, Vector3D start, Vector3D way) {
        found.sort(Comparator.comparingDouble(place -> place.at().subtract(start).dot(way)));
        return Arrays.stream(found.stream().mapToInt(Place::index).toArray()).distinct().toArray();
    }

    Vector3D get(int index) {
        return points.get(index);
    }

    List<Vector3D> points() {
        return points;
    }
}
