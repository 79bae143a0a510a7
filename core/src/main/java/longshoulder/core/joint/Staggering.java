package longshoulder.core.joint;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import longshoulder.core.brief.Brief;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.measure.Length;

/**
 * The school that moves one rail where the tenons of two compete for a post: the rail whose name comes later goes away from the
 * nearer end of the post, until its mortise clears the other's. Rails on leaning posts stay where they are, for moved they would
 * have other lengths.
 */
public final class Staggering {

    private Staggering() {}

    /** The frame with such rails moved, if the maker asks for it. */
    public static Frame of(Maker maker, Frame frame) {
        boolean asked = maker.brief().choice(Brief.TENON_MEETING).map(TenonMeeting::parse)
                .filter(TenonMeeting.STAGGERED::equals).isPresent();
        return asked ? moved(maker, frame) : frame;
    }

    private static Frame moved(Maker maker, Frame frame) {
        List<Tenon> tenons = Joinery.alone(maker, frame, crossing(Meetings.atEnds(frame))).stream()
                .filter(joint -> joint.givesWay() == GivesWay.BY_SCHOOL).flatMap(joint -> joint.tenons().stream())
                .toList();
        Map<String, List<Tenon>> byPost = tenons.stream()
                .collect(Collectors.groupingBy(tenon -> tenon.meeting().post().id()));
        Map<String, Length> ways = new TreeMap<>();
        for (Tenon tenon : tenons) {
            for (Tenon other : byPost.getOrDefault(tenon.meeting().post().id(), List.of())) {
                if (tenon.id().compareTo(other.id()) > 0 && Interlock.isPossible(tenon, other)
                        && Joinery.compete(tenon, other)) {
                    ways.merge(tenon.meeting().rail().id(), way(tenon, other),
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

    /** Those of rails that come in at right angles to another in their post: no others compete for it. */
    private static List<Meeting> crossing(List<Meeting> meetings) {
        Map<String, List<Meeting>> byPost = meetings.stream()
                .collect(Collectors.groupingBy(meeting -> meeting.post().id()));
        return meetings.stream().filter(one -> byPost.getOrDefault(one.post().id(), List.of()).stream()
                .anyMatch(other -> Joinery.cross(one, other))).toList();
    }

    /** Away from the rail's face edge, or towards it where less than nothing. */
    private static Length way(Tenon tenon, Tenon other) {
        Length before = tenon.mortiseFromEnd().value();
        Length behind = tenon.meeting().post().length().value().minus(tenon.mortiseToEnd().value());
        return before.isGreaterThan(behind)
                ? other.mortiseFromEnd().value().minus(tenon.mortiseToEnd().value()).minus(Joinery.CLEARANCE)
                : other.mortiseToEnd().value().minus(before).plus(Joinery.CLEARANCE);
    }
}
