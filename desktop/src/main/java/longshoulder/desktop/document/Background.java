package longshoulder.desktop.document;

import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import javafx.application.Platform;

/**
 * Where values are worked out that the window shows.
 *
 * @param beside each is worked out there at once
 * @param window runs on the interface's thread
 */
public record Background(Executor beside, Executor window) {

    /** By whoever asks, who waits for it; for tests and pictures. */
    public static final Background AT_ONCE = new Background(Runnable::run, Runnable::run);

    /** Beside the window, each value on a thread of its own: none delays another. */
    public static Background besideTheWindow() {
        return new Background(Thread::startVirtualThread, Platform::runLater);
    }

    /** A value that is worked out while somebody shows it. A mistake in working it out is thrown on the interface's thread. */
    public <K, T> BackgroundValue<K, T> value(BackgroundValue.Maker<K, T> maker) {
        return new BackgroundValue<>(beside, window, maker, failure -> {
            throw new CompletionException(failure);
        });
    }
}
