package longshoulder.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import longshoulder.core.project.UndoStack;

/** The states that a history has gone through while it is read, and the one at which it is. */
final class Line<T> {

    /** States that weigh more together let go of the oldest half: nobody undoes so many, and memory stays bounded. */
    private static final long MOST = 2_000_000;

    private final List<T> states = new ArrayList<>();
    private final ToIntFunction<T> weigh;
    private long weight;
    private int now;
    /** States that were let go of count in the places of a file. */
    private int gone;

    /** @param weigh how many entries a state has in memory */
    Line(T first, ToIntFunction<T> weigh) {
        this.weigh = weigh;
        states.add(first);
        weight = weigh.applyAsInt(first);
    }

    T present() {
        return states.get(now);
    }

    /** A step to a new state; what was undone is gone. */
    void add(T state) {
        drop(now + 1, states.size());
        states.add(state);
        weight += weigh.applyAsInt(state);
        now++;
        if (weight > MOST) {
            int half = states.size() / 2;
            drop(0, half);
            gone += half;
            now -= half;
        }
    }

    private void drop(int from, int to) {
        List<T> dropped = states.subList(from, to);
        dropped.forEach(state -> weight -= weigh.applyAsInt(state));
        dropped.clear();
    }

    /** Goes to a state by its place; false if there is none. */
    boolean go(int place) {
        boolean there = place >= gone && place - gone < states.size();
        now = there ? place - gone : now;
        return there;
    }

    /** The steps as they are where the present state is this one; empty if it is none of them. */
    Optional<UndoStack<T>> at(T state) {
        int place = present().equals(state) ? now : states.lastIndexOf(state);
        return place < 0
                ? Optional.empty()
                : Optional.of(new UndoStack<>(states.subList(0, place), state,
                        states.subList(place + 1, states.size()).reversed()));
    }
}
