package longshoulder.desktop.document;

import java.util.ArrayDeque;
import java.util.Deque;

/** Tasks that wait until they are told to go on. */
abstract sealed class HeldTasks permits HeldWork, HeldBackground {

    private final Deque<Runnable> held = new ArrayDeque<>();

    /** Holds a task. */
    final void hold(Runnable task) {
        held.add(task);
    }

    /** Does what was asked for first. */
    public final void doFirst() {
        held.remove().run();
    }

    /** Does what was asked for last. */
    public final void doLast() {
        held.removeLast().run();
    }

    /** Does all, in the order in which it was asked for. */
    public final void doAll() {
        while (!held.isEmpty()) {
            doFirst();
        }
    }
}
