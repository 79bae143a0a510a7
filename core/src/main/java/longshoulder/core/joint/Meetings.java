package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Seat;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Meeting.Part;
import longshoulder.core.joint.Meeting.PostFace;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.tasks.Tasks;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Finds where pieces meet, from the geometry alone: ends that stand on long faces of others, sides of panels that lie inside
 * others, and pieces that cross.
 */
public final class Meetings {

    /** How thick a slice of a rail's end is looked at, in millimetres. */
    private static final double SLICE = 1;

    private Meetings() {}

    /** All meetings of a frame, in the order of its pieces. Pieces that are laid on meet nothing
     * but boards of their own kind. */
    public static List<Meeting> find(Frame frame) {
        return Tasks.both(() -> atEnds(frame), () -> Overlaps.of(joined(frame), frame.shapings()),
                (ends, others) -> Stream.of(ends, others, boards(frame)).flatMap(List::stream).toList());
    }

    private static List<Meeting> boards(Frame frame) {
        return Boards.of(frame.pieces().stream().filter(Piece::isReal).toList());
    }

    /** Those of ends of rails, at which alone there can be tenons. */
    static List<Meeting> atEnds(Frame frame) {
        List<Piece> joined = joined(frame);
        Neighbours neighbours = new Neighbours(joined);
        List<Piece> rails = joined.stream().filter(rail -> !rail.role().isPanel()).toList();
        return Tasks.each(rails, rail -> ends(frame, rail, neighbours)).stream().flatMap(List::stream).toList();
    }

    private static List<Piece> joined(Frame frame) {
        return frame.pieces().stream().filter(piece -> !piece.role().isLaidOn() && piece.isReal()).toList();
    }

    private static List<Meeting> ends(Frame frame, Piece rail, Neighbours neighbours) {
        List<Meeting> found = new ArrayList<>();
        for (Part end : List.of(Part.START, Part.FINISH)) {
            for (Piece post : neighbours.of(rail.shape().corners(end.of(rail)))) {
                if (!post.id().equals(rail.id()) && !post.role().isPanel()) {
                    meeting(frame, rail, end, post).ifPresent(found::add);
                }
            }
        }
        return found;
    }

    private static Optional<Meeting> meeting(Frame frame, Piece rail, Part end, Piece post) {
        HalfSpace endPlane = end.of(rail);
        for (PostFace face : PostFace.values()) {
            HalfSpace surface = face.surface(post);
            if (endPlane.faces(surface) && overlaps(rail, endPlane, post, surface)) {
                Piece seen = asSeenFrom(post, rail);
                return Optional.of(new Meeting(seen, end, post, face, seat(frame, seen, endPlane, post)));
            }
        }
        return Optional.empty();
    }

    /** A rail turned, where need be, so that its width and not its thickness lies along the post. */
    private static Piece asSeenFrom(Piece post, Piece rail) {
        double thickness = Math.abs(rail.pose().out().dot(post.pose().along()));
        double width = Math.abs(rail.pose().across().dot(post.pose().along()));
        return thickness > width + Tolerance.DIRECTION ? rail.turned() : rail;
    }

    /** Whether the rail's end and the face of the post share an area: two thin slices on either side of the plane. */
    private static boolean overlaps(Piece rail, HalfSpace endPlane, Piece post, HalfSpace surface) {
        if (rail.slanted().isEmpty() && post.slanted().isEmpty()) {
            return boxesTouch(rail, endPlane, post);
        }
        Solid slice = rail.body().clip(endPlane.complement().moved(SLICE));
        return slice.cells().stream().flatMap(cell -> cell.faces().stream()).filter(face -> face.plane().faces(surface))
                .anyMatch(face -> touches(face, post, surface));
    }

    /** Whether a face on the post's surface reaches over it: its shadow in the post is more than an edge. */
    private static boolean touches(Polygon face, Piece post, HalfSpace surface) {
        Optional<Polygon> rest = Optional.of(face);
        for (HalfSpace plane : post.shape().planes()) {
            if (!plane.equals(surface)) {
                rest = rest.flatMap(part -> part.clip(plane));
            }
        }
        return rest.isPresent();
    }

    /** The same for boxes in the post's frame of reference. */
    private static boolean boxesTouch(Piece rail, HalfSpace endPlane, Piece post) {
        double[] least = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] greatest = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (Vector3D corner : rail.shape().corners(endPlane)) {
            double[] p = post.pose().toLocal(corner).toArray();
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

    private static Seat seat(Frame frame, Piece rail, HalfSpace endPlane, Piece post) {
        return frame.seat(rail.id(), post.id()).orElseGet(() -> measuredSeat(rail, endPlane, post));
    }

    /** Where the kind gives no figures, the places are measured on the model. */
    private static Seat measuredSeat(Piece rail, HalfSpace endPlane, Piece post) {
        double thickness = rail.thickness().value().toMillimetres();
        Vector3D faceSide = rail.pose().toWorld(rail.pose().run(endPlane, 0, thickness), 0, thickness);
        double setback = -PostFace.looking(post, rail.pose().out()).surface(post).distance(faceSide);
        Vector3D faceEdge = rail.pose().toWorld(rail.pose().run(endPlane, 0, 0), 0, 0);
        boolean fromStart = post.pose().along().dot(rail.pose().across()) > 0;
        HalfSpace postEnd = fromStart ? post.shape().start() : post.shape().finish();
        double drop = -postEnd.distance(faceEdge) / Math.abs(postEnd.normal().dot(post.pose().along()));
        return new Seat(rail.id(), post.id(), measured("amount.setback", setback), measured("amount.drop", drop));
    }

    private static Amount measured(String key, double millimetres) {
        return new Amount.Ruled(Label.of(key), Length.fromMillimetres(millimetres), Label.of("rule.measured"));
    }
}
