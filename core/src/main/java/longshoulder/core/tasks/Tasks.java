package longshoulder.core.tasks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ForkJoinTask;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * Work on the things of a list that the processors share.
 *
 * <p>A parallel stream deals a list out in as few parts as four for each helper, and with two processors one then waits for the other
 * as long as a whole part takes. Here they are dealt out one by one, or in many small parts where there are many.
 */
public final class Tasks {

    /** Into no more parts than these: what each costs to hand out is then nothing beside the work. */
    private static final int PARTS = 32;

    private Tasks() {}

    /** What a function makes of each, in the order of the things. The function must not mind who else is at work. */
    public static <T, R> List<R> each(List<T> things, Function<? super T, ? extends R> function) {
        int size = (things.size() + PARTS - 1) / PARTS;
        List<ForkJoinTask<List<R>>> tasks = new ArrayList<>();
        for (int from = 0; from < things.size(); from += size) {
            List<T> part = things.subList(from, Math.min(from + size, things.size()));
            tasks.add(ForkJoinTask.adapt((Callable<List<R>>) () -> made(part, function)));
        }
        ForkJoinTask.invokeAll(tasks);
        List<R> all = new ArrayList<>(things.size());
        tasks.forEach(task -> all.addAll(task.join()));
        return Collections.unmodifiableList(all);
    }

    /** In a plain loop: nearly all that is derived is made in here, so often that a stream round it is felt. */
    private static <T, R> List<R> made(List<T> part, Function<? super T, ? extends R> function) {
        List<R> made = new ArrayList<>(part.size());
        for (T thing : part) {
            made.add(function.apply(thing));
        }
        return made;
    }

    /** Two things that do not mind each other, put together. */
    public static <A, B, R> R both(Supplier<A> one, Supplier<B> other, BiFunction<A, B, R> together) {
        ForkJoinTask<A> first = ForkJoinTask.adapt((Callable<A>) one::get);
        ForkJoinTask<B> second = ForkJoinTask.adapt((Callable<B>) other::get);
        ForkJoinTask.invokeAll(first, second);
        return together.apply(first.join(), second.join());
    }
}
