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

    private double leastWeight(double all, double[] most) {
        double left = all * (1 - NOISE);
        double sum = 0;
        for (int i : sorted(most, i -> offered.get(i).weight() / most[i])) {
            if (left > 0 && most[i] > 0) {
                double needed = Math.min(offered.get(i).count(), left / most[i]);
                sum += needed * offered.get(i).weight();
                left -= needed * most[i];
            }
        }
        return sum;
    }

    private static int[] sorted(double[] most, IntToDoubleFunction key) {
        return IntStream.range(0, most.length).filter(i -> most[i] > 0).boxed()
                .sorted(Comparator.comparingDouble(key::applyAsDouble)).mapToInt(Integer::intValue).toArray();
    }
}
