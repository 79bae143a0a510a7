package longshoulder.desktop.document;

import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;

/** An edit that is looked at before it is made, at most one at a time. */
public final class Trials {

    private final ReadOnlyObjectProperty<Plan> plan;
    private final Notices notices;
    private final LongWork work;
    private final ReadOnlyObjectWrapper<Optional<Trial>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());

    /** Counts what was asked for or dropped: a trial that is worked out after something newer is not shown. */
    private long asked;

    /**
     * @param plan of which edits are tried
     * @param work where the plan of a trial is derived
     */
    Trials(ReadOnlyObjectProperty<Plan> plan, Notices notices, LongWork work) {
        this.plan = plan;
        this.notices = notices;
        this.work = work;
    }

    /** The trial that is shown; empty where none is. */
    public ReadOnlyObjectProperty<Optional<Trial>> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** The same. */
    public Optional<Trial> shown() {
        return shown.get();
    }

    /** Shows what an edit would do; one that is refused becomes a notice. */
    public void tryOut(Edit edit) {
        Plan before = plan.get();
        try {
            Project tried = edit.applyTo(before.project());
            notices.close();
            long mine = ++asked;
            work.run(() -> Trial.of(before, edit, tried), () -> {}, made -> {
                if (asked == mine && plan.get().equals(before)) {
                    shown.set(Optional.of(made));
                }
            });
        } catch (EditRefused refused) {
            notices.say(refused, Workbench.words(before.project()));
        }
    }

    /** Shows no trial any more, not even one that is still being worked out. */
    public void drop() {
        asked++;
        shown.set(Optional.empty());
    }
}
