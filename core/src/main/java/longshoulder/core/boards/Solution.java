package longshoulder.core.boards;

import java.util.Comparator;
import java.util.List;

/**
 * Boards with their patterns.
 *
 * @param left how many places of each size found no board
 */
record Solution(List<Used> boards, List<Integer> left) {

    /** Fewer missing pieces are better, then less of what is asked for, then fewer boards, then less wood. */
    static final Comparator<Solution> BETTER = Comparator.comparingDouble(Solution::missing)
            .thenComparingDouble(Solution::weight).thenComparingInt(solution -> solution.boards.size())
            .thenComparingDouble(Solution::wood);

    Solution {
        boards = List.copyOf(boards);
        left = List.copyOf(left);
    }

    /** A board of one of the offered sizes. */
    record Used(Task.Offered board, Pattern pattern) {}

    int missing() {
        return left.stream().mapToInt(Integer::intValue).sum();
    }

    /** Of all its boards, to a millionth: sums of the same prices in another order are the same. */
    double weight() {
        return Math.round(boards.stream().mapToDouble(used -> used.board().weight()).sum() * 1e6) / 1e6;
    }

    /** In square millimetres. */
    double wood() {
        return boards.stream().mapToDouble(used -> area(used.board())).sum();
    }

    static double area(Task.Offered board) {
        return board.length() * 1e-9 * (board.width() * 1e-9);
    }

    boolean isBetterThan(Solution other) {
        return BETTER.compare(this, other) < 0;
    }
}
