package longshoulder.desktop.document;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import longshoulder.files.DesignFile;

/** The design that is open with all its edits, the file it belongs to, and whether that file holds it. */
public final class OpenDocument {

    private final ReadOnlyObjectWrapper<History> history = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
    private Optional<Project> saved = Optional.empty();

    /** Mark of the file when it was last read or written here. */
    private String fileMark = "";
    private Consumer<Path> beforeSaving = target -> {};

    /** A design as its file holds it; without a file, one that was just begun. */
    OpenDocument(Project project, Optional<Path> file) {
        begin(project, file);
    }

    /** Another design takes the place of the one that was open. */
    void begin(Project project, Optional<Path> from) {
        history.set(History.of(project));
        saved = Optional.of(project);
        changed.set(false);
        // Told anew even where it is the same file that was opened again.
        file.set(Optional.empty());
        file.set(from);
        noteFile();
    }

    /** All that can be undone and redone. */
    public ReadOnlyObjectProperty<History> historyProperty() {
        return history.getReadOnlyProperty();
    }

    /** The same. */
    public History history() {
        return history.get();
    }

    /** The design with all edits. */
    public Project newest() {
        return history.get().present();
    }

    /** Goes to another state of the design. Gives whether it is another one. */
    boolean moveTo(History next) {
        if (next.equals(history.get())) {
            return false;
        }
        history.set(next);
        changed.set(isChanged());
        return true;
    }

    /** Gives back what could be undone when the design was closed, behind what was done since. */
    public void recall(History kept) {
        history.set(history().behind(kept));
    }

    /** The design with which all that can be undone begins: as it was when it was opened. */
    public Project first() {
        return history().first();
    }

    /** Whether there are changes that no file holds. */
    public boolean isChanged() {
        return !saved.equals(Optional.of(newest()));
    }

    /** The same, to listen to. */
    public ReadOnlyBooleanProperty changedProperty() {
        return changed.getReadOnlyProperty();
    }

    /** The design was never saved, although it was just begun: it was found after a crash. */
    public void holdUnsaved() {
        saved = Optional.empty();
        changed.set(true);
    }

    /** The file of the design; empty until it was saved or opened. */
    public Optional<Path> file() {
        return file.get();
    }

    /** The same, to listen to. */
    public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** Whether another program has written the design's file since it was opened or saved here. */
    public boolean isChangedElsewhere() {
        return file().map(OpenDocument::mark).filter(now -> !now.isEmpty() && !now.equals(fileMark)).isPresent();
    }

    /** Mark of what the design's file held when it was last read or written here; empty without a file. */
    String fileMark() {
        return fileMark;
    }

    /** What is to be done each time before a file is written. */
    void beforeSaving(Consumer<Path> task) {
        beforeSaving = task;
    }

    /** Saves to a file, which becomes the design's own. */
    void save(Path target) throws IOException {
        beforeSaving.accept(target);
        DesignFile.write(target, newest());
        saved = Optional.of(newest());
        file.set(Optional.of(target));
        noteFile();
        changed.set(isChanged());
    }

    private void noteFile() {
        fileMark = file().map(OpenDocument::mark).orElse("");
    }

    private static String mark(Path path) {
        try {
            return DesignFile.mark(path);
        } catch (IOException unreadable) {
            return "";
        }
    }
}
