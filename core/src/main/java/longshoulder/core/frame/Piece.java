package longshoulder.core.frame;

import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A piece in its place, before any joint is cut.
 *
 * @param id stable name, such as {@code apron-front}
 * @param mark short workshop label, such as B1
 * @param length of the body's longest arris: from shoulder to shoulder or, without joints at its ends, from end to end
 * @param width across the grain, along the pose's second axis
 * @param thickness along the pose's third axis
 * @param pose where the body stands; x = 0 is its first end, at the arris of face edge and back
 * @param shape its ends and long faces
 */
public record Piece(String id, Role role, String mark, Amount length, Amount width, Amount thickness, Pose pose,
        Shape shape) {

    /** A piece that is a plain box. */
    public Piece(String id, Role role, String mark, Amount length, Amount width, Amount thickness, Pose pose) {
        this(id, role, mark, length, width, thickness, pose, Shape.box(pose, length.value().toMillimetres(),
                width.value().toMillimetres(), thickness.value().toMillimetres()));
    }

    /** Its planes where they lean; empty for a plain box. */
    public Optional<Shape> slanted() {
        return shape.isBox() ? Optional.empty() : Optional.of(shape);
    }

    /** The body in the world; nothing where a size is not positive. */
    public Solid body() {
        if (!shape.isBox() && isReal()) {
            return shape.solid(pose);
        }
        return Solid.of(Cell.box(pose, 0, 0, 0, length.value().toMillimetres(), width.value().toMillimetres(),
                thickness.value().toMillimetres()));
    }

    /** Whether there is any wood in it. */
    public boolean isReal() {
        return length.value().isPositive() && width.value().isPositive() && thickness.value().isPositive();
    }

    /** The same piece, really milled to another section: its face side and face edge, the gauged surfaces, stay where they are. */
    public Piece milledTo(Amount otherWidth, Amount otherThickness) {
        double thinner = thickness.value().minus(otherThickness.value()).toMillimetres();
        double narrower = width.value().minus(otherWidth.value()).toMillimetres();
        if (shape.isBox()) {
            return new Piece(id, role, mark, length, otherWidth, otherThickness,
                    new Pose(pose.toWorld(0, 0, thinner), pose.along(), pose.across(), pose.out()));
        }
        Shape other = new Shape(shape.start(), shape.finish(), shape.faceSide(), shape.back().moved(-thinner),
                shape.faceEdge(), shape.farEdge().moved(-narrower));
        Pose moved = new Pose(other.corners(other.start()).getFirst(), pose.along(), pose.across(), pose.out());
        return new Piece(id, role, mark, length, otherWidth, otherThickness, moved, other);
    }

    /** Where the middle of it is at a height: of an upright on its axis, of a level piece half way along. */
    public Vector3D middleAt(double height) {
        Vector3D one = middle(shape.corners(shape.start()));
        Vector3D other = middle(shape.corners(shape.finish()));
        double rise = other.getZ() - one.getZ();
        Vector3D at = one.lerp(other, Math.abs(rise) < 1 ? 0.5 : (height - one.getZ()) / rise);
        return Vector3D.of(at.getX(), at.getY(), height);
    }

    private static Vector3D middle(List<Vector3D> corners) {
        return corners.get(0).lerp(corners.get(2), 0.5);
    }

    /** Another piece of its length and width, glued to its back. */
    public Piece layeredBehind(String otherId, Role otherRole, Amount otherThickness) {
        double thick = otherThickness.value().toMillimetres();
        Pose there = new Pose(pose.toWorld(0, 0, -thick), pose.along(), pose.across(), pose.out());
        if (shape.isBox()) {
            return new Piece(otherId, otherRole, mark + "i", length, width, otherThickness, there);
        }
        Shape behind = new Shape(shape.start(), shape.finish(), shape.back().complement(), shape.back().moved(thick),
                shape.faceEdge(), shape.farEdge());
        return new Piece(otherId, otherRole, mark + "i", length, width, otherThickness,
                new Pose(behind.corners(behind.start()).getFirst(), pose.along(), pose.across(), pose.out()), behind);
    }

    /** The same piece elsewhere. */
    public Piece moved(Vector3D by) {
        Pose there = new Pose(pose.origin().add(by), pose.along(), pose.across(), pose.out());
        return shape.isBox()
                ? new Piece(id, role, mark, length, width, thickness, there)
                : new Piece(id, role, mark, length, width, thickness, there, shape.moved(by));
    }

    /** The same piece under another workshop label. */
    Piece marked(String other) {
        return new Piece(id, role, other, length, width, thickness, pose, shape);
    }

    /** The same piece seen with its edges for its faces: what was its width is its thickness. */
    @SuppressWarnings("ArgumentSelectionDefectChecker") // the swap is the point
    public Piece turned() {
        Pose quarter = new Pose(pose.toWorld(0, width.value().toMillimetres(), 0), pose.along(), pose.out(),
                pose.across().negate());
        return new Piece(id, role, mark, length, thickness, width, quarter, shape.turned());
    }

    /** The same piece between other ends, each moved out along the grain by so many millimetres. */
    public Piece endingFarther(double atStart, double atFinish, Amount otherLength) {
        Pose moved = new Pose(pose.toWorld(-atStart, 0, 0), pose.along(), pose.across(), pose.out());
        if (shape.isBox()) {
            return new Piece(id, role, mark, otherLength, width, thickness, moved);
        }
        Shape other = shape.between(
                shape.start().moved(atStart * Math.abs(shape.start().normal().dot(pose.along()))),
                shape.finish().moved(atFinish * Math.abs(shape.finish().normal().dot(pose.along()))));
        return new Piece(id, role, mark, otherLength, width, thickness, moved, other);
    }

    /** The same piece between other long edges, each moved out across the grain by so many millimetres. */
    public Piece reachingFarther(double atFaceEdge, double atFarEdge, Amount otherWidth) {
        if (shape.isBox()) {
            return new Piece(id, role, mark, length, otherWidth, thickness,
                    new Pose(pose.toWorld(0, -atFaceEdge, 0), pose.along(), pose.across(), pose.out()));
        }
        Shape other = new Shape(shape.start(), shape.finish(), shape.faceSide(), shape.back(),
                shape.faceEdge().moved(atFaceEdge), shape.farEdge().moved(atFarEdge));
        Pose moved = new Pose(other.corners(other.start()).getFirst(), pose.along(), pose.across(), pose.out());
        return new Piece(id, role, mark, length, otherWidth, thickness, moved, other);
    }

    /** The same piece, really cut to another shoulder length and lying centred between its posts. */
    Piece cutTo(Amount.Cut cut) {
        double shift = length.value().minus(cut.value()).toMillimetres() / 2;
        return endingFarther(-shift, -shift, cut);
    }
}
