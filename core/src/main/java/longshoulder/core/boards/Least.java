package longshoulder.core.boards;

import java.util.Comparator;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/**
 * The least that any plan needs, from a worth for each piece: what all pieces are worth together, against the most that one board can hold.
 * Worths are whole numbers, so that counts of boards are exact. What is found by one set of worths is a bound by itself; the greatest counts.
 */
final class Least {

    /** Sums in doubles are trusted to a billionth. */
    private static final double NOISE = 1e-9;

    private final List<Task.Offered> offered;
    private int boards;
    private double weight;

    Least(List<Task.Offered> offered) {
        this.offered = List.copyOf(offered);
    }

    int boards() {
        return boards;
    }

    /** In what the plan is to have little of. */
    double weight() {
        return weight;
    }

    /**
     * @param all what all pieces are worth
     * @param most what the pieces of one board of each size can be worth
     */
    void add(double all, double[] most) {
        boards = Math.max(boards, leastBoards(all, most));
        weight = Math.max(weight, leastWeight(all, most));
    }

    private int leastBoards(double all, double[] most) {
        double left = all * (1 - NOISE);
        int count = 0;
        for (int i : sorted(most, i -> -most[i])) {
            if (left > 0 && most[i] > 0) {
                int needed = (int) Math.min(offered.get(i).count(), Math.ceil(left / most[i]));
                count += needed;
                left -= needed * most[i];
            }
        }
        return count;
    }

    /** Of whole boards; where there are too many ways to choose them, of parts of boards too. */
    private double leastWeight(double all, double[] most) {
        int[] order = sorted(most, i -> offered.get(i).weight() / most[i]);
        Cover cover = new Cover(most, order);
        double inParts = cover.inParts(0, all * (1 - NOISE));
        cover.choose(0, all * (1 - NOISE), 0);
        return cover.isWhole() ? Math.max(cover.least, inParts) : inParts;
    }

    /** Looks for the boards of the least weight that are worth enough together. */
    private final class Cover {

        private static final int MOST_CHOICES = 20_000;

        private final double[] most;
        private final int[] order;
        private double least = Double.POSITIVE_INFINITY;
        private int choices;

        /** @param order of the boards, those first that weigh least for what they are worth */
        Cover(double[] most, int[] order) {
            this.most = most;
            this.order = order;
        }

        /** Whether all choices were looked at, and one of them is worth enough. */
        boolean isWhole() {
            return choices <= MOST_CHOICES && least < Double.POSITIVE_INFINITY;
        }

        private void choose(int from, double left, double weight) {
            if (left <= 0) {
                least = Math.min(least, weight);
                return;
            }
            if (from == order.length || ++choices > MOST_CHOICES || weight + inParts(from, left) >= least - NOISE) {
                return;
            }
            Task.Offered board = offered.get(order[from]);
            for (int count = needed(order[from], left); count >= 0; count--) {
                choose(from + 1, left - count * most[order[from]], weight + count * board.weight());
            }
        }

        private int needed(int board, double left) {
            return (int) Math.min(offered.get(board).count(), Math.ceil(left / most[board]));
        }

        /** The weight where boards may be taken in part. */
        private double inParts(int from, double all) {
            double left = all;
            double sum = 0;
            for (int i = from; i < order.length && left > 0; i++) {
                double needed = Math.min(offered.get(order[i]).count(), left / most[order[i]]);
                sum += needed * offered.get(order[i]).weight();
                left -= needed * most[order[i]];
            }
            return left > 0 ? Double.POSITIVE_INFINITY : sum;
        }
    }

    private static int[] sorted(double[] most, IntToDoubleFunction key) {
        return IntStream.range(0, most.length).filter(i -> most[i] > 0).boxed()
                .sorted(Comparator.comparingDouble(key::applyAsDouble)).mapToInt(Integer::intValue).toArray();
    }
}
