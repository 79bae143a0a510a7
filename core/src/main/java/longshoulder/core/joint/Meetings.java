package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Seat;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Meeting.End;
import longshoulder.core.joint.Meeting.PostFace;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Finds where ends of pieces stand on long faces of others, from the geometry alone. */
public final class Meetings {

    private Meetings() {}

    /** All meetings of a frame, in the order of its pieces. Pieces that are laid on meet nothing. */
    public static List<Meeting> find(Frame frame) {
        List<Piece> joined = frame.pieces().stream().filter(piece -> !piece.role().isLaidOn() && piece.isReal())
                .toList();
        List<Meeting> found = new ArrayList<>();
        for (Piece rail : joined) {
            for (End end : End.values()) {
                for (Piece post : joined) {
                    if (!post.equals(rail)) {
                        meeting(frame, rail, end, post).ifPresent(found::add);
                    }
                }
            }
        }
        return found;
    }

    private static Optional<Meeting> meeting(Frame frame, Piece rail, End end, Piece post) {
        double x = end == End.START ? 0 : rail.length().value().toMillimetres();
        Vector3D.Unit outward = end == End.START ? rail.pose().along().negate() : rail.pose().along();
        HalfSpace endPlane = HalfSpace.through(rail.pose().toWorld(x, 0, 0), outward);
        for (PostFace face : PostFace.values()) {
            if (endPlane.faces(face.surface(post)) && overlaps(rail, x, post)) {
                return Optional.of(new Meeting(rail, end, post, face, seat(frame, rail, post)));
            }
        }
        return Optional.empty();
    }

    /** Whether the rail's end and the post share an area, seen along the rail: boxes in the post's frame of reference. */
    private static boolean overlaps(Piece rail, double x, Piece post) {
        double[] least = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] greatest = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (int corner = 0; corner < 4; corner++) {
            double y = (corner & 1) == 0 ? 0 : rail.width().value().toMillimetres();
            double z = (corner & 2) == 0 ? 0 : rail.thickness().value().toMillimetres();
            double[] p = post.pose().toLocal(rail.pose().toWorld(x, y, z)).toArray();
            for (int axis = 0; axis < 3; axis++) {
                least[axis] = Math.min(least[axis], p[axis]);
                greatest[axis] = Math.max(greatest[axis], p[axis]);
            }
        }
        double[] size = {post.length().value().toMillimetres(), post.width().value().toMillimetres(),
                post.thickness().value().toMillimetres()};
        int wide = 0;
        for (int axis = 0; axis < 3; axis++) {
            double shared = Math.min(greatest[axis], size[axis]) - Math.max(least[axis], 0);
            if (shared < -Tolerance.LENGTH) {
                return false;
            }
            wide += shared > Tolerance.LENGTH ? 1 : 0;
        }
        return wide == 2;
    }

    private static Seat seat(Frame frame, Piece rail, Piece post) {
        return frame.seat(rail.id(), post.id()).orElseGet(() -> measuredSeat(rail, post));
    }

    /** Where the kind gives no figures, the places are measured on the model. */
    private static Seat measuredSeat(Piece rail, Piece post) {
        Vector3D faceSide = rail.pose().toWorld(0, 0, rail.thickness().value().toMillimetres());
        double setback = -PostFace.looking(post, rail.pose().out()).surface(post).distance(faceSide);
        double along = post.pose().toLocal(rail.pose().origin()).getX();
        boolean fromStart = post.pose().along().dot(rail.pose().across()) > 0;
        double drop = fromStart ? along : post.length().value().toMillimetres() - along;
        return new Seat(rail.id(), post.id(), measured("amount.setback", setback), measured("amount.drop", drop));
    }

    private static Amount measured(String key, double millimetres) {
        return new Amount.Ruled(Label.of(key), Length.fromMillimetres(millimetres), Label.of("rule.measured"));
    }
}
