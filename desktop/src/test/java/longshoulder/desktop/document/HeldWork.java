package longshoulder.desktop.document;

import java.util.function.Consumer;
import java.util.function.Supplier;

/** Long work that is said to be waited for at once, and waits until it is told to go on. */
public final class HeldWork extends HeldTasks implements LongWork {

    /** With nothing to do yet. */
    public HeldWork() {
        super();
    }

    @Override
    public <T> void run(Supplier<T> work, Runnable waiting, Consumer<T> then) {
        waiting.run();
        hold(() -> then.accept(work.get()));
    }
}
