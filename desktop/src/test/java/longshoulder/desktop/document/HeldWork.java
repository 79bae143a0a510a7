package longshoulder.desktop.document;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** Long work that is said to be waited for at once, and waits until it is told to go on. */
public final class HeldWork implements LongWork {

    private final Deque<Runnable> held = new ArrayDeque<>();

    /** With nothing to do yet. */
    public HeldWork() {
        super();
    }

    @Override
    public <T> void run(Supplier<T> work, Runnable waiting, Consumer<T> then) {
        waiting.run();
        held.add(() -> then.accept(work.get()));
    }

    /** Does what was asked for first. */
    public void doFirst() {
        held.remove().run();
    }

    /** Does what was asked for last. */
    public void doLast() {
        held.removeLast().run();
    }

    /** Does all, in the order in which it was asked for. */
    public void doAll() {
        while (!held.isEmpty()) {
            doFirst();
        }
    }
}
