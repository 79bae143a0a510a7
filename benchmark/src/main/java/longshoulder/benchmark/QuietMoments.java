package longshoulder.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.ToDoubleFunction;
import javafx.application.Platform;

/**
 * What an edit of a design, or a turn of its pictorial view, takes in the window until its frame is painted, while the machine is as fast
 * as it can be. On a machine with neighbours everything takes twice as long for seconds or minutes at a time; frames are therefore
 * measured between two looks at a yardstick, and counted as made in a quiet moment by what that took, never by what they took themselves.
 */
public final class QuietMoments {

    /** In each moment; the first comes after other work and is not counted. */
    private static final int FRAMES = 6;

    /** Of the largest demo forty methods a second are still compiled after one minute, some five after two. */
    private static final long WARM_UP = TimeUnit.SECONDS.toNanos(120);

    /** Quiet is a moment in which the yardstick, before and after, takes at most this much more than in its quickest twentieth. */
    private static final double QUIET = 1.1;

    private final Runnable action;
    private final Yardstick yardstick = new Yardstick();

    /** @param yardstick the larger of two, in ms */
    private record Moment(double yardstick, List<Double> frames) {}

    private QuietMoments(Runnable action) {
        this.action = action;
    }

    /**
     * Prints what frames take.
     *
     * @param arguments "edit" or "turn"; for how many seconds, after two minutes of warming up; and a design as {@link OpenWindow#of}
     * takes it
     */
    public static void main(String[] arguments) throws Exception {
        long nanoseconds = TimeUnit.SECONDS.toNanos(Long.parseLong(arguments[1]));
        OpenWindow window = OpenWindow.of(arguments[2]);
        new QuietMoments(arguments[0].equals("turn") ? window::turn : window::edit)
                .run(arguments[0] + " of " + arguments[2], nanoseconds);
        Platform.exit();
    }

    private void run(String what, long nanoseconds) throws InterruptedException {
        moments(WARM_UP);
        List<Moment> all = moments(nanoseconds);
        double quickest = share(all, 0.05, Moment::yardstick);
        List<Moment> quiet = all.stream().filter(moment -> moment.yardstick <= QUIET * quickest).toList();
        System.out.printf("%s: yardstick %.2f ms, middle %.2f; %d of %d moments quiet%n", what, quickest,
                share(all, 0.5, Moment::yardstick), quiet.size(), all.size());
        print("quiet", quiet);
        print("all", all);
    }

    private List<Moment> moments(long nanoseconds) throws InterruptedException {
        List<Moment> moments = new ArrayList<>();
        long end = System.nanoTime() + nanoseconds;
        while (System.nanoTime() < end) {
            moments.add(moment());
        }
        return moments;
    }

    private Moment moment() throws InterruptedException {
        double before = yardstick.milliseconds();
        List<Double> frames = OpenWindow.frames(FRAMES, action);
        return new Moment(Math.max(before, yardstick.milliseconds()), frames.subList(1, FRAMES));
    }

    private static void print(String what, List<Moment> moments) {
        List<Double> frames = moments.stream().flatMap(moment -> moment.frames.stream()).toList();
        System.out.printf("  %s: mean %.1f ms, half within %.1f, nine tenths within %.1f; within 16 ms %.0f %%%n", what,
                frames.stream().mapToDouble(frame -> frame).average().orElse(0), share(frames, 0.5, frame -> frame),
                share(frames, 0.9, frame -> frame),
                100.0 * frames.stream().filter(frame -> frame <= 16).count() / Math.max(1, frames.size()));
    }

    /** What a share of some figures do not exceed. */
    private static <T> double share(List<T> all, double share, ToDoubleFunction<T> figure) {
        double[] sorted = all.stream().mapToDouble(figure).sorted().toArray();
        return sorted.length == 0 ? 0 : sorted[(int) (share * (sorted.length - 1))];
    }
}
