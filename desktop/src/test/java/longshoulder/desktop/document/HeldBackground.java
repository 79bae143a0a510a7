package longshoulder.desktop.document;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;

/** Background work that is said to be waited for at once, and waits until it is told to go on. */
public final class HeldBackground {

    private final Deque<Runnable> held = new ArrayDeque<>();

    /** With nothing to do yet. */
    public HeldBackground() {
        super();
    }

    /** Where the work is held. */
    public Background background() {
        return new Background(pause -> held::add, Runnable::run, Runnable::run, Duration.ZERO);
    }

    /** Does what was wanted first. */
    public void doFirst() {
        held.remove().run();
    }

    /** Does what was wanted last. */
    public void doLast() {
        held.removeLast().run();
    }

    /** Does all, in the order in which it was wanted. */
    public void doAll() {
        while (!held.isEmpty()) {
            doFirst();
        }
    }
}
