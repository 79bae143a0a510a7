package longshoulder.core.boards;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;

/** Looks for the best solution of one task, and for the proof that there is no better one. */
final class TaskSearch {

    private static final int DIVES = 60;
    /** Random tries before the bound is worked out: most lists need no more. */
    private static final int FIRST = 40;

    private final Task task;
    private final Random random;
    private final Search search;
    private final BooleanSupplier stopped;
    private final Goal goal;
    private final Least leastBoards;
    private final Least leastWeight;
    private Solution best;

    TaskSearch(Task task, Search search) {
        this.task = task;
        this.search = search;
        this.goal = search.goal();
        this.random = new Random(search.seed());
        this.stopped = search.stopped();
        leastBoards = new Least(task.offered());
        leastWeight = new Least(task.offered());
        best = new Solution(List.of(), Arrays.stream(task.places()).boxed().toList());
    }

    Solution best() {
        return best;
    }

    /** No solution that places as many pieces has fewer boards. */
    int leastBoards() {
        int pinned = Math.toIntExact(task.offered().stream().filter(Task.Offered::isPinned).count());
        return Math.max(pinned, Math.max(leastBoards.boards(), leastWeight.boards()));
    }

    /** No solution that places as many pieces has less weight. */
    double leastWeight() {
        double lightest = task.offered().stream().mapToDouble(Task.Offered::weight).min().orElse(0);
        boolean same = task.offered().stream().allMatch(board -> board.weight() == lightest);
        double byBoards = leastBoards() * lightest;
        double pinned = task.offered().stream().filter(Task.Offered::isPinned).mapToDouble(Task.Offered::weight).sum();
        return Math.max(pinned, same
                ? byBoards
                : Math.max(byBoards, Math.max(leastBoards.weight(), leastWeight.weight())));
    }

    boolean isProved() {
        if (best.missing() > 0) {
            return false;
        }
        return goal == Goal.BOARDS ? best.boards().size() <= leastBoards() : best.weight() <= leastWeight() + 1e-6;
    }

    void run() {
        RandomSearch tries = new RandomSearch(task, random);
        boundByArea();
        best = tries.plain();
        tryOften(tries, FIRST);
        if (search.isFirst() || task.wanted().isEmpty()) {
            return;
        }
        boolean lengthsOnly = task.isOfLengthsOnly();
        List<? extends Pricing> pricings = lengthsOnly ? lengths() : sections();
        if (!isProved() && !stopped.getAsBoolean()) {
            bound(pricings);
        }
        if (lengthsOnly && pricings.stream().allMatch(Pricing::isExact)) {
            dive(lengths());
        }
        tryOften(tries, search.tries());
    }

    private List<LengthPricing> lengths() {
        return task.offered().stream().map(board -> new LengthPricing(task, board)).toList();
    }

    private List<SectionPricing> sections() {
        return task.offered().stream().map(board -> new SectionPricing(task, board)).toList();
    }

    /** @return whether it is the best so far */
    private boolean offer(Solution solution) {
        boolean better = solution.isBetterThan(best);
        best = better ? solution : best;
        return better;
    }

    private void tryOften(RandomSearch tries, int most) {
        for (int left = most; left > 0 && !isProved() && !stopped.getAsBoolean(); left--) {
            if (offer(tries.next())) {
                left = most;
            }
        }
    }

    /** Every piece with a kerf is worth its area. */
    private void boundByArea() {
        double[] most = task.offered().stream()
                .mapToDouble(board -> (board.length() + board.kerf()) * 1e-9 * ((board.width() + board.kerf()) * 1e-9))
                .toArray();
        long kerf = task.offered().stream().mapToLong(Task.Offered::kerf).min().orElse(0);
        double all = task.wanted().stream()
                .mapToDouble(one -> one.places() * ((one.length() + kerf) * 1e-9) * ((one.width() + kerf) * 1e-9))
                .sum();
        if (task.offered().stream().allMatch(board -> board.kerf() == kerf)) {
            leastBoards.add(all, most);
        }
    }

    private void bound(List<? extends Pricing> pricings) {
        double[] ones = new double[task.offered().size()];
        Arrays.fill(ones, 1);
        new ColumnGeneration(ones, pricings, task.places(), leastBoards).solve(this::isEnough);
        double[] weights = weights();
        if (!Arrays.equals(ones, weights)) {
            new ColumnGeneration(weights, pricings, task.places(), leastWeight).solve(this::isEnough);
        }
    }

    private boolean isEnough() {
        return stopped.getAsBoolean() || isProved();
    }

    /** From 0 to 1; of what weighs nothing, next to nothing by its area. */
    private double[] weights() {
        double heaviest = task.offered().stream().mapToDouble(Task.Offered::weight).max().orElse(0);
        double largest = task.offered().stream().mapToDouble(Solution::area).max().orElse(1);
        return task.offered().stream().mapToDouble(board -> heaviest > 0
                ? Math.max(board.weight() / heaviest, 1e-6 * Solution.area(board) / largest)
                : Solution.area(board) / largest).toArray();
    }

    private void dive(List<LengthPricing> pricings) {
        for (int i = 0; i < DIVES && !isEnough(); i++) {
            double[] weights = weights();
            if (goal == Goal.BOARDS) {
                Arrays.fill(weights, 1);
            }
            offer(new Diving(task, weights, pricings, random, this::isEnough).dive(i == 0 ? 1 : 1 + i % 4));
        }
    }
}
