package longshoulder.core.frame;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The body of a piece before any joint is cut: what lies inside two ends and four long faces, each a plane in the world. The
 * faces need not be square to each other: a leg that is backed has a rhomb for its section, and an end between leaning
 * legs leans.
 *
 * @param isBox whether all are square to each other and to the piece's pose
 */
public record Shape(HalfSpace start, HalfSpace finish, HalfSpace faceSide, HalfSpace back, HalfSpace faceEdge,
        HalfSpace farEdge, boolean isBox) {

    /** A shape whose planes lean. */
    public Shape(HalfSpace start, HalfSpace finish, HalfSpace faceSide, HalfSpace back, HalfSpace faceEdge,
            HalfSpace farEdge) {
        this(start, finish, faceSide, back, faceEdge, farEdge, false);
    }

    /** A plain box, in millimetres. */
    public static Shape box(Pose pose, double length, double width, double thickness) {
        Vector3D origin = pose.origin();
        return new Shape(HalfSpace.through(origin, pose.along().negate()),
                HalfSpace.through(pose.toWorld(length, 0, 0), pose.along()),
                HalfSpace.through(pose.toWorld(0, 0, thickness), pose.out()),
                HalfSpace.through(origin, pose.out().negate()), HalfSpace.through(origin, pose.across().negate()),
                HalfSpace.through(pose.toWorld(0, width, 0), pose.across()), true);
    }

    /** The same long faces between other ends. */
    public Shape between(HalfSpace otherStart, HalfSpace otherFinish) {
        return new Shape(otherStart, otherFinish, faceSide, back, faceEdge, farEdge);
    }

    /** The same planes, edges taken for faces. */
    @SuppressWarnings("ArgumentSelectionDefectChecker") // the swap is the point
    Shape turned() {
        return new Shape(start, finish, faceEdge, farEdge, back, faceSide, isBox);
    }

    /** The same shape elsewhere. */
    public Shape moved(Vector3D by) {
        return new Shape(moved(start, by), moved(finish, by), moved(faceSide, by), moved(back, by),
                moved(faceEdge, by), moved(farEdge, by), isBox);
    }

    private static HalfSpace moved(HalfSpace plane, Vector3D by) {
        return plane.moved(plane.normal().dot(by));
    }

    /** The long face that looks most nearly in a direction; the piece lies inside. */
    public HalfSpace looking(Vector3D.Unit direction) {
        return Stream.of(faceSide, back, faceEdge, farEdge)
                .max(Comparator.comparingDouble(plane -> plane.normal().dot(direction))).orElseThrow();
    }

    /** All six, the ends first. */
    public List<HalfSpace> planes() {
        return List.of(start, finish, faceSide, back, faceEdge, farEdge);
    }

    /** Where the four long edges meet an end: face edge and back first, then round. */
    public List<Vector3D> corners(HalfSpace end) {
        return List.of(HalfSpace.meet(end, faceEdge, back), HalfSpace.meet(end, faceEdge, faceSide),
                HalfSpace.meet(end, farEdge, faceSide), HalfSpace.meet(end, farEdge, back));
    }

    /** Lengths of the four long arrises, in millimetres, in the order of {@link #corners}. */
    public double[] arrises() {
        List<Vector3D> from = corners(start);
        List<Vector3D> to = corners(finish);
        double[] lengths = new double[4];
        for (int i = 0; i < 4; i++) {
            Vector3D edge = to.get(i).subtract(from.get(i));
            lengths[i] = Math.copySign(edge.norm(), edge.dot(finish.normal()));
        }
        return lengths;
    }

    /** The solid, cut out of a block in the pose's frame of reference that holds it. */
    Solid solid(Pose pose) {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (HalfSpace end : List.of(start, finish)) {
            for (Vector3D corner : corners(end)) {
                double[] p = pose.toLocal(corner).toArray();
                for (int axis = 0; axis < 3; axis++) {
                    low[axis] = Math.min(low[axis], p[axis] - 1);
                    high[axis] = Math.max(high[axis], p[axis] + 1);
                }
            }
        }
        Optional<Cell> cell = Cell.box(pose, low[0], low[1], low[2], high[0], high[1], high[2]);
        for (HalfSpace plane : planes()) {
            cell = cell.flatMap(rest -> rest.clip(plane));
        }
        return Solid.of(cell);
    }
}
