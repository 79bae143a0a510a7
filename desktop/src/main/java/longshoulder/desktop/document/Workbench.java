package longshoulder.desktop.document;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import longshoulder.core.brief.Parameter;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;
import longshoulder.files.SystemReason;

/**
 * The document as it is worked on and the plan that is shown of it: what all parts of the window listen to and send their edits to.
 * It holds the {@link OpenDocument}, the {@link Selection}, the {@link Trials} and the {@link Notices}.
 *
 * <p>An edit is made at once. What follows from it is derived in the background: where that takes no longer than a frame, it is
 * shown in the same one (docs/performance.md); where it takes longer, the window shows what it showed until then, and can be worked
 * with.
 */
public final class Workbench {

    private final ReadOnlyObjectWrapper<Plan> plan = new ReadOnlyObjectWrapper<>();
    private final Notices notices = new Notices();
    private final OpenDocument document;
    private final Selection selection;
    private final Trials trials;
    private final Background background;
    private final Deriver deriver;

    /** A document to work on, with the plan that was derived from it; whoever edits it waits for what follows. */
    public Workbench(Plan derived, Optional<Path> file) {
        this(derived, file, Background.AT_ONCE);
    }

    /** @param background where plans are derived, and all else that the window shows */
    public Workbench(Plan derived, Optional<Path> file, Background background) {
        this.background = background;
        deriver = new Deriver(background);
        document = new OpenDocument(derived.project(), file);
        plan.set(derived);
        selection = new Selection(planProperty());
        trials = new Trials(planProperty(), notices, background);
    }

    /** The design with all edits, and its file. */
    public OpenDocument document() {
        return document;
    }

    /** What is lit and opened. */
    public Selection selection() {
        return selection;
    }

    /** Edits that are looked at before they are made. */
    public Trials trials() {
        return trials;
    }

    /** What has to be said at once. */
    public Notices notices() {
        return notices;
    }

    /** Where values are worked out that the window shows. */
    public Background background() {
        return background;
    }

    /** The plan that is shown; changes with every edit. */
    public ReadOnlyObjectProperty<Plan> planProperty() {
        return plan.getReadOnlyProperty();
    }

    /** The same. */
    public Plan plan() {
        return plan.get();
    }

    /** The design that is shown, of which {@link #plan} is the plan; the last edit of the document may not be in it yet. */
    public Project project() {
        return plan().project();
    }

    /**
     * From now on something is prepared for every plan, in the background, before the plan is shown.
     *
     * @param preparation touches nothing of the window; returns an action that publishes what it made, which runs on the interface's
     *     thread when the plan is shown
     */
    public void prepare(Function<Plan, Runnable> preparation) {
        deriver.prepare(preparation);
    }

    /** Words that show lengths as the document does. */
    public Words words() {
        return words(project());
    }

    /** Words that show lengths as a design does. */
    public static Words words(Project project) {
        return Words.showing(project.showing(), Texts.locale());
    }

    /** Works on a joint and lights its rail. */
    public void workOn(Joint joint) {
        trials.drop();
        selection.workOn(joint);
    }

    /** Makes the edit that was tried out. */
    public void takeTrial() {
        trials.shown().ifPresent(tried -> edit(tried.edit()));
    }

    /** Closes the finding, the notice and the trial that are shown. */
    public void closeAll() {
        selection.findingProperty().set(Optional.empty());
        notices.close();
        trials.drop();
    }

    /** Makes an edit; a refusal becomes a notice. Gives whether it was made. */
    public boolean edit(Edit edit) {
        try {
            History next = document.history().after(edit);
            notices.close();
            move(next);
            return true;
        } catch (EditRefused refused) {
            notices.say(refused, words());
            return false;
        }
    }

    /** Reads what was typed as a length; a refusal becomes a notice. */
    public Optional<Length> read(String text) {
        try {
            return Optional.of(LengthEntry.read(text, project().showing().unit()));
        } catch (EntryException refused) {
            notices.say(refused, words());
            return Optional.empty();
        }
    }

    /**
     * Gives a parameter what was typed. Nothing at all leaves it as it usually stands; a refusal becomes a notice.
     *
     * @return whether it was taken
     */
    public boolean give(Parameter parameter, String typed) {
        if (typed.isBlank()) {
            return edit(new Edit.LeaveToRule(parameter.name()));
        }
        try {
            return edit(new Edit.Give(parameter.name(), parameter.read(typed, project().showing().unit())));
        } catch (EntryException refused) {
            notices.say(refused, words());
            return false;
        }
    }

    public boolean canUndo() {
        return document.history().canUndo();
    }

    public boolean canRedo() {
        return document.history().canRedo();
    }

    public void undo() {
        move(document.history().undone());
    }

    public void redo() {
        move(document.history().redone());
    }

    /** Takes back the last entry of work done. */
    public void undoProgress() {
        move(document.history().progressUndone());
    }

    /** Makes the entry again that was taken back. */
    public void redoProgress() {
        move(document.history().progressRedone());
    }

    private void move(History next) {
        if (document.moveTo(next)) {
            Project project = document.newest();
            Plan shown = plan();
            derive(() -> project.equals(shown.project()) ? shown : Planner.plan(project));
        }
    }

    /** Shows a plan as soon as it is derived; where that takes long, says so, and lets the edit be taken back meanwhile. */
    private void derive(Supplier<Plan> derived) {
        Notice waiting = new Notice(Texts.get("deriving.text"), canUndo()
                ? List.of(new Notice.Choice(Texts.get("deriving.undo"), this::undo))
                : List.of());
        deriver.derive(derived, () -> notices.show(waiting), next -> {
            notices.close(waiting);
            show(next);
        });
    }

    private void show(Plan next) {
        Plan before = plan.get();
        trials.drop();
        plan.set(next);
        selection.follow(before);
    }

    /** Begins another document. The one before is gone: ask first where {@link OpenDocument#isChanged}. */
    public void begin(Project project, Optional<Path> from) {
        begin(project, from, () -> Planner.plan(project));
    }

    private void begin(Project project, Optional<Path> from, Supplier<Plan> derived) {
        document.begin(project, from);
        notices.close();
        derive(derived);
    }

    /**
     * A file that was read, and not yet shown.
     *
     * @param plan of the design in it; empty if it could not be read
     * @param trouble why not
     */
    public record Read(Path path, Optional<Plan> plan, Optional<BadFile> trouble) {}

    /** Reads and plans a design; touches nothing that is shown, so it can be done on any thread. */
    public static Read read(Path path) {
        try {
            return new Read(path, Optional.of(Planner.plan(DesignFile.read(path))), Optional.empty());
        } catch (BadFile bad) {
            return new Read(path, Optional.empty(), Optional.of(bad));
        }
    }

    /** Opens a file that was read; one that could not be becomes a notice, and the document stays as it is. */
    public void open(Read file) {
        file.plan().ifPresent(planned -> begin(planned.project(), Optional.of(file.path()), () -> planned));
        file.trouble().ifPresent(bad -> notices.say(bad.message(Texts.locale())));
    }

    /** Reads a file and opens it at once. */
    public void open(Path path) {
        open(read(path));
    }

    /** Saves to a file, which becomes the document's own. Gives whether it was saved; if not, a notice says why. */
    public boolean save(Path path) {
        Path target = path.toString().endsWith(DesignFile.SUFFIX)
                ? path
                : path.resolveSibling(path.getFileName() + DesignFile.SUFFIX);
        try {
            document.save(target);
        } catch (IOException failed) {
            notices.say(
                    Texts.get("save.failed").formatted(target.getFileName(), SystemReason.of(failed, Texts.locale())));
            return false;
        }
        notices.say(Texts.get("saved").formatted(target.getFileName()));
        return true;
    }
}
