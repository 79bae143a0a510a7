package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Fills board after board, over and over with other worths, and keeps the best. Pieces that were in the worst board are worth more the next
 * time, so that they are placed while there is still room to choose.
 */
final class RandomSearch {

    /** Merging looks at all pairs: with more places than this it would take too long. */
    private static final int MOST_MERGED = 250;

    private static final double[] LOSSES = {0, 0, 0, 0.003, 0.01, 0.03};
    private static final List<Filling.Split> SPLITS = List.of(Filling.Split.values());
    private static final double DEARER = 1.15;
    private static final double FORGET = 0.98;

    private final Task task;
    private final Random random;
    private final double[] learned;
    private final boolean isOfOneKerf;

    RandomSearch(Task task, Random random) {
        this.task = task;
        this.random = random;
        learned = new double[task.wanted().size()];
        Arrays.fill(learned, 1);
        isOfOneKerf = task.offered().stream().map(Task.Offered::kerf).distinct().count() == 1;
    }

    /** The longest first, each into the first row that takes it: what every plan is measured against. */
    Solution plain() {
        return fillAll(singles(task.places()), Filling.Split.RIP,
                pattern -> pattern.width() * 1e3 + pattern.length() * 1e-9);
    }

    /** One more try. */
    Solution next() {
        List<Pattern> patterns = singles(task.places());
        if (isOfOneKerf && patterns.size() <= MOST_MERGED && random.nextInt(4) > 0) {
            double loss = LOSSES[random.nextInt(LOSSES.length)];
            patterns = new Merging(task, loss, random).merged(patterns, 1 - random.nextInt(4) * 0.02);
        }
        double lengthPower = random.nextDouble() * 2;
        double widthPower = random.nextDouble() * 2;
        double noise = random.nextInt(3) * 0.15;
        Filling.Split split = SPLITS.get(random.nextInt(SPLITS.size()));
        Solution solution = fillAll(patterns, split,
                pattern -> Math.pow(pattern.length() * 1e-9, lengthPower) * Math.pow(pattern.width() * 1e-9, widthPower)
                        * learned(pattern) * (1 + noise * random.nextGaussian()));
        learn(solution);
        return solution;
    }

    private double learned(Pattern pattern) {
        double[] most = {0};
        pattern.forEach(type -> most[0] = Math.max(most[0], learned[type]));
        return most[0];
    }

    /** What lies in the emptiest board is placed earlier the next time. */
    private void learn(Solution solution) {
        for (int i = 0; i < learned.length; i++) {
            learned[i] = 1 + (learned[i] - 1) * FORGET;
            if (solution.left().get(i) > 0) {
                learned[i] *= DEARER;
            }
        }
        solution.boards().stream().min(Comparator.comparingDouble(RandomSearch::share))
                .ifPresent(used -> used.pattern().forEach(type -> learned[type] *= DEARER));
    }

    private static double share(Solution.Used used) {
        return used.pattern().area() / Solution.area(used.board());
    }

    private List<Pattern> singles(int[] places) {
        List<Pattern> singles = new ArrayList<>();
        for (int type = 0; type < places.length; type++) {
            Task.Wanted wanted = task.wanted().get(type);
            for (int i = 0; i < places[type]; i++) {
                singles.add(new Pattern.Single(type, wanted.length(), wanted.width()));
            }
        }
        return singles;
    }

    /** What a pattern is worth, so that the dearest is placed first. */
    @FunctionalInterface
    private interface Worth {
        double of(Pattern pattern);
    }

    private Solution fillAll(List<Pattern> all, Filling.Split split, Worth worths) {
        List<Pattern> patterns = new ArrayList<>(all);
        double[] worth = patterns.stream().mapToDouble(worths::of).map(value -> Math.max(value, 1e-9)).toArray();
        boolean[] taken = new boolean[patterns.size()];
        int[] used = new int[task.offered().size()];
        List<Solution.Used> boards = new ArrayList<>();
        for (int i = 0; i < used.length; i++) {
            Task.Offered board = task.offered().get(i);
            if (board.isPinned()) {
                used[i]++;
                boards.add(new Solution.Used(board, new Filling(patterns, worth, taken, board.kerf(), split, random)
                        .room(board.zone())));
            }
        }
        for (Optional<Filled> next = best(patterns, worth, taken, used, split); next.isPresent(); next = best(patterns,
                worth, taken, used, split)) {
            Filled filled = next.get();
            System.arraycopy(filled.taken, 0, taken, 0, taken.length);
            used[filled.board]++;
            boards.add(new Solution.Used(task.offered().get(filled.board), filled.pattern));
        }
        int[] left = new int[task.wanted().size()];
        for (int i = 0; i < taken.length; i++) {
            if (!taken[i]) {
                patterns.get(i).forEach(type -> left[type]++);
            }
        }
        return new Solution(boards, Arrays.stream(left).boxed().toList());
    }

    /** A board that could come next. */
    @SuppressWarnings("ArrayRecordComponent") // read in inner loops and never compared
    private record Filled(int board, Pattern pattern, boolean[] taken) {}

    /** Of all sizes of which there is one left, the one that costs least for the area that is filled. */
    private Optional<Filled> best(List<Pattern> patterns, double[] worth, boolean[] taken, int[] used,
            Filling.Split split) {
        Filled best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < used.length; i++) {
            Task.Offered board = task.offered().get(i);
            if (used[i] < board.count()) {
                boolean[] mine = taken.clone();
                Optional<Pattern> pattern = new Filling(patterns, worth, mine, board.kerf(), split, random)
                        .fill(board.zone());
                double cost = pattern.map(some -> (board.weight() + 1e-9 * Solution.area(board)) / some.area())
                        .orElse(Double.POSITIVE_INFINITY);
                if (cost < least) {
                    least = cost;
                    best = new Filled(i, pattern.orElseThrow(), mine);
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
