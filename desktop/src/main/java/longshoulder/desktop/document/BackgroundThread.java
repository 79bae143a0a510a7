package longshoulder.desktop.document;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Long work on a thread of its own, one piece after another; what came of it comes back to the interface's, which waits for nothing.
 */
public final class BackgroundThread implements LongWork {

    /** What is done within so many milliseconds is not said to be waited for: words that flash up only disturb. */
    private static final long PATIENCE = 150;

    private final Executor thread;

    /** @param name of the thread */
    public BackgroundThread(String name) {
        thread = Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().name(name).factory());
    }

    @Override
    public <T> void run(Supplier<T> work, Runnable waiting, Consumer<T> then) {
        CompletableFuture<T> result = CompletableFuture.supplyAsync(work, thread);
        CompletableFuture<T> _ = result.whenComplete((value, failure) -> Platform.runLater(() -> {
            if (failure != null) {
                throw new CompletionException(failure);
            }
            then.accept(value);
        }));
        CompletableFuture.delayedExecutor(PATIENCE, TimeUnit.MILLISECONDS).execute(() -> Platform.runLater(() -> {
            if (!result.isDone()) {
                waiting.run();
            }
        }));
    }
}
