package longshoulder.core.project;

/**
 * A project with all that can be undone and redone: the changes of the design, and by themselves the entries of work done, so that to
 * undo a change of the design never takes back what was entered at the bench.
 *
 * @param design the projects, without what was done
 * @param progress what was done
 */
public record History(UndoStack<Project> design, UndoStack<Progress> progress) {

    public static History of(Project project) {
        return new History(UndoStack.of(project.withProgress(Progress.NONE)), UndoStack.of(project.progress()));
    }

    /** The project as it is. */
    public Project present() {
        return design.present().withProgress(progress.present());
    }

    /** The project with which all that can be undone begins. */
    public Project first() {
        return design.first().withProgress(progress.first());
    }

    /** After an edit; the same history if the edit changes nothing. @throws EditRefused if it cannot be made */
    public History after(Edit edit) {
        Project changed = edit.applyTo(present());
        return new History(design.after(changed.withProgress(Progress.NONE)), progress.after(changed.progress()));
    }

    public boolean canUndo() {
        return design.canUndo();
    }

    public boolean canRedo() {
        return design.canRedo();
    }

    /** The design one step back; the same history where there is none. */
    public History undone() {
        return new History(design.undone(), progress);
    }

    /** The design one step forward again; the same history where there is none. */
    public History redone() {
        return new History(design.redone(), progress);
    }

    /** The last entry of work done taken back; the same history where there is none. */
    public History progressUndone() {
        return new History(design, progress.undone());
    }

    /** The entry that was taken back made again; the same history where there is none. */
    public History progressRedone() {
        return new History(design, progress.redone());
    }

    /** This history with what came before it, where that led to how it begins. */
    public History behind(History earlier) {
        return new History(design.behind(earlier.design), progress.behind(earlier.progress));
    }
}
