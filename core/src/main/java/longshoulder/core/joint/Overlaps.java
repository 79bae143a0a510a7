package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Seat;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Meeting.Part;
import longshoulder.core.joint.Meeting.PostFace;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Finds pieces whose bodies share wood before any joint is cut: panels that stand in grooves, and pieces that cross. */
final class Overlaps {

    /** In mm³: less is the noise of doubles. */
    private static final double SPECK = 1e-3;

    /** Two pieces whose grain runs nearly the same way lie in each other and do not cross: by the sine of the angle. */
    private static final double PARALLEL = 0.2;

    /** A body and the box round it; the index is its place in the frame. */
    private record Body(int index, Piece piece, Solid solid, Bounds bounds) {

        boolean sharesWoodWith(Body other) {
            return bounds.overlaps(other.bounds) && solid.and(other.solid).volume() > SPECK;
        }

        double left() {
            return bounds.least().getX();
        }
    }

    private record Pair(Body first, Body second) {}

    private final List<Body> bodies;

    /** @param joined in the order of the frame */
    Overlaps(List<Piece> joined) {
        bodies = IntStream.range(0, joined.size()).mapToObj(i -> {
            Solid body = joined.get(i).body();
            return new Body(i, joined.get(i), body, body.bounds());
        }).sorted(Comparator.comparingDouble(Body::left)).toList();
    }

    List<Meeting> find() {
        return pairs().stream()
                .sorted(Comparator.<Pair>comparingInt(pair -> pair.first.index)
                        .thenComparingInt(pair -> pair.second.index))
                .flatMap(pair -> meeting(pair.first.piece, pair.second.piece).stream()).toList();
    }

    /** From left to right: what begins beyond a body's right end cannot touch it, nor can anything after that. */
    private List<Pair> pairs() {
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < bodies.size(); i++) {
            Body one = bodies.get(i);
            for (int j = i + 1; j < bodies.size() && bodies.get(j).left() < one.bounds.greatest().getX(); j++) {
                Body other = bodies.get(j);
                if (one.sharesWoodWith(other)) {
                    pairs.add(one.index < other.index ? new Pair(one, other) : new Pair(other, one));
                }
            }
        }
        return pairs;
    }

    private static Optional<Meeting> meeting(Piece first, Piece second) {
        if (first.role().isPanel() && second.role().isPanel()) {
            return Optional.empty();
        }
        if (first.role().isPanel() || second.role().isPanel()) {
            return first.role().isPanel() ? groove(first, second) : groove(second, first);
        }
        Solid shared = first.body().and(second.body());
        return cross(first, second) && passes(shared, first) && passes(shared, second)
                ? Optional.of(crossing(first, second))
                : Optional.empty();
    }

    /** Whether a piece goes on at both sides of what it shares with another, with wood left beyond for the notch. */
    private static boolean passes(Solid shared, Piece piece) {
        return shared.cells().stream().flatMap(cell -> cell.corners().stream())
                .allMatch(corner -> piece.shape().start().distance(corner) < -Tolerance.LENGTH
                        && piece.shape().finish().distance(corner) < -Tolerance.LENGTH);
    }

    /** The side of the panel that lies least deep inside a face of the post which it looks at. */
    private static Optional<Meeting> groove(Piece panel, Piece post) {
        return Stream.of(Part.START, Part.FINISH, Part.FACE_EDGE, Part.FAR_EDGE)
                .flatMap(part -> Stream.of(PostFace.values())
                        .filter(face -> isInside(part.of(panel), face.surface(post)))
                        .map(face -> new Meeting(panel, part, post, face,
                                noSeat(panel, post))))
                .min(Comparator.comparingDouble(Groove::depthOf));
    }

    private static boolean isInside(HalfSpace side, HalfSpace face) {
        return side.normal().dot(face.normal()) < -1 + Tolerance.DIRECTION
                && side.offset() + face.offset() > Tolerance.LENGTH;
    }

    private static boolean cross(Piece one, Piece other) {
        return one.pose().along().cross(other.pose().along()).norm() > PARALLEL;
    }

    /** The first is let into the other from the side towards which the face side or the face edge of that one looks. */
    private static Meeting crossing(Piece over, Piece under) {
        Vector3D away = over.pose().along().cross(under.pose().along());
        Vector3D.Unit side = away.normalize();
        boolean inwards = side.dot(under.pose().out().subtract(under.pose().across())) < 0;
        return new Meeting(over, Part.MIDDLE, under, PostFace.looking(under, inwards ? side.negate() : side),
                noSeat(over, under));
    }

    /** Nothing is gauged from the post's end or face here: both are measured where they stand. */
    private static Seat noSeat(Piece rail, Piece post) {
        Amount nothing = new Amount.Ruled(Label.of("amount.setback"), Length.ZERO, Label.of("rule.measured"));
        return new Seat(rail.id(), post.id(), nothing, nothing);
    }
}
