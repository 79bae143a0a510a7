package longshoulder.desktop.document;

import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import javafx.application.Platform;

/**
 * Where values are worked out that the window shows.
 *
 * @param threads makes an executor for each value, which does one work after another and begins each no sooner than a pause after it was given
 * @param window runs on the interface's thread
 * @param later runs on any thread, a moment later: what is done by then is not said to be waited for, since words that flash up only
 *     disturb
 * @param pause before a value is begun
 */
public record Background(Function<Duration, Executor> threads, Executor window, Executor later, Duration pause) {

    /** By whoever asks, who waits for it; for tests and pictures. */
    public static final Background AT_ONCE = new Background(pause -> Runnable::run, Runnable::run, Runnable::run,
            Duration.ZERO);

    private static final int MOMENT = 150;
    private static final int IDLE = 10;

    /** In the background, each value on a thread of its own: none delays another. */
    public static Background ofThreads() {
        return new Background(Background::thread, Platform::runLater,
                CompletableFuture.delayedExecutor(MOMENT, TimeUnit.MILLISECONDS), Duration.ZERO);
    }

    /** The same, but nothing is begun within a time after it was wanted: for what each of several quick edits would call off. */
    public Background waiting(Duration longer) {
        return new Background(threads, window, later, longer);
    }

    /** A value that is worked out while somebody shows it. A mistake in working it out is thrown on the interface's thread. */
    public <K, T> BackgroundValue<K, T> value(BackgroundValue.Maker<K, T> maker) {
        return new BackgroundValue<>(threads.apply(pause), window, maker, failure -> {
            throw new CompletionException(failure);
        });
    }

    /** A thread that is there while it has something to do. */
    private static Executor thread(Duration pause) {
        ThreadPoolExecutor thread = new ThreadPoolExecutor(1, 1, IDLE, TimeUnit.SECONDS, new LinkedBlockingQueue<>(),
                Thread.ofPlatform().daemon().name("background").factory());
        thread.allowCoreThreadTimeOut(true);
        return pause.isZero()
                ? thread
                : CompletableFuture.delayedExecutor(pause.toMillis(), TimeUnit.MILLISECONDS, thread);
    }
}
