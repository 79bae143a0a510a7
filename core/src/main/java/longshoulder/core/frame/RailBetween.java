package longshoulder.core.frame;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Lays a rail between two posts: its shoulders are the planes of the faces that look at each other. */
final class RailBetween {

    private RailBetween() {}

    /** The rail; empty where the posts stand so that no level rail goes between them. */
    static Optional<Piece> of(Alteration.Between asked, Frame frame) {
        Piece from = frame.piece(asked.from());
        Piece to = frame.piece(asked.to());
        double low = asked.height().toMillimetres();
        Optional<Vector3D> start = centre(from, low);
        Optional<Vector3D> finish = centre(to, low);
        if (start.isEmpty() || finish.isEmpty()) {
            return Optional.empty();
        }
        Vector3D way = finish.get().subtract(start.get());
        boolean lengthwise = Math.abs(way.getX()) >= Math.abs(way.getY());
        Vector3D.Unit along = lengthwise
                ? way.getX() < 0 ? Vector3D.Unit.MINUS_X : Vector3D.Unit.PLUS_X
                : way.getY() < 0 ? Vector3D.Unit.MINUS_Y : Vector3D.Unit.PLUS_Y;
        Vector3D.Unit out = along.cross(Vector3D.Unit.MINUS_Z).normalize();
        Vector3D.Unit sideways = lengthwise ? Vector3D.Unit.PLUS_Y : Vector3D.Unit.PLUS_X;
        double thickness = asked.thickness().toMillimetres();
        Vector3D origin = start.get().add(sideways.multiply(asked.shift().toMillimetres()))
                .subtract(out.multiply(thickness / 2)).add(Vector3D.of(0, 0, asked.width().toMillimetres()));
        Pose rough = new Pose(origin, along, Vector3D.Unit.MINUS_Z, out);
        return laid(asked, rough, face(from, along).complement(), face(to, along.negate()).complement());
    }

    private static Optional<Piece> laid(Alteration.Between asked, Pose rough, HalfSpace start, HalfSpace finish) {
        Shape shape = Shape.box(rough, 1, asked.width().toMillimetres(), asked.thickness().toMillimetres())
                .between(start, finish);
        Amount width = size(asked, "width", asked.width());
        Amount thickness = size(asked, "thickness", asked.thickness());
        Length longest = Length.fromMillimetres(Arrays.stream(shape.arrises()).max().orElse(0));
        Amount length = new Amount.Traced(Label.of("amount.shoulder", asked.piece()), longest,
                List.of(width, thickness), Label.of("rule.planes"));
        Pose pose = new Pose(shape.corners(shape.start()).getFirst(), rough.along(), rough.across(), rough.out());
        boolean square = isSquare(start, rough) && isSquare(finish, rough);
        return Optional.of(square
                ? new Piece(asked.piece(), asked.role(), asked.mark(), length, width, thickness, pose)
                : new Piece(asked.piece(), asked.role(), asked.mark(), length, width, thickness, pose, shape));
    }

    private static boolean isSquare(HalfSpace end, Pose pose) {
        return Math.abs(end.normal().dot(pose.along())) > 1 - 1e-12;
    }

    private static Amount size(Alteration.Between asked, String what, Length size) {
        return new Amount.Ruled(Label.of("amount.altered." + what, asked.piece()), size, Label.of("rule.altered"));
    }

    /** The long face of a post that looks most nearly in a direction. */
    private static HalfSpace face(Piece post, Vector3D.Unit direction) {
        Shape shape = post.shape();
        return Stream.of(shape.faceSide(), shape.back(), shape.faceEdge(), shape.farEdge())
                .max(Comparator.comparingDouble(plane -> plane.normal().dot(direction))).orElseThrow();
    }

    /** Where the middle of a piece is at a height: of an upright on its axis, of a level piece half way along. */
    private static Optional<Vector3D> centre(Piece piece, double height) {
        if (!piece.isReal()) {
            return Optional.empty();
        }
        Vector3D one = middle(piece.shape().corners(piece.shape().start()));
        Vector3D other = middle(piece.shape().corners(piece.shape().finish()));
        double rise = other.getZ() - one.getZ();
        Vector3D at = Math.abs(rise) < 1 ? one.lerp(other, 0.5) : one.lerp(other, (height - one.getZ()) / rise);
        return Optional.of(Vector3D.of(at.getX(), at.getY(), height));
    }

    private static Vector3D middle(List<Vector3D> corners) {
        return corners.get(0).lerp(corners.get(2), 0.5);
    }
}
