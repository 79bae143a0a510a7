package longshoulder.core.project;

import java.util.ArrayList;
import java.util.List;

/**
 * A value with all that can be undone and redone of it. Immutable: undo is the previous value.
 *
 * @param past earlier values, oldest first
 * @param present the value as it is
 * @param future undone values, the next to redo last
 */
public record UndoStack<T>(List<T> past, T present, List<T> future) {

    public UndoStack {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    public static <T> UndoStack<T> of(T value) {
        return new UndoStack<>(List.of(), value, List.of());
    }

    /** With another value; the same steps if it is an equal one. */
    public UndoStack<T> after(T changed) {
        return changed.equals(present) ? this : new UndoStack<>(and(past, present), changed, List.of());
    }

    public boolean canUndo() {
        return !past.isEmpty();
    }

    public boolean canRedo() {
        return !future.isEmpty();
    }

    /** One step back; the same steps where there is none. */
    public UndoStack<T> undone() {
        return canUndo()
                ? new UndoStack<>(past.subList(0, past.size() - 1), past.getLast(), and(future, present))
                : this;
    }

    /** One step forward again; the same steps where there is none. */
    public UndoStack<T> redone() {
        return canRedo()
                ? new UndoStack<>(and(past, present), future.getLast(), future.subList(0, future.size() - 1))
                : this;
    }

    /** All values, oldest first; the present one is at {@code past().size()}. */
    public List<T> all() {
        List<T> all = and(past, present);
        all.addAll(future.reversed());
        return all;
    }

    /** The value that the steps begin with. */
    public T first() {
        return past.isEmpty() ? present : past.getFirst();
    }

    /** These steps with those before them that led to their first value; the same where other ones do. */
    public UndoStack<T> behind(UndoStack<T> earlier) {
        if (!earlier.present.equals(first())) {
            return this;
        }
        List<T> longer = new ArrayList<>(earlier.past);
        longer.addAll(past);
        return new UndoStack<>(longer, present, past.isEmpty() && future.isEmpty() ? earlier.future : future);
    }

    private static <T> List<T> and(List<T> values, T last) {
        List<T> longer = new ArrayList<>(values);
        longer.add(last);
        return longer;
    }
}
