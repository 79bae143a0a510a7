package longshoulder.desktop.document;

import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * Where work with files and printers is done, which may take longer than anybody should wait for a window. It is done once, for its
 * effect; what the window shows is a {@link BackgroundValue}.
 */
public interface LongWork {

    /** Done by whoever asks, who waits for it. */
    LongWork AT_ONCE = new LongWork() {
        @Override
        public <T> void run(Supplier<T> work, Runnable waiting, Consumer<T> then) {
            then.accept(work.get());
        }
    };

    /**
     * Does some work.
     *
     * @param work touches nothing of the window
     * @param waiting says that it takes a while; not run where it does not
     * @param then takes what came of it
     */
    <T> void run(Supplier<T> work, Runnable waiting, Consumer<T> then);
}
