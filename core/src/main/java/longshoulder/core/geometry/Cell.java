package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * A convex polyhedron, such as a box or a box with a slanted end: the brick that every {@link Solid} is built of.
 *
 * <p>Immutable. Its faces point outwards. A part thinner than {@link Tolerance#LENGTH} counts as nothing.
 *
 * <p>It is kept as points and, for each face, a plane and the numbers of the points round it: most cells are sawn up again at once, and
 * a point that three faces share is then looked at once. Its faces as polygons are put together when somebody asks for them.
 */
public final class Cell {

    /** The points round each face of a box whose corners are numbered by the bits of x, y and z. */
    private static final int[][] BOX = {{0, 4, 6, 2}, {1, 3, 7, 5}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 2, 3, 1},
            {4, 5, 7, 6}};

    /** The radius of a ball of the least volume that counts, in millimetres: (3 V / 4 π)^⅓. */
    private static final double BALL = Math.cbrt(0.75 * Tolerance.VOLUME / Math.PI);

    private final Vector3D[] points;
    private final int distinct;
    private final HalfSpace[] planes;
    private final int[][] loops;
    private volatile @Nullable Bounds bounds;
    /** Two threads may both compute them; the results are equal, so no lock is needed. */
    private volatile @Nullable List<Polygon> faces;
    private volatile @Nullable List<Vector3D> corners;

    /**
     * @param points its corners; behind them points that fall together with one of them, as sawing leaves them in a face
     * @param distinct how many of the points are corners
     * @param planes of its faces
     * @param loops the numbers of the points round each face, anticlockwise from outside
     */
    Cell(Vector3D[] points, int distinct, HalfSpace[] planes, int[][] loops) {
        this.points = points;
        this.distinct = distinct;
        this.planes = planes;
        this.loops = loops;
    }

    /**
     * The box from (x0, y0, z0) to (x1, y1, z1), in millimetres, in a piece's frame of reference; empty unless each
     * second figure is greater.
     */
    public static Optional<Cell> box(Pose pose, double x0, double y0, double z0, double x1, double y1, double z1) {
        if (x1 - x0 < Tolerance.LENGTH || y1 - y0 < Tolerance.LENGTH || z1 - z0 < Tolerance.LENGTH) {
            return Optional.empty();
        }
        Vector3D[] points = new Vector3D[8];
        for (int i = 0; i < 8; i++) {
            points[i] = pose.toWorld((i & 1) == 0 ? x0 : x1, (i & 2) == 0 ? y0 : y1, (i & 4) == 0 ? z0 : z1);
        }
        HalfSpace[] planes = {plane(pose.along().negate(), points[0]), plane(pose.along(), points[1]),
                plane(pose.across().negate(), points[0]), plane(pose.across(), points[2]),
                plane(pose.out().negate(), points[0]), plane(pose.out(), points[4])};
        return Optional.of(new Cell(points, points.length, planes, BOX));
    }

    /**
     * The prism over a convex outline, from x0 to x1 in a piece's frame of reference.
     *
     * @param y of the outline's corners, anticlockwise as seen against x, in millimetres
     * @param z of the same corners
     */
    public static Cell prism(Pose pose, double x0, double x1, double[] y, double[] z) {
        int count = y.length;
        Vector3D[] points = new Vector3D[2 * count];
        int[][] loops = new int[count + 2][];
        HalfSpace[] planes = new HalfSpace[count + 2];
        loops[0] = new int[count];
        loops[1] = new int[count];
        for (int i = 0; i < count; i++) {
            points[i] = pose.toWorld(x0, y[i], z[i]);
            points[count + i] = pose.toWorld(x1, y[i], z[i]);
            loops[0][i] = count - 1 - i;
            loops[1][i] = count + i;
        }
        planes[0] = plane(pose.along().negate(), points[0]);
        planes[1] = plane(pose.along(), points[count]);
        int face = 2;
        for (int i : sides(y, z)) {
            int next = (i + 1) % count;
            Vector3D out = pose.across().multiply(z[next] - z[i]).subtract(pose.out().multiply(y[next] - y[i]));
            planes[face] = plane(out.normalize(), points[i]);
            loops[face++] = new int[]{i, next, count + next, count + i};
        }
        return new Cell(points, points.length, planes, loops);
    }

    /** The prism over the outline of something round, whose corners are those of its facets. */
    public static Cell round(Pose pose, double x0, double x1, double[] y, double[] z) {
        Cell prism = prism(pose, x0, x1, y, z);
        HalfSpace[] planes = prism.planes.clone();
        for (int side = 2; side < planes.length; side++) {
            planes[side] = planes[side].rounded();
        }
        return new Cell(prism.points, prism.distinct, planes, prism.loops);
    }

    /**
     * The sides of an outline, each by the number of the corner at which it begins. Those along the axes come first, and of them those square
     * to y: what the prism is cut out of then falls into large parts before small ones, and mortises one above the other lie in parts of
     * their own.
     */
    private static int[] sides(double[] y, double[] z) {
        long[] keys = new long[y.length];
        for (int i = 0; i < keys.length; i++) {
            int next = (i + 1) % keys.length;
            double alongY = Math.abs(y[next] - y[i]);
            double alongZ = Math.abs(z[next] - z[i]);
            // In millionths, so that noise does not put the sides of like prisms in different orders.
            long slant = 1_000_000 - Math.round(1e6 * Math.max(alongY, alongZ) / Math.hypot(alongY, alongZ));
            keys[i] = (2 * slant + (alongY < alongZ ? 0 : 1)) * keys.length + i;
        }
        Arrays.sort(keys);
        int[] sides = new int[keys.length];
        Arrays.setAll(sides, i -> (int) (keys[i] % keys.length));
        return sides;
    }

    private static HalfSpace plane(Vector3D.Unit normal, Vector3D point) {
        return new HalfSpace(normal, Plain.dot(normal, point));
    }

    public List<Polygon> faces() {
        List<Polygon> known = faces;
        if (known == null) {
            Polygon[] all = new Polygon[loops.length];
            for (int i = 0; i < all.length; i++) {
                all[i] = new Polygon(planes[i], List.of(around(loops[i])));
            }
            known = List.of(all);
            faces = known;
        }
        return known;
    }

    private Vector3D[] around(int[] loop) {
        Vector3D[] around = new Vector3D[loop.length];
        for (int i = 0; i < around.length; i++) {
            around[i] = points[loop[i]];
        }
        return around;
    }

    public Bounds bounds() {
        Bounds known = bounds;
        if (known == null) {
            known = Bounds.of(points, distinct);
            bounds = known;
        }
        return known;
    }

    /** Its distinct corners. */
    public List<Vector3D> corners() {
        List<Vector3D> known = corners;
        if (known == null) {
            known = List.of(Arrays.copyOf(points, distinct));
            corners = known;
        }
        return known;
    }

    /** How many distinct corners it has. */
    public int cornerCount() {
        return distinct;
    }

    /** How many faces it has. */
    public int sides() {
        return planes.length;
    }

    /** Whether a face of it stands for a part of something round. */
    public boolean isRound() {
        return Arrays.stream(planes).anyMatch(HalfSpace::round);
    }

    /** The plane of a face, by its number. */
    public HalfSpace plane(int side) {
        return planes[side];
    }

    /** The planes of its faces. */
    HalfSpace[] planes() {
        return planes;
    }

    /** The points round each face, by their numbers. */
    int[][] loops() {
        return loops;
    }

    /** Its corners, and behind them those that fall together with one of them. */
    Vector3D[] points() {
        return points;
    }

    /** The same cell elsewhere. */
    Cell moved(Transform transform) {
        Vector3D[] otherPoints = new Vector3D[points.length];
        Arrays.setAll(otherPoints, i -> transform.point(points[i]));
        HalfSpace[] otherPlanes = new HalfSpace[planes.length];
        Arrays.setAll(otherPlanes, i -> transform.plane(planes[i], pointOn(i)));
        int[][] otherLoops = new int[loops.length][];
        Arrays.setAll(otherLoops, i -> transform.loop(loops[i]));
        return new Cell(otherPoints, distinct, otherPlanes, otherLoops);
    }

    /** A point in the plane of a face; a face without corners, as impossible sizes make them, has a plane all the same. */
    private Vector3D pointOn(int side) {
        return loops[side].length > 0
                ? points[loops[side][0]]
                : planes[side].normal().multiply(planes[side].offset());
    }

    /** The part on the inner side of a half space. */
    public Optional<Cell> clip(HalfSpace keep) {
        double[] distances = distances(keep);
        return switch (side(distances)) {
            case INSIDE -> Optional.of(this);
            case OUTSIDE -> Optional.empty();
            case BOTH -> Optional.of(new CellSplit(this, keep, distances).inside());
        };
    }

    /** On which side of the boundary of a half space a cell lies. */
    private enum Side {
        INSIDE, OUTSIDE, BOTH
    }

    /** How far each of its points lies outside a half space. */
    double[] distances(HalfSpace keep) {
        double[] distances = new double[points.length];
        for (int i = 0; i < distances.length; i++) {
            distances[i] = keep.distance(points[i]);
        }
        return distances;
    }

    private Side side(double[] distances) {
        double deepest = Double.POSITIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < distinct; i++) {
            deepest = Math.min(deepest, distances[i]);
            highest = Math.max(highest, distances[i]);
        }
        if (deepest > -Tolerance.LENGTH) {
            return Side.OUTSIDE;
        }
        return highest <= Tolerance.LENGTH ? Side.INSIDE : Side.BOTH;
    }

    /** The same with its flat faces before the round ones: what it is cut out of is sawn along those first. */
    Cell flatFirst() {
        int[] order = IntStream.concat(IntStream.range(0, planes.length).filter(side -> !planes[side].round()),
                IntStream.range(0, planes.length).filter(side -> planes[side].round())).toArray();
        HalfSpace[] sorted = new HalfSpace[order.length];
        Arrays.setAll(sorted, i -> planes[order[i]]);
        int[][] sortedLoops = new int[order.length][];
        Arrays.setAll(sortedLoops, i -> loops[order[i]]);
        return new Cell(points, distinct, sorted, sortedLoops);
    }

    /** What both share. */
    public Optional<Cell> intersection(Cell other) {
        if (!bounds().overlaps(other.bounds()) || isPartedFrom(other)) {
            return Optional.empty();
        }
        Optional<Cell> rest = Optional.of(this);
        for (HalfSpace plane : other.planes) {
            rest = rest.flatMap(cell -> cell.clip(plane));
        }
        return rest;
    }

    /** Whether a face of the other one has all of this one beyond it: to see that is quicker than to saw until nothing is left. */
    private boolean isPartedFrom(Cell other) {
        for (HalfSpace plane : other.planes) {
            if (isBeyond(plane)) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether both surely share more than a touch: a ball of {@link Tolerance#VOLUME} in the middle of where their boxes overlap lies in
     * both. Where it does not, they still may.
     */
    boolean sharesBall(Cell other) {
        Vector3D middle = bounds().middleWith(other.bounds());
        return isDeep(middle, BALL) && other.isDeep(middle, BALL);
    }

    /** Whether a point lies inside or on the surface. */
    boolean holds(Vector3D point) {
        return isDeep(point, -Tolerance.LENGTH);
    }

    /** Whether a point lies so deep inside each plane. */
    private boolean isDeep(Vector3D point, double depth) {
        for (HalfSpace plane : planes) {
            if (plane.distance(point) > -depth) {
                return false;
            }
        }
        return true;
    }

    /**
     * What is left when another cell is taken away: convex parts that do not overlap.
     *
     * <p>Sawn only along planes that border what both share: along the others it would fall into more parts. To find those costs a first go;
     * a box lies mostly square to what it is cut out of, and is not worth it.
     */
    List<Cell> minus(Cell other) {
        if (isPartedFrom(other)) {
            return List.of(this);
        }
        return other.planes.length > BOX.length
                ? intersection(other).map(shared -> without(border(shared, other))).orElse(List.of(this))
                : without(other.planes);
    }

    /** The planes of the other one that border what both share, those of flat faces first: those of small facets then saw through less. */
    private static HalfSpace[] border(Cell shared, Cell other) {
        List<HalfSpace> all = Arrays.asList(other.planes);
        return Arrays.stream(shared.planes).filter(all::contains).sorted(Comparator.comparing(HalfSpace::round))
                .toArray(HalfSpace[]::new);
    }

    /** What lies outside any of some planes, sawn off along one after the other; all of it if nothing lies inside all of them. */
    private List<Cell> without(HalfSpace[] saws) {
        List<Cell> outside = new ArrayList<>();
        Cell rest = this;
        for (HalfSpace plane : saws) {
            double[] distances = rest.distances(plane);
            Side side = rest.side(distances);
            if (side == Side.OUTSIDE) {
                return List.of(this);
            }
            if (side == Side.BOTH) {
                CellSplit halves = new CellSplit(rest, plane, distances);
                outside.add(halves.outside());
                rest = halves.inside();
            }
        }
        return outside;
    }

    /** How much of the straight way from one point to another lies inside, in millimetres. */
    double within(Vector3D from, Vector3D to) {
        double first = 0;
        double last = 1;
        for (HalfSpace plane : planes) {
            double start = plane.distance(from);
            double end = plane.distance(to);
            if (start > 0 && end > 0) {
                return 0;
            }
            if (start > 0) {
                first = Math.max(first, start / (start - end));
            } else if (end > 0) {
                last = Math.min(last, start / (start - end));
            }
        }
        return Math.max(0, last - first) * from.distance(to);
    }

    /** In mm³. */
    public double volume() {
        double[] sum = {0};
        visitTetrahedra((volume, _, _, _) -> sum[0] += volume);
        return sum[0];
    }

    /** Its volume times where its middle lies, in mm⁴. */
    Vector3D moment() {
        Vector3D[] sum = {Vector3D.ZERO};
        visitTetrahedra((volume, a, b, c) -> sum[0] = sum[0]
                .add(bounds().least().add(a).add(b).add(c).multiply(volume / 4)));
        return sum[0];
    }

    @FunctionalInterface
    private interface Visitor {
        /**
         * @param volume less than nothing where the tetrahedron is turned inside out
         * @param a and the others: its corners besides the one that all share
         */
        void visit(double volume, Vector3D a, Vector3D b, Vector3D c);
    }

    /** Parts it into tetrahedra, from the least corner of its box to the triangles of its faces. */
    private void visitTetrahedra(Visitor visitor) {
        for (int[] loop : loops) {
            // None at all in a face without corners, as impossible sizes make them.
            for (int i = 1; i + 1 < loop.length; i++) {
                Vector3D first = points[loop[0]];
                Vector3D second = points[loop[i]];
                Vector3D third = points[loop[i + 1]];
                Vector3D area = Plain.cross(second.subtract(first), third.subtract(first));
                visitor.visit(Plain.dot(area, first.subtract(bounds().least())) / 6, first, second, third);
            }
        }
    }

    /**
     * Whether nothing of another cell can lie between this one and the eye: a plane of either cell parts the two and has this
     * one on the eye's side, or is seen edge-on.
     *
     * @param toEye towards an eye that is infinitely far away
     */
    public boolean isClearOf(Cell other, Vector3D.Unit toEye) {
        for (HalfSpace plane : planes) {
            if (Plain.dot(plane.normal(), toEye) <= Tolerance.DIRECTION && other.isBeyond(plane)) {
                return true;
            }
        }
        for (HalfSpace plane : other.planes) {
            if (Plain.dot(plane.normal(), toEye) >= -Tolerance.DIRECTION && isBeyond(plane)) {
                return true;
            }
        }
        return false;
    }

    private boolean isBeyond(HalfSpace plane) {
        for (int i = 0; i < distinct; i++) {
            if (plane.distance(points[i]) < -Tolerance.LENGTH) {
                return false;
            }
        }
        return true;
    }
}
