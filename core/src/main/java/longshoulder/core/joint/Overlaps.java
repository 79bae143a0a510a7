package longshoulder.core.joint;

import longshoulder.core.geometry.BoxPairs;
import longshoulder.core.geometry.BoxPairs.Pair;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Seat;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Plain;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Meeting.Part;
import longshoulder.core.joint.Meeting.PostFace;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.tasks.Tasks;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Finds pieces whose bodies share wood before any joint is cut: panels that stand in grooves, and pieces that cross. */
final class Overlaps {

    /** Two pieces whose grain runs nearly the same way lie in each other and do not cross: by the sine of the angle. */
    private static final double PARALLEL = 0.2;

    private Overlaps() {}

    /**
     * All such meetings.
     *
     * @param joined in the order of the frame
     * @param shapings what is cut away from pieces, by their ids
     */
    static List<Meeting> of(List<Piece> joined, Map<String, Solid> shapings) {
        List<Solid> bodies = joined.stream().map(Piece::body).toList();
        List<Pair> pairs = sharing(BoxPairs.of(bodies.stream().map(Solid::bounds).toList()), bodies);
        // Few pieces share wood before anything is cut away from them: only those are shaped.
        Set<Integer> shared = pairs.stream().flatMap(pair -> Stream.of(pair.first(), pair.second()))
                .collect(Collectors.toSet());
        List<Solid> shaped = Tasks.each(IntStream.range(0, bodies.size()).boxed().toList(),
                i -> shared.contains(i)
                        ? bodies.get(i).minus(shapings.getOrDefault(joined.get(i).id(), Solid.NOTHING))
                        : bodies.get(i));
        return Tasks.each(pairs, pair -> share(pair, shaped)
                ? meeting(joined.get(pair.first()), joined.get(pair.second()))
                : Optional.<Meeting>empty()).stream().flatMap(Optional::stream).toList();
    }

    private static List<Pair> sharing(List<Pair> pairs, List<Solid> solids) {
        return Tasks.each(pairs, pair -> Optional.of(pair).filter(two -> share(two, solids))).stream()
                .flatMap(Optional::stream).toList();
    }

    private static boolean share(Pair pair, List<Solid> solids) {
        return solids.get(pair.first()).overlaps(solids.get(pair.second()));
    }

    private static Optional<Meeting> meeting(Piece first, Piece second) {
        if (first.role().isPanel() && second.role().isPanel()) {
            return Optional.empty();
        }
        if (first.role().isPanel() || second.role().isPanel()) {
            return first.role().isPanel() ? groove(first, second) : groove(second, first);
        }
        Solid shared = first.body().intersection(second.body());
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
        return Plain.dot(side.normal(), face.normal()) < -1 + Tolerance.DIRECTION
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
