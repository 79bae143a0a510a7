package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A convex polyhedron, such as a box or a box with a slanted end: the brick that every {@link Solid} is built of.
 *
 * <p>Immutable. Its faces point outwards. A part thinner than {@link Tolerance#LENGTH} counts as nothing.
 */
public final class Cell {

    private final List<Polygon> faces;
    private final List<Vector3D> corners;
    private final Bounds bounds;

    Cell(List<Polygon> faces, List<Vector3D> corners) {
        this.faces = List.copyOf(faces);
        this.corners = List.copyOf(corners);
        this.bounds = Bounds.of(corners);
    }

    /**
     * The box from (x0, y0, z0) to (x1, y1, z1), in millimetres, in a piece's frame of reference; empty unless each
     * second figure is greater.
     */
    public static Optional<Cell> box(Pose pose, double x0, double y0, double z0, double x1, double y1, double z1) {
        if (x1 - x0 < Tolerance.LENGTH || y1 - y0 < Tolerance.LENGTH || z1 - z0 < Tolerance.LENGTH) {
            return Optional.empty();
        }
        Vector3D[] c = new Vector3D[8];
        for (int i = 0; i < 8; i++) {
            c[i] = pose.toWorld((i & 1) == 0 ? x0 : x1, (i & 2) == 0 ? y0 : y1, (i & 4) == 0 ? z0 : z1);
        }
        return Optional.of(new Cell(List.of(face(pose.along().negate(), c[0], c[4], c[6], c[2]),
                face(pose.along(), c[1], c[3], c[7], c[5]), face(pose.across().negate(), c[0], c[1], c[5], c[4]),
                face(pose.across(), c[2], c[6], c[7], c[3]), face(pose.out().negate(), c[0], c[2], c[3], c[1]),
                face(pose.out(), c[4], c[5], c[7], c[6])), List.of(c)));
    }

    /**
     * The prism over a convex outline, from x0 to x1 in a piece's frame of reference.
     *
     * @param y of the outline's corners, anticlockwise as seen against x, in millimetres
     * @param z of the same corners
     */
    public static Cell prism(Pose pose, double x0, double x1, double[] y, double[] z) {
        int count = y.length;
        Vector3D[] corners = new Vector3D[2 * count];
        for (int i = 0; i < count; i++) {
            corners[i] = pose.toWorld(x0, y[i], z[i]);
            corners[count + i] = pose.toWorld(x1, y[i], z[i]);
        }
        Vector3D[] foot = new Vector3D[count];
        Vector3D[] head = new Vector3D[count];
        for (int i = 0; i < count; i++) {
            foot[i] = corners[count - 1 - i];
            head[i] = corners[count + i];
        }
        List<Polygon> faces = new ArrayList<>(count + 2);
        faces.add(face(pose.along().negate(), foot));
        faces.add(face(pose.along(), head));
        List<Polygon> sides = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            int next = (i + 1) % count;
            Vector3D out = pose.across().multiply(z[next] - z[i]).subtract(pose.out().multiply(y[next] - y[i]));
            sides.add(face(out.normalize(), corners[i], corners[next], corners[count + next], corners[count + i]));
        }
        // The sides along the axes first: what it is cut out of then falls into large parts before small ones.
        sides.sort(Comparator.comparingLong(side -> -uprightness(pose, side.plane().normal())));
        faces.addAll(sides);
        return new Cell(faces, List.of(corners));
    }

    /** In millionths, so that noise does not put the sides of like prisms in different orders. */
    private static long uprightness(Pose pose, Vector3D.Unit normal) {
        return Math.round(
                1e6 * Math.max(Math.abs(Plain.dot(normal, pose.across())), Math.abs(Plain.dot(normal, pose.out()))));
    }

    private static Polygon face(Vector3D.Unit normal, Vector3D... corners) {
        return new Polygon(new HalfSpace(normal, Plain.dot(normal, corners[0])), List.of(corners));
    }

    public List<Polygon> faces() {
        return faces;
    }

    public Bounds bounds() {
        return bounds;
    }

    /** Its distinct corners. */
    public List<Vector3D> corners() {
        return corners;
    }

    /** The same cell elsewhere. */
    Cell moved(Vector3D by) {
        return new Cell(faces.stream().map(face -> new Polygon(
                face.plane().moved(face.plane().normal().dot(by)),
                face.corners().stream().map(corner -> corner.add(by)).toList())).toList(),
                corners.stream().map(corner -> corner.add(by)).toList());
    }

    /** The part on the inner side of a half space. */
    public Optional<Cell> clip(HalfSpace keep) {
        return switch (side(keep)) {
            case INSIDE -> Optional.of(this);
            case OUTSIDE -> Optional.empty();
            case BOTH -> Optional.of(Halves.inside(this, keep));
        };
    }

    /** On which side of the boundary of a half space a cell lies. */
    private enum Side {
        INSIDE, OUTSIDE, BOTH
    }

    private Side side(HalfSpace keep) {
        double deepest = Double.POSITIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        for (Vector3D corner : corners) {
            double distance = keep.distance(corner);
            deepest = Math.min(deepest, distance);
            highest = Math.max(highest, distance);
        }
        if (deepest > -Tolerance.LENGTH) {
            return Side.OUTSIDE;
        }
        return highest <= Tolerance.LENGTH ? Side.INSIDE : Side.BOTH;
    }

    /** Whether another cell lies wholly inside this one. */
    public boolean contains(Cell other) {
        if (!bounds.overlaps(other.bounds)) {
            return false;
        }
        for (Polygon face : faces) {
            for (Vector3D corner : other.corners) {
                if (face.plane().distance(corner) > Tolerance.LENGTH) {
                    return false;
                }
            }
        }
        return true;
    }

    /** What both share. */
    public Optional<Cell> and(Cell other) {
        if (!bounds.overlaps(other.bounds)) {
            return Optional.empty();
        }
        Optional<Cell> rest = Optional.of(this);
        for (Polygon face : other.faces) {
            rest = rest.flatMap(cell -> cell.clip(face.plane()));
        }
        return rest;
    }

    /** What is left when another cell is taken away: convex parts that do not overlap. */
    List<Cell> minus(Cell other) {
        if (!bounds.overlaps(other.bounds)) {
            return List.of(this);
        }
        List<Cell> outside = new ArrayList<>();
        Cell rest = this;
        for (Polygon face : other.faces) {
            Side side = rest.side(face.plane());
            if (side == Side.OUTSIDE) {
                // They share nothing after all.
                return List.of(this);
            }
            if (side == Side.BOTH) {
                rest = Halves.both(rest, face.plane(), outside);
            }
        }
        return outside;
    }

    /** In mm³. */
    public double volume() {
        double sum = 0;
        for (Polygon face : faces) {
            sum += Plain.dot(face.area(), face.corners().getFirst().subtract(bounds.least()));
        }
        return sum / 3;
    }

    /**
     * Whether nothing of another cell can lie between this one and the eye: a plane of either cell parts the two and has this
     * one on the eye's side, or is seen edge-on.
     *
     * @param toEye towards an eye that is infinitely far away
     */
    public boolean isClearOf(Cell other, Vector3D.Unit toEye) {
        for (Polygon face : faces) {
            if (Plain.dot(face.plane().normal(), toEye) <= Tolerance.DIRECTION && other.isBeyond(face.plane())) {
                return true;
            }
        }
        for (Polygon face : other.faces) {
            if (Plain.dot(face.plane().normal(), toEye) >= -Tolerance.DIRECTION && isBeyond(face.plane())) {
                return true;
            }
        }
        return false;
    }

    private boolean isBeyond(HalfSpace plane) {
        for (Vector3D corner : corners) {
            if (plane.distance(corner) < -Tolerance.LENGTH) {
                return false;
            }
        }
        return true;
    }
}
