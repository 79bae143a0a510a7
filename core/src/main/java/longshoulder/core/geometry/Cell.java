package longshoulder.core.geometry;

import java.util.ArrayList;
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

    private Cell(List<Polygon> faces, List<Vector3D> corners) {
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

    private static Polygon face(Vector3D.Unit normal, Vector3D... corners) {
        return new Polygon(new HalfSpace(normal, normal.dot(corners[0])), List.of(corners));
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
        double deepest = Double.POSITIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        for (Vector3D corner : corners) {
            double distance = keep.distance(corner);
            deepest = Math.min(deepest, distance);
            highest = Math.max(highest, distance);
        }
        if (deepest > -Tolerance.LENGTH) {
            return Optional.empty();
        }
        return highest <= Tolerance.LENGTH ? Optional.of(this) : Optional.of(cut(keep));
    }

    private Cell cut(HalfSpace keep) {
        List<Polygon> kept = new ArrayList<>(faces.size() + 1);
        List<Vector3D> rim = new ArrayList<>();
        for (Polygon face : faces) {
            face.clip(keep).ifPresent(part -> {
                kept.add(part);
                for (Vector3D corner : part.corners()) {
                    if (keep.distance(corner) >= -Tolerance.LENGTH) {
                        addNew(rim, corner);
                    }
                }
            });
        }
        kept.add(new Polygon(keep, aroundNormal(rim, keep.normal())));
        for (Vector3D corner : corners) {
            if (keep.distance(corner) < -Tolerance.LENGTH) {
                rim.add(corner);
            }
        }
        return new Cell(kept, rim);
    }

    private static void addNew(List<Vector3D> points, Vector3D point) {
        for (Vector3D known : points) {
            if (Plain.squaredDistance(known, point) < 4 * Tolerance.LENGTH * Tolerance.LENGTH) {
                return;
            }
        }
        points.add(point);
    }

    private static List<Vector3D> aroundNormal(List<Vector3D> points, Vector3D.Unit normal) {
        Vector3D sum = Vector3D.ZERO;
        for (Vector3D point : points) {
            sum = sum.add(point);
        }
        Vector3D middle = sum.multiply(1.0 / points.size());
        Vector3D.Unit right = normal.orthogonal();
        Vector3D up = normal.cross(right);
        double[] turns = new double[points.size()];
        Vector3D[] around = new Vector3D[points.size()];
        // Few points: put in where they belong, with each angle worked out once.
        for (int i = 0; i < around.length; i++) {
            Vector3D offset = points.get(i).subtract(middle);
            double turn = turn(Plain.dot(offset, right), Plain.dot(offset, up));
            int at = i;
            while (at > 0 && turns[at - 1] > turn) {
                turns[at] = turns[at - 1];
                around[at] = around[at - 1];
                at--;
            }
            turns[at] = turn;
            around[at] = points.get(i);
        }
        return List.of(around);
    }

    /** Grows with the angle from x towards y as that does, from 0 to 4, without its cost. */
    private static double turn(double x, double y) {
        double share = x / (Math.abs(x) + Math.abs(y));
        return y < 0 ? 3 + share : 1 - share;
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
            Optional<Cell> inside = rest.clip(face.plane());
            if (inside.isEmpty()) {
                // They share nothing after all.
                return List.of(this);
            }
            if (inside.get() != rest) {
                rest.clip(face.plane().complement()).ifPresent(outside::add);
            }
            rest = inside.get();
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
