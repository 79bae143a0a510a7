package longshoulder.desktop.document;

import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import javafx.application.Platform;

/**
 * Where values are worked out that the window shows.
 *
 * @param after an executor that begins each work so long after it was given
 * @param window runs on the interface's thread
 */
public record Background(Function<Duration, Executor> after, Executor window) {

    /** By whoever asks, who waits for it; for tests and pictures. */
    public static final Background AT_ONCE = new Background(wait -> Runnable::run, Runnable::run);

    /** In the background, each value on a thread of its own: none delays another. */
    public static Background ofThreads() {
        Executor threads = Thread::startVirtualThread;
        return new Background(wait -> wait.isZero()
                ? threads
                : CompletableFuture.delayedExecutor(wait.toMillis(), TimeUnit.MILLISECONDS, threads),
                Platform::runLater);
    }

    /** The same, but nothing is begun within a time after it was wanted: for what each of several quick edits would call off. */
    public Background waiting(Duration wait) {
        return new Background(shorter -> after.apply(wait.plus(shorter)), window);
    }

    /** A value that is worked out while somebody shows it. A mistake in working it out is thrown on the interface's thread. */
    public <K, T> BackgroundValue<K, T> value(BackgroundValue.Maker<K, T> maker) {
        return new BackgroundValue<>(after.apply(Duration.ZERO), window, maker, failure -> {
            throw new CompletionException(failure);
        });
    }
}
