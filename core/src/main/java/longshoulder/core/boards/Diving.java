package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Whole boards from a plan in fractions, for pieces that lie one beyond the other: what is sawn in whole numbers is kept, the rest is planned
 * anew, and where nothing is whole one pattern is taken by its fraction. Nearly always as good as the bound.
 */
final class Diving {

    private static final double WHOLE = 1e-6;

    private final Task task;
    private final double[] weights;
    private final List<LengthPricing> pricings;
    private final Random random;
    private final BooleanSupplier stopped;

    Diving(Task task, double[] weights, List<LengthPricing> pricings, Random random, BooleanSupplier stopped) {
        this.task = task;
        this.weights = weights;
        this.pricings = pricings;
        this.random = random;
        this.stopped = stopped;
    }

    /**
     * One plan.
     *
     * @param choose from how many of the greatest fractions chance takes one: with 1 always the greatest
     */
    Solution dive(int choose) {
        int[] left = task.places();
        int[] free = task.offered().stream().mapToInt(Task.Offered::count).toArray();
        List<Solution.Used> boards = new ArrayList<>();
        while (Arrays.stream(left).sum() > 0 && !stopped.getAsBoolean()) {
            List<ColumnGeneration.Sawn> sawn = planned(left, free);
            if (!keepWhole(sawn, left, free, boards) && !keepOne(sawn, left, free, boards, choose)) {
                break;
            }
        }
        return new Solution(boards, Arrays.stream(left).boxed().toList());
    }

    /** Sizes of board that are used up are priced out. */
    private List<ColumnGeneration.Sawn> planned(int[] left, int[] free) {
        int[] wanted = IntStream.range(0, left.length).filter(i -> left[i] > 0).toArray();
        int[] open = IntStream.range(0, free.length).filter(i -> free[i] > 0).toArray();
        List<Pricing> narrowed = Arrays.stream(open).<Pricing>mapToObj(i -> new Narrowed(pricings.get(i), wanted, left))
                .toList();
        double[] openWeights = Arrays.stream(open).mapToDouble(i -> weights[i]).toArray();
        List<ColumnGeneration.Sawn> sawn = new ColumnGeneration(openWeights, narrowed,
                Arrays.stream(wanted).map(i -> left[i]).toArray(), new Least(Arrays.stream(open)
                        .mapToObj(task.offered()::get).toList()))
                .solve(stopped);
        return sawn.stream().map(one -> new ColumnGeneration.Sawn(
                new ColumnGeneration.Column(open[one.column().board()],
                        widened(one.column().counts(), wanted, left.length),
                        one.column().weight()),
                one.times())).toList();
    }

    private static int[] widened(int[] counts, int[] wanted, int all) {
        int[] wide = new int[all];
        for (int i = 0; i < wanted.length; i++) {
            wide[wanted[i]] = counts[i];
        }
        return wide;
    }

    /** Prices only those sizes that are still wanted, and no more of them than are. */
    @SuppressWarnings("ArrayRecordComponent") // read in inner loops and never compared
    private record Narrowed(LengthPricing whole, int[] wanted, int[] left) implements Pricing {

        @Override
        public Priced dearest(long[] worth, int[] most) {
            long[] wide = new long[left.length];
            for (int i = 0; i < wanted.length; i++) {
                wide[wanted[i]] = worth[i];
            }
            Priced priced = whole.dearest(wide, left);
            return new Priced(Arrays.stream(wanted).map(i -> priced.counts()[i]).toArray(), priced.worth());
        }

        @Override
        public boolean isExact() {
            return whole.isExact();
        }
    }

    private boolean keepWhole(List<ColumnGeneration.Sawn> sawn, int[] left, int[] free, List<Solution.Used> boards) {
        boolean any = false;
        for (ColumnGeneration.Sawn one : sawn) {
            for (int times = (int) Math.floor(one.times() + WHOLE); times > 0; times--) {
                any |= keep(one.column(), left, free, boards);
            }
        }
        return any;
    }

    private boolean keepOne(List<ColumnGeneration.Sawn> sawn, int[] left, int[] free, List<Solution.Used> boards,
            int choose) {
        List<ColumnGeneration.Sawn> byFraction = sawn.stream()
                .sorted(Comparator.comparingDouble(ColumnGeneration.Sawn::times).reversed()).limit(choose).toList();
        return !byFraction.isEmpty()
                && keep(byFraction.get(random.nextInt(byFraction.size())).column(), left, free, boards);
    }

    private boolean keep(ColumnGeneration.Column column, int[] left, int[] free, List<Solution.Used> boards) {
        int[] counts = column.counts();
        if (free[column.board()] == 0
                || IntStream.range(0, counts.length).anyMatch(i -> counts[i] > left[i])) {
            return false;
        }
        Task.Offered board = task.offered().get(column.board());
        Pattern pattern = null;
        for (int type = 0; type < counts.length; type++) {
            left[type] -= counts[type];
            for (int i = 0; i < counts[type]; i++) {
                Pattern single = new Pattern.Single(type, task.wanted().get(type).length(),
                        task.wanted().get(type).width());
                pattern = pattern == null ? single : Pattern.crosscut(pattern, single, board.kerf());
            }
        }
        if (pattern == null) {
            return false;
        }
        free[column.board()]--;
        boards.add(new Solution.Used(board, pattern));
        return true;
    }
}
