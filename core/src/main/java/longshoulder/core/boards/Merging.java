package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Puts patterns together that are as long or as wide as each other, before boards are filled with them: lists that come from boards cut apart
 * are put together again, and strips of one length stay together.
 */
final class Merging {

    private final Task task;
    /** What may be lost in a pair, as a share of it. */
    private final double loss;
    private final Random random;

    Merging(Task task, double loss, Random random) {
        this.task = task;
        this.loss = loss;
        this.random = random;
    }

    /** Patterns in which pairs are put together until none is left that goes into a board, or chance ends it. */
    List<Pattern> merged(List<Pattern> singles, double goOn) {
        List<Pattern> patterns = new ArrayList<>(singles);
        while (patterns.size() > 1 && random.nextDouble() < goOn && mergeOne(patterns)) {
            // one pair more is together
        }
        return patterns;
    }

    /** From a pair that chance picks on. */
    private boolean mergeOne(List<Pattern> patterns) {
        int size = patterns.size();
        int start = random.nextInt(size);
        for (int i = 0; i < size; i++) {
            int one = (start + i) % size;
            int from = random.nextInt(size);
            for (int j = 0; j < size; j++) {
                int other = (from + j) % size;
                Optional<Pattern> pair = one == other
                        ? Optional.empty()
                        : pair(patterns.get(one), patterns.get(other));
                if (pair.isPresent()) {
                    patterns.set(one, pair.get());
                    patterns.remove(other);
                    return true;
                }
            }
        }
        return false;
    }

    private Optional<Pattern> pair(Pattern one, Pattern other) {
        long kerf = task.offered().getFirst().kerf();
        if (isAlike(one.width(), other.width(), Math.min(one.length(), other.length()),
                one.length() + other.length())) {
            return Optional.of(Pattern.crosscut(one, other, kerf)).filter(this::goesIn);
        }
        if (isAlike(one.length(), other.length(), Math.min(one.width(), other.width()), one.width() + other.width())) {
            return Optional.of(Pattern.rip(one, other, kerf)).filter(this::goesIn);
        }
        return Optional.empty();
    }

    /** Whether two are so nearly as wide that what is lost beside the narrower is a small share of both. */
    private boolean isAlike(long one, long other, long shorter, long both) {
        return one == other
                || Math.abs(one - other) * (double) shorter <= loss * both * Math.max(one, other);
    }

    private boolean goesIn(Pattern pattern) {
        return task.offered().stream().anyMatch(board -> board.holds(pattern.length(), pattern.width()));
    }
}
