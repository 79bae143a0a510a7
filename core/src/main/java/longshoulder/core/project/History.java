package longshoulder.core.project;

import java.util.ArrayList;
import java.util.List;

/**
 * A project with all that can be undone and redone. Immutable: undo is the previous value.
 *
 * @param past earlier projects, oldest first
 * @param present the project as it is
 * @param future undone projects, the next to redo last
 */
public record History(List<Project> past, Project present, List<Project> future) {

    public History {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    public static History of(Project project) {
        return new History(List.of(), project, List.of());
    }

    /** After an edit; the same history if the edit changes nothing. @throws EditRefused if it cannot be made */
    public History after(Edit edit) {
        Project changed = edit.applyTo(present);
        return changed.equals(present) ? this : new History(and(past, present), changed, List.of());
    }

    public boolean canUndo() {
        return !past.isEmpty();
    }

    public boolean canRedo() {
        return !future.isEmpty();
    }

    /** One step back; the same history where there is none. */
    public History undone() {
        return canUndo()
                ? new History(past.subList(0, past.size() - 1), past.getLast(), and(future, present))
                : this;
    }

    /** One step forward again; the same history where there is none. */
    public History redone() {
        return canRedo()
                ? new History(and(past, present), future.getLast(), future.subList(0, future.size() - 1))
                : this;
    }

    private static List<Project> and(List<Project> projects, Project last) {
        List<Project> longer = new ArrayList<>(projects);
        longer.add(last);
        return longer;
    }
}
