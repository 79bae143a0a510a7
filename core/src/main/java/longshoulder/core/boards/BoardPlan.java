package longshoulder.core.boards;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import longshoulder.core.measure.Length;

/**
 * Boards with what is sawn from them.
 *
 * @param unpinned pins that could not be kept
 */
public record BoardPlan(List<Group> groups, List<SawnBoard> boards, List<Missing> missing,
        List<Pin.Refused> unpinned) {

    public BoardPlan {
        groups = List.copyOf(groups);
        boards = List.copyOf(boards);
        missing = List.copyOf(missing);
        unpinned = List.copyOf(unpinned);
    }

    /** Whether nothing better is possible with each piece from the thinnest boards that serve it, and nothing is missing. */
    public boolean isProved() {
        return missing.isEmpty() && groups.stream().allMatch(Group::proved);
    }

    /** No plan that saws each piece from the thinnest boards that serve it costs less. */
    public BigDecimal leastCost() {
        return groups.stream().map(Group::leastCost).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** What all its boards cost. */
    public BigDecimal cost() {
        return groups.stream().map(Group::cost).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /**
     * Boards of one wood and thickness.
     *
     * @param thickness of the boards
     * @param boards how many are used
     * @param leastBoards no plan for the pieces of this group uses fewer boards of this thickness, whatever they cost
     * @param leastCost no plan for the pieces of this group on boards of this thickness costs less
     * @param proved whether no plan has less of what the plan is to have little of
     */
    public record Group(String wood, Length thickness, int boards, int leastBoards, BigDecimal cost,
            BigDecimal leastCost, boolean proved) {}

    /** A piece for which there is no place. */
    public record Missing(String piece, Why why) {}

    /** Why there is none. */
    public enum Why {
        /** No stock of this wood. */
        NO_WOOD,
        /** None thick enough. */
        TOO_THICK,
        /** None long enough. */
        TOO_LONG,
        /** None wide enough. */
        TOO_WIDE,
        /** No single board is both long and wide enough. */
        TOO_LARGE,
        /** Bad spots leave no place large enough. */
        BAD_SPOTS,
        /** All boards that would serve are used up. */
        USED_UP;

        /** What the words bundle calls it. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
