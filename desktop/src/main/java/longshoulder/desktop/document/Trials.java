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
    private final BackgroundValue<Wanted, Trial> trial;
    /** Stays while the next is worked out. */
    private final ReadOnlyObjectWrapper<Optional<Trial>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());

    /** An edit of the design of a plan, and what the design is after it. */
    private record Wanted(Edit edit, Plan before, Project after) {}

    /**
     * @param plan of which edits are tried
     * @param background where the plan of a trial is derived
     */
    Trials(ReadOnlyObjectProperty<Plan> plan, Notices notices, Background background) {
        this.plan = plan;
        this.notices = notices;
        trial = background.value((wanted, progress) -> Trial.of(wanted.before, wanted.edit, wanted.after));
        trial.valueProperty().addListener((observed, was, is) -> {
            if (is.isPresent()) {
                shown.set(is);
            }
        });
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
            Project after = edit.applyTo(before.project());
            notices.close();
            trial.want(new Wanted(edit, before, after));
        } catch (EditRefused refused) {
            notices.say(refused, Workbench.words(before.project()));
        }
    }

    /** Shows no trial any more, not even one that is still being worked out. */
    public void drop() {
        trial.drop();
        shown.set(Optional.empty());
    }
}
