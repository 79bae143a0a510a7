package longshoulder.desktop.document;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Joint;
import longshoulder.core.brief.Parameter;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;
import longshoulder.files.SystemReason;

/**
 * The document as it is worked on, its plan, and what is lit: the one thing that all parts of the window listen to and
 * send their edits to.
 *
 * <p>An edit is made at once. What follows from it is derived beside the window: where that takes no longer than a frame, it is
 * shown in the same one (docs/performance.md); where it takes longer, the window shows what it showed until then, and can be worked
 * with.
 */
public final class Workbench {

    private final ReadOnlyObjectWrapper<History> history = new ReadOnlyObjectWrapper<>();
    private String seen = "";
    private Optional<Project> saved;
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());

    private final ReadOnlyObjectWrapper<Plan> plan = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
    private final StringProperty piece = new SimpleStringProperty("");
    private final ObjectProperty<Optional<Label>> figure = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Finding>> finding = new SimpleObjectProperty<>(Optional.empty());
    private final StringProperty joint = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<Optional<Trial>> trial = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObjectProperty<Notice> notice = new SimpleObjectProperty<>(Notice.NONE);
    private final LongWork work;
    private final Background background;
    private final Deriver deriver;
    private long trialsAsked;

    /** A document to work on, with the plan that was derived from it; whoever edits it waits for what follows. */
    public Workbench(Plan derived, Optional<Path> file) {
        this(derived, file, LongWork.AT_ONCE);
    }

    /** @param work where plans are derived; all else is worked out by whoever asks */
    public Workbench(Plan derived, Optional<Path> file, LongWork work) {
        this(derived, file, work, Background.AT_ONCE);
    }

    /**
     * @param work where plans are derived
     * @param background where all else is worked out that the window shows
     */
    public Workbench(Plan derived, Optional<Path> file, LongWork work, Background background) {
        this.work = work;
        this.background = background;
        this.deriver = new Deriver(work);
        this.history.set(History.of(derived.project()));
        this.saved = Optional.of(derived.project());
        this.file.set(file);
        note();
        plan.set(derived);
        light(firstRail());
    }

    /** The plan of the document as it is; changes with every edit. */
    public ReadOnlyObjectProperty<Plan> planProperty() {
        return plan.getReadOnlyProperty();
    }

    public Plan plan() {
        return plan.get();
    }

    /** The design that is shown, of which {@link #plan} is the plan. */
    public Project project() {
        return plan().project();
    }

    /** The design with all edits, of which the last may not be shown yet. */
    public Project newest() {
        return history.get().present();
    }

    /**
     * From now on something is made of every plan before it is shown, beside the window.
     *
     * @param preparation touches nothing of the window; gives what hands out what was made, run when the plan is shown
     */
    public void prepare(Function<Plan, Runnable> preparation) {
        deriver.prepare(preparation);
    }

    /** Where values are worked out that the window shows. */
    public Background background() {
        return background;
    }

    /** Words that show lengths as the document does. */
    public Words words() {
        return words(project());
    }

    /** Words that show lengths as a design does. */
    public static Words words(Project project) {
        return Words.showing(project.showing(), Texts.locale());
    }

    /** Id of the piece that is lit everywhere. */
    public StringProperty pieceProperty() {
        return piece;
    }

    /** Label of the figure whose reckoning is open; empty for the piece's own. */
    public ObjectProperty<Optional<Label>> figureProperty() {
        return figure;
    }

    /** The finding whose words and remedies are open. */
    public ObjectProperty<Optional<Finding>> findingProperty() {
        return finding;
    }

    /** Id of the joint that is worked on; one of the lit piece's. */
    public StringProperty jointProperty() {
        return joint;
    }

    /** The joint that is worked on; empty where there is none at all. */
    public Optional<Joint> joint() {
        return joint(plan(), piece.get(), joint.get());
    }

    /** The same for a plan, a lit piece and a joint, by their ids. */
    public static Optional<Joint> joint(Plan plan, String piece, String joint) {
        List<Joint> own = plan.joints().stream().filter(one -> one.meeting().tenonPiece().id().equals(piece)
                || one.meeting().mortisePiece().id().equals(piece)).toList();
        return own.stream().filter(one -> one.id().equals(joint)).findFirst()
                .or(() -> own.stream().findFirst()).or(() -> plan.joints().stream().findFirst());
    }

    /** Takes up a joint and lights its rail. */
    public void workOn(Joint one) {
        drop();
        joint.set(one.id());
        light(one.meeting().tenonPiece().id());
    }

    /** An edit that is looked at before it is made; empty where none is. */
    public ReadOnlyObjectProperty<Optional<Trial>> trialProperty() {
        return trial.getReadOnlyProperty();
    }

    /** Shows what an edit would do; one that is refused becomes a notice. */
    public void tryOut(Edit edit) {
        try {
            Plan before = plan();
            Project tried = edit.applyTo(before.project());
            notice.set(Notice.NONE);
            long mine = ++trialsAsked;
            work.run(() -> Trial.of(before, edit, tried), () -> {}, made -> {
                if (trialsAsked == mine && plan().equals(before)) {
                    trial.set(Optional.of(made));
                }
            });
        } catch (EditRefused refused) {
            notice.set(Notice.of(words().sentence(refused.reason()) + "."));
        }
    }

    /** Makes the edit that was tried out. */
    public void take() {
        trial.get().ifPresent(tried -> edit(tried.edit()));
    }

    /** Lets go of the edit that was tried out. */
    public void drop() {
        // One that is still being worked out is not to come after this.
        trialsAsked++;
        trial.set(Optional.empty());
    }

    /** What has to be said at once. */
    public ObjectProperty<Notice> noticeProperty() {
        return notice;
    }

    /** Lights a piece and opens its own reckoning. */
    public void light(String id) {
        figure.set(Optional.empty());
        piece.set(id);
    }

    /** Opens the reckoning of a figure. */
    public void open(Amount amount) {
        figure.set(Optional.of(amount.label()));
    }

    /** Lights the piece that stands before or after the lit one in the papers. */
    public void lightNext(int step) {
        int count = plan().pieces().size();
        for (int i = 0; i < count; i++) {
            if (plan().pieces().get(i).id().equals(piece.get())) {
                light(plan().pieces().get(Math.floorMod(i + step, count)).id());
                return;
            }
        }
        light(firstRail());
    }

    /** Opens the next finding, the worst first; closes it after the last. */
    public void nextFinding() {
        int at = finding.get().map(plan().findings()::indexOf).orElse(-1);
        finding.set(at + 1 < plan().findings().size()
                ? Optional.of(plan().findings().get(at + 1))
                : Optional.empty());
    }

    /** Makes an edit; a refusal becomes a notice. Gives whether it was made. */
    public boolean edit(Edit edit) {
        try {
            History next = history.get().after(edit);
            notice.set(Notice.NONE);
            move(next);
            return true;
        } catch (EditRefused refused) {
            notice.set(Notice.of(words().sentence(refused.reason()) + "."));
            return false;
        }
    }

    /** Reads what was typed as a length; a refusal becomes a notice. */
    public Optional<Length> read(String text) {
        try {
            return Optional.of(LengthEntry.read(text, project().showing().unit()));
        } catch (EntryException refused) {
            notice.set(Notice.of(words().say(refused)));
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
            say(words().say(refused));
            return false;
        }
    }

    /** Says something at once. */
    public void say(String text) {
        notice.set(Notice.of(text));
    }

    /** Closes what is open. */
    public void dismissNotice() {
        finding.set(Optional.empty());
        notice.set(Notice.NONE);
        drop();
    }

    public boolean canUndo() {
        return history.get().canUndo();
    }

    public boolean canRedo() {
        return history.get().canRedo();
    }

    public void undo() {
        move(history.get().undone());
    }

    public void redo() {
        move(history.get().redone());
    }

    private void move(History next) {
        if (next.equals(history.get())) {
            return;
        }
        history.set(next);
        changed.set(isChanged());
        Project project = newest();
        Plan shown = plan();
        derive(() -> project.equals(shown.project()) ? shown : Planner.plan(project));
    }

    /** Shows a plan as soon as it is derived; where that takes long, says so, and lets the edit be taken back meanwhile. */
    private void derive(Supplier<Plan> derived) {
        Notice waiting = new Notice(Texts.get("deriving.text"), canUndo()
                ? List.of(new Notice.Choice(Texts.get("deriving.undo"), this::undo))
                : List.of());
        deriver.derive(derived, () -> notice.set(waiting), next -> {
            if (notice.get().equals(waiting)) {
                notice.set(Notice.NONE);
            }
            show(next);
        });
    }

    private void show(Plan next) {
        Plan before = plan.get();
        drop();
        plan.set(next);
        changed.set(isChanged());
        if (!next.has(piece.get())) {
            light(firstRail());
        }
        finding.set(next.findings().stream().filter(now -> now.level() == Level.STOP)
                .filter(now -> before.findings().stream().noneMatch(was -> was.code().equals(now.code())))
                .findFirst().or(() -> finding.get().flatMap(this::sameFinding)));
    }

    private Optional<Finding> sameFinding(Finding was) {
        return plan().findings().stream()
                .filter(now -> now.code().equals(was.code()) && now.about().equals(was.about())).findFirst();
    }

    private String firstRail() {
        return plan().pieces().stream().filter(p -> p.shoulderLength().isPresent()).findFirst()
                .or(() -> plan().pieces().stream().findFirst()).map(p -> p.id()).orElse("");
    }

    /** Whether there are changes that no file holds. */
    public boolean isChanged() {
        return !saved.equals(Optional.of(newest()));
    }

    /** The same, to listen to. */
    public ReadOnlyBooleanProperty changedProperty() {
        return changed.getReadOnlyProperty();
    }

    /** What is shown was never saved, although it was just begun: it was found after a crash. */
    public void holdUnsaved() {
        saved = Optional.empty();
        changed.set(true);
    }

    /** The file of the document; empty until it was saved or opened. */
    public Optional<Path> file() {
        return file.get();
    }

    /** The same, to listen to. */
    public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** All that can be undone and redone. */
    public ReadOnlyObjectProperty<History> historyProperty() {
        return history.getReadOnlyProperty();
    }

    /** Takes up what could be undone when the design was closed; nothing where it was edited since. */
    public void recall(History kept) {
        if (history.get().past().isEmpty() && history.get().future().isEmpty()
                && kept.present().equals(newest())) {
            history.set(kept);
        }
    }

    /** Notes what the document's file holds, to see later whether another program has written it. */
    private void note() {
        seen = file().map(Workbench::mark).orElse("");
    }

    private static String mark(Path path) {
        try {
            return DesignFile.mark(path);
        } catch (IOException unreadable) {
            return "";
        }
    }

    /** Whether the document's file was written by somebody else since it was opened or saved here. */
    public boolean isChangedElsewhere() {
        return file().map(Workbench::mark).filter(now -> !now.isEmpty() && !now.equals(seen)).isPresent();
    }

    /** Begins another document. The one before is gone: ask first where {@link #isChanged}. */
    public void begin(Project project, Optional<Path> from) {
        begin(project, from, () -> Planner.plan(project));
    }

    private void begin(Project project, Optional<Path> from, Supplier<Plan> derived) {
        history.set(History.of(project));
        saved = Optional.of(project);
        changed.set(false);
        // Told anew even where it is the same file that was opened again.
        file.set(Optional.empty());
        file.set(from);
        note();
        notice.set(Notice.NONE);
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
        file.trouble().ifPresent(bad -> notice.set(Notice.of(bad.message(Texts.locale()))));
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
            DesignFile.write(target, newest());
        } catch (IOException failed) {
            notice.set(Notice.of(
                    Texts.get("save.failed").formatted(target.getFileName(), SystemReason.of(failed, Texts.locale()))));
            return false;
        }
        saved = Optional.of(newest());
        file.set(Optional.of(target));
        note();
        changed.set(isChanged());
        notice.set(Notice.of(Texts.get("saved").formatted(target.getFileName())));
        return true;
    }
}
