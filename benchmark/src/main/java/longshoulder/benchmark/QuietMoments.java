package longshoulder.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.ToDoubleFunction;
import javafx.application.Platform;

/**
 * What an edit of a design takes, in the window, while the machine is as fast as it can be. On a machine with neighbours everything takes
 * twice as long for seconds or minutes at a time; edits are therefore measured between two looks at a yardstick, and counted as made in a
 * quiet moment by what that took, never by what they took themselves.
 */
public final class QuietMoments {

    /** In each moment; the first comes after other work and is not counted. */
    private static final int EDITS = 6;

    /** Of the largest demo forty methods a second are still compiled after one minute, some five after two. */
    private static final long WARM_UP = TimeUnit.SECONDS.toNanos(120);

    /** Quiet is a moment in which the yardstick, before and after, takes at most this much more than in its quickest twentieth. */
    private static final double QUIET = 1.1;

    private final OpenWindow window;
    private final Yardstick yardstick = new Yardstick();

    /** @param yardstick the larger of two, in ms */
    private record Moment(double yardstick, List<Double> edits) {}

    private QuietMoments(OpenWindow window) {
        this.window = window;
    }

    /** @param arguments for how many seconds, after two minutes of warming up; and a design as {@link OpenWindow#of} takes it */
    public static void main(String[] arguments) throws Exception {
        long nanoseconds = TimeUnit.SECONDS.toNanos(Long.parseLong(arguments[0]));
        new QuietMoments(OpenWindow.of(arguments[1])).run(arguments[1], nanoseconds);
        Platform.exit();
    }

    private void run(String design, long nanoseconds) throws InterruptedException {
        moments(WARM_UP);
        List<Moment> all = moments(nanoseconds);
        double quickest = share(all, 0.05, Moment::yardstick);
        List<Moment> quiet = all.stream().filter(moment -> moment.yardstick <= QUIET * quickest).toList();
        System.out.printf("%s: yardstick %.2f ms, middle %.2f; %d of %d moments quiet%n", design, quickest,
                share(all, 0.5, Moment::yardstick), quiet.size(), all.size());
        print("quiet", quiet);
        print("all", all);
    }

    private List<Moment> moments(long nanoseconds) throws InterruptedException {
        List<Moment> moments = new ArrayList<>();
        long end = System.nanoTime() + nanoseconds;
        while (System.nanoTime() < end) {
            OpenWindow.repeat(1, () -> moments.add(moment()));
        }
        return moments;
    }

    private Moment moment() {
        double before = yardstick.milliseconds();
        List<Double> edits = new ArrayList<>();
        for (int i = 0; i < EDITS; i++) {
            long start = System.nanoTime();
            window.edit();
            window.paint();
            edits.add((System.nanoTime() - start) / 1e6);
        }
        return new Moment(Math.max(before, yardstick.milliseconds()), edits.subList(1, EDITS));
    }

    private static void print(String what, List<Moment> moments) {
        List<Double> edits = moments.stream().flatMap(moment -> moment.edits.stream()).toList();
        System.out.printf("  %s: mean %.1f ms, half within %.1f, nine tenths within %.1f; within 16 ms %.0f %%%n", what,
                edits.stream().mapToDouble(edit -> edit).average().orElse(0), share(edits, 0.5, edit -> edit),
                share(edits, 0.9, edit -> edit),
                100.0 * edits.stream().filter(edit -> edit <= 16).count() / Math.max(1, edits.size()));
    }

    /** What a share of some figures do not exceed. */
    private static <T> double share(List<T> all, double share, ToDoubleFunction<T> figure) {
        double[] sorted = all.stream().mapToDouble(figure).sorted().toArray();
        return sorted.length == 0 ? 0 : sorted[(int) (share * (sorted.length - 1))];
    }
}
