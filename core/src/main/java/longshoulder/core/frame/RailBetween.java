package longshoulder.core.frame;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Lays rails between two faces that may lean: their shoulders are the planes of these faces. */
public final class RailBetween {

    private RailBetween() {}

    /**
     * A rail between two faces.
     *
     * @param rough where it would lie, were it square: its origin anywhere along it, at the arris of face edge and back
     * @param hangsOn the amounts that its length hangs on
     * @param from the face on which it starts, whose post lies inside the half space
     * @param to the face on which it ends
     */
    public static Piece lay(String id, Role role, String mark, Amount width, Amount thickness, Pose rough,
            List<Amount> hangsOn, HalfSpace from, HalfSpace to) {
        Shape shape = Shape.box(rough, 1, width.value().toMillimetres(), thickness.value().toMillimetres())
                .between(from.complement(), to.complement());
        Pose pose = new Pose(shape.corners(shape.start()).getFirst(), rough.along(), rough.across(), rough.out());
        Amount length = new Amount.Traced(Label.of("amount.shoulder", id),
                Length.fromMillimetres(Arrays.stream(shape.arrises()).max().orElse(0)), hangsOn,
                Label.of("rule.planes"));
        return Tolerance.isParallel(from.normal(), rough.along()) && Tolerance.isParallel(to.normal(), rough.along())
                ? new Piece(id, role, mark, length, width, thickness, pose)
                : new Piece(id, role, mark, length, width, thickness, pose, shape);
    }

    /**
     * A level rail that the maker lays between two posts; empty where both are one or stand over each other, or where one has no
     * long face that looks at the other.
     */
    static Optional<Piece> of(Alteration.Between asked, Frame frame) {
        Piece from = frame.piece(asked.from());
        Piece to = frame.piece(asked.to());
        double low = asked.height().toMillimetres();
        Vector3D middle = from.middleAt(low);
        Vector3D way = to.middleAt(low).subtract(middle);
        boolean lengthwise = Math.abs(way.getX()) >= Math.abs(way.getY());
        double distance = lengthwise ? way.getX() : way.getY();
        if (!from.isReal() || !to.isReal() || Math.abs(distance) < 1) {
            return Optional.empty();
        }
        Vector3D.Unit sideways = lengthwise ? Vector3D.Unit.PLUS_Y : Vector3D.Unit.PLUS_X;
        Vector3D.Unit ahead = lengthwise ? Vector3D.Unit.PLUS_X : Vector3D.Unit.PLUS_Y;
        Vector3D.Unit along = distance < 0 ? ahead.negate() : ahead;
        HalfSpace start = from.shape().looking(along);
        HalfSpace finish = to.shape().looking(along.negate());
        if (start.normal().dot(along) < 0.5 || finish.normal().dot(along) > -0.5) {
            return Optional.empty();
        }
        Vector3D.Unit out = along.cross(Vector3D.Unit.MINUS_Z).normalize();
        Amount width = Alteration.own(asked.piece(), "width", asked.width());
        Amount thickness = Alteration.own(asked.piece(), "thickness", asked.thickness());
        Vector3D origin = middle.add(sideways.multiply(asked.shift().toMillimetres()))
                .subtract(out.multiply(asked.thickness().toMillimetres() / 2))
                .add(Vector3D.of(0, 0, asked.width().toMillimetres()));
        return Optional.of(lay(asked.piece(), asked.role(), asked.mark(), width, thickness,
                new Pose(origin, along, Vector3D.Unit.MINUS_Z, out), List.of(width, thickness),
                start, finish));
    }
}
