package longshoulder.core.joint;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import longshoulder.core.brief.Brief;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;

/**
 * The rule that moves one rail where the tenons of two compete for a post: the rail whose name comes later goes away from the
 * nearer end of the post, until its mortise clears the other's. Rails on leaning posts stay where they are, for moved they would
 * have other lengths; so do rails in which a panel stands or that carry other pieces, for moved they would be grooved elsewhere and
 * leave these: the other one goes, or neither.
 */
public final class Staggering {

    private Staggering() {}

    /** The frame with such rails moved, if the maker asks for it. */
    public static Frame of(DesignChoices choices, Frame frame) {
        boolean asked = choices.brief().choice(Brief.TENON_MEETING).map(TenonMeeting::parse)
                .filter(TenonMeeting.STAGGERED::equals).isPresent();
        return asked ? moved(choices, frame) : frame;
    }

    private static Frame moved(DesignChoices choices, Frame frame) {
        List<Meeting> meetings = Meetings.atEnds(frame);
        List<Tenon> tenons = Joinery.alone(choices, frame, crossing(meetings)).stream()
                .filter(joint -> joint.givesWay() == GivesWay.BY_SCHOOL).flatMap(joint -> joint.tenons().stream())
                .toList();
        Map<String, List<Tenon>> byPost = tenons.stream()
                .collect(Collectors.groupingBy(tenon -> tenon.meeting().mortisePiece().id()));
        Predicate<Tenon> held = held(frame, meetings, tenons);
        Map<String, Length> ways = new TreeMap<>();
        for (Tenon tenon : tenons) {
            for (Tenon other : byPost.getOrDefault(tenon.meeting().mortisePiece().id(), List.of())) {
                boolean gives = !held.test(tenon) && (held.test(other) || tenon.id().compareTo(other.id()) > 0);
                if (gives && !tenon.id().equals(other.id()) && Interlock.isPossible(tenon, other)
                        && Joinery.compete(tenon, other)) {
                    ways.merge(tenon.meeting().tenonPiece().id(), way(tenon, other),
                            (one, two) -> one.abs().isGreaterThan(two.abs()) ? one : two);
                }
            }
        }
        Frame staggered = frame;
        for (Map.Entry<String, Length> way : ways.entrySet()) {
            Piece rail = frame.piece(way.getKey());
            staggered = staggered.replacing(
                    rail.moved(rail.pose().across().multiply(way.getValue().toMillimetres())));
        }
        return staggered;
    }

    /** Whether a panel stands in the rail of a tenon, or the end of another piece on it. */
    private static Predicate<Tenon> held(Frame frame, List<Meeting> meetings, List<Tenon> tenons) {
        List<Solid> panels = frame.pieces().stream().filter(piece -> piece.role().isPanel() && piece.isReal())
                .map(Piece::body).toList();
        Set<String> held = meetings.stream().map(meeting -> meeting.mortisePiece().id()).collect(Collectors.toSet());
        tenons.stream().map(tenon -> tenon.meeting().tenonPiece())
                .filter(rail -> panels.stream().anyMatch(panel -> panel.overlaps(rail.body()))).map(Piece::id)
                .forEach(held::add);
        return tenon -> held.contains(tenon.meeting().tenonPiece().id());
    }

    /** Those of rails that come in at right angles to another in their post: no others compete for it. */
    private static List<Meeting> crossing(List<Meeting> meetings) {
        Map<String, List<Meeting>> byPost = meetings.stream()
                .collect(Collectors.groupingBy(meeting -> meeting.mortisePiece().id()));
        return meetings.stream().filter(one -> byPost.getOrDefault(one.mortisePiece().id(), List.of()).stream()
                .anyMatch(other -> Joinery.cross(one, other))).toList();
    }

    /** Away from the rail's face edge, or towards it where less than nothing. */
    private static Length way(Tenon tenon, Tenon other) {
        Length before = tenon.mortiseFromEnd().value();
        Length behind = tenon.meeting().mortisePiece().length().value().minus(tenon.mortiseToEnd().value());
        return before.isGreaterThan(behind)
                ? other.mortiseFromEnd().value().minus(tenon.mortiseToEnd().value()).minus(Joinery.CLEARANCE)
                : other.mortiseToEnd().value().minus(before).plus(Joinery.CLEARANCE);
    }
}
