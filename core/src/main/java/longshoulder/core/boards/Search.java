package longshoulder.core.boards;

import java.util.function.BooleanSupplier;

/**
 * How to look for a board plan.
 *
 * @param seed of what is tried at random: with the same one the same plan is found where the search ends by itself
 * @param tries after so many without a better plan the search of a group ends by itself; a handful is a first plan without a proof
 * @param stopped whether to end with the best plan so far; asked often
 */
public record Search(Goal goal, long seed, int tries, BooleanSupplier stopped) {

    private static final int FIRST = 40;
    private static final int SHORT = 2_000;
    private static final int WHOLE = 60_000;

    /** Until nothing better is likely to be found. */
    public Search(Goal goal, long seed, BooleanSupplier stopped) {
        this(goal, seed, WHOLE, stopped);
    }

    /** For the least money, so long at most; papers and the window look in the same way and find the same. */
    public static Search usual(Goal goal, BooleanSupplier stopped) {
        return new Search(goal, 1, stopped);
    }

    /** The same for a first plan, which takes a moment. */
    public Search first() {
        return new Search(goal, seed, FIRST, stopped);
    }

    /** The same for a plan that is good in all groups, before any of them is looked at for long. */
    public Search shortened() {
        return new Search(goal, seed, Math.min(tries, SHORT), stopped);
    }

    boolean isFirst() {
        return tries <= FIRST;
    }
}
