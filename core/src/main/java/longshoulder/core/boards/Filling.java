package longshoulder.core.boards;

import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Fills a board with patterns that are still to be placed: the dearest that fits goes into the corner, and what is left of the part beyond
 * and beside it is filled in the same way.
 */
final class Filling {

    /** How much dearer a pattern is that leaves nothing beside or beyond it. */
    private static final double SNUG = 4;

    private final List<Pattern> patterns;
    private final double[] worth;
    private final boolean[] taken;
    private final long kerf;
    private final Split split;
    private final Random random;

    /** Which of two cuts comes first where a piece leaves wood on both sides. */
    enum Split {
        CROSSCUT, RIP, LARGER_LEFT, RANDOM
    }

    /**
     * @param worth of each pattern
     * @param taken those that are placed already; those that are placed now are marked in it
     */
    Filling(List<Pattern> patterns, double[] worth, boolean[] taken, long kerf, Split split, Random random) {
        this.patterns = patterns;
        this.worth = worth;
        this.taken = taken;
        this.kerf = kerf;
        this.split = split;
        this.random = random;
    }

    /** What the zones of a board are cut into; empty where nothing fits. */
    Optional<Pattern> fill(Zone zone) {
        return zone instanceof Zone.Clear
                ? fill(zone.length(), zone.width())
                : Optional.of(room(zone)).filter(pattern -> pattern.area() > 0);
    }

    /** What the zones of a board are cut into, whether anything fits or not. */
    Pattern room(Zone zone) {
        return switch (zone) {
            case Zone.Clear clear -> new Pattern.Room(fill(clear.length(), clear.width()), true, clear.length(),
                    clear.width());
            case Zone.Waste waste -> new Pattern.Room(Optional.empty(), false, waste.length(), waste.width());
            case Zone.Pinned pinned -> new Pattern.Pinned(pinned.pin(), pinned.length(), pinned.width());
            case Zone.Parted parted -> {
                Pattern one = room(parted.one());
                Pattern other = room(parted.other());
                yield new Pattern.Parted(parted.across(), one, other, parted.length(), parted.width(),
                        one.area() + other.area());
            }
        };
    }

    /** What a part of this size is cut into; empty where nothing fits. */
    Optional<Pattern> fill(long length, long width) {
        int best = -1;
        double most = 0;
        for (int i = 0; i < patterns.size(); i++) {
            Pattern one = patterns.get(i);
            if (!taken[i] && one.length() <= length && one.width() <= width) {
                double value = worth[i] * (one.length() == length || one.width() == width ? SNUG : 1);
                if (value > most) {
                    most = value;
                    best = i;
                }
            }
        }
        if (best < 0) {
            return Optional.empty();
        }
        taken[best] = true;
        return Optional.of(beside(patterns.get(best), length, width));
    }

    private Pattern beside(Pattern corner, long length, long width) {
        long beyond = length - corner.length() - kerf;
        long beside = width - corner.width() - kerf;
        if (isCrosscutFirst(corner, beyond, beside, length, width)) {
            Pattern column = fill(corner.length(), beside).map(other -> Pattern.rip(corner, other, kerf))
                    .orElse(corner);
            return fill(beyond, width).map(other -> Pattern.crosscut(column, other, kerf)).orElse(column);
        }
        Pattern row = fill(beyond, corner.width()).map(other -> Pattern.crosscut(corner, other, kerf)).orElse(corner);
        return fill(length, beside).map(other -> Pattern.rip(row, other, kerf)).orElse(row);
    }

    private boolean isCrosscutFirst(Pattern corner, long beyond, long beside, long length, long width) {
        return switch (split) {
            case CROSSCUT -> true;
            case RIP -> false;
            case RANDOM -> random.nextBoolean();
            case LARGER_LEFT -> Math.max((double) beyond * width, (double) corner.length() * beside) >= Math
                    .max((double) beside * length, (double) corner.width() * beyond);
        };
    }
}
