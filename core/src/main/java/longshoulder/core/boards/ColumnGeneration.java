package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * The linear programme of cutting stock: how often each pattern is sawn, in fractions, so that all pieces are there at the least weight.
 * Patterns are found as they are needed, by {@link Pricing}. The method is that of Gilmore and Gomory (1961), the bound on the way that of
 * Farley (1990). The inverse of the basis is held dense: a step takes time by the square of the number of sizes.
 */
final class ColumnGeneration {

    private static final double ZERO = 1e-9;
    private static final double SCALE = 1e9;

    private final double[] weights;
    private final List<? extends Pricing> pricings;
    private final int[] demand;
    private final Least least;

    private double[][] inverse = new double[0][];
    private double[] amounts = new double[0];
    private final List<Column> basis = new ArrayList<>();

    /**
     * A pattern.
     *
     * @param board the size of board that it is sawn from; negative for a column that only takes away what is too much
     */
    @SuppressWarnings("ArrayRecordComponent") // read in inner loops and never compared
    record Column(int board, int[] counts, double weight) {}

    /** A pattern, and how often it is sawn. */
    record Sawn(Column column, double times) {}

    /**
     * @param weights what one board of each size adds to what is to be little, from 0 to 1
     * @param least takes every bound that is found on the way; it must be one of its own where the demand is not the whole
     */
    ColumnGeneration(double[] weights, List<? extends Pricing> pricings, int[] demand, Least least) {
        this.weights = weights;
        this.pricings = pricings;
        this.demand = demand;
        this.least = least;
    }

    /** The patterns of the best plan in fractions, or of the best so far; none where some piece fits into no board. */
    List<Sawn> solve(BooleanSupplier stopped) {
        if (!start()) {
            return List.of();
        }
        int steps = 50 * demand.length + 1000;
        while (steps-- > 0 && !stopped.getAsBoolean() && enter(next())) {
            // the basis is better by one pattern
        }
        List<Sawn> sawn = new ArrayList<>();
        for (int i = 0; i < amounts.length; i++) {
            if (basis.get(i).board() >= 0 && amounts[i] > ZERO) {
                sawn.add(new Sawn(basis.get(i), amounts[i]));
            }
        }
        return sawn;
    }

    /** For each size patterns of nothing else. */
    private boolean start() {
        int rows = demand.length;
        inverse = new double[rows][rows];
        amounts = new double[rows];
        for (int row = 0; row < rows; row++) {
            Column best = null;
            for (int board = 0; board < weights.length; board++) {
                long[] worth = new long[rows];
                worth[row] = 1;
                int[] counts = pricings.get(board).dearest(worth, demand).counts();
                double weight = weights[board];
                if (counts[row] > 0
                        && (best == null || weight / counts[row] < best.weight() / best.counts()[row])) {
                    best = new Column(board, counts, weight);
                }
            }
            if (best == null) {
                return false;
            }
            basis.add(best);
            inverse[row][row] = 1.0 / best.counts()[row];
            amounts[row] = (double) demand[row] / best.counts()[row];
        }
        return true;
    }

    /** What each size costs in the plan so far. */
    private double[] prices() {
        double[] prices = new double[demand.length];
        for (int i = 0; i < prices.length; i++) {
            double weight = basis.get(i).weight();
            for (int j = 0; weight != 0 && j < prices.length; j++) {
                prices[j] += weight * inverse[i][j];
            }
        }
        return prices;
    }

    /** The column that makes the plan better, if there is one; an empty one has no counts. */
    private Column next() {
        double[] prices = prices();
        int cheapest = 0;
        for (int i = 1; i < prices.length; i++) {
            cheapest = prices[i] < prices[cheapest] ? i : cheapest;
        }
        if (prices[cheapest] < -ZERO) {
            int[] counts = new int[prices.length];
            counts[cheapest] = -1;
            return new Column(-1, counts, 0);
        }
        return dearest(prices);
    }

    private Column dearest(double[] prices) {
        double largest = Math.max(ZERO, Arrays.stream(prices).max().orElse(0));
        long[] worth = new long[prices.length];
        double all = 0;
        for (int i = 0; i < worth.length; i++) {
            worth[i] = (long) Math.max(0, Math.floor(prices[i] / largest * SCALE));
            all += (double) worth[i] * demand[i];
        }
        double[] most = new double[weights.length];
        Column best = new Column(-1, new int[0], 0);
        double gain = ZERO;
        for (int board = 0; board < most.length; board++) {
            Pricing.Priced priced = pricings.get(board).dearest(worth, demand);
            most[board] = priced.worth();
            double sum = -weights[board];
            for (int i = 0; i < prices.length; i++) {
                sum += prices[i] * priced.counts()[i];
            }
            if (sum > gain) {
                gain = sum;
                best = new Column(board, priced.counts(), weights[board]);
            }
        }
        least.add(all, most);
        return best;
    }

    /** Puts a column into the basis. @return whether there was one to put in */
    private boolean enter(Column column) {
        if (column.counts().length == 0) {
            return false;
        }
        int rows = demand.length;
        double[] direction = new double[rows];
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < rows; j++) {
                direction[i] += inverse[i][j] * column.counts()[j];
            }
        }
        int leaving = -1;
        double ratio = Double.POSITIVE_INFINITY;
        for (int i = 0; i < rows; i++) {
            if (direction[i] > ZERO && amounts[i] / direction[i] < ratio - 1e-12) {
                ratio = amounts[i] / direction[i];
                leaving = i;
            }
        }
        if (leaving < 0) {
            return false;
        }
        pivot(leaving, direction, ratio);
        basis.set(leaving, column);
        return true;
    }

    private void pivot(int leaving, double[] direction, double ratio) {
        int rows = demand.length;
        double[] row = inverse[leaving];
        for (int j = 0; j < rows; j++) {
            row[j] /= direction[leaving];
        }
        for (int i = 0; i < rows; i++) {
            if (i != leaving && direction[i] != 0) {
                for (int j = 0; j < rows; j++) {
                    inverse[i][j] -= direction[i] * row[j];
                }
                amounts[i] = Math.max(0, amounts[i] - direction[i] * ratio);
            }
        }
        amounts[leaving] = ratio;
    }
}
