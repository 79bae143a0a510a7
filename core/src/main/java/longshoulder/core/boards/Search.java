package longshoulder.core.boards;

import java.util.function.BooleanSupplier;

/**
 * How to look for a board plan.
 *
 * @param seed of what is tried at random: with the same one the same plan is found where the search ends by itself
 * @param stopped whether to end with the best plan so far; asked often
 */
public record Search(Goal goal, long seed, BooleanSupplier stopped) {}
