package longshoulder.desktop;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import longshoulder.desktop.model.LongWork;

/** Long work on a thread of its own; what came of it comes back to the interface's. */
final class BesideWindow implements LongWork {

    /** What is done within so many milliseconds is not said to be waited for: words that flash up only disturb. */
    private static final long PATIENCE = 150;

    @Override
    public <T> void run(Supplier<T> work, Runnable waiting, Consumer<T> then) {
        AtomicBoolean done = new AtomicBoolean();
        Thread.startVirtualThread(() -> {
            T result = work.get();
            done.set(true);
            Platform.runLater(() -> then.accept(result));
        });
        CompletableFuture.delayedExecutor(PATIENCE, TimeUnit.MILLISECONDS).execute(() -> Platform.runLater(() -> {
            if (!done.get()) {
                waiting.run();
            }
        }));
    }
}
