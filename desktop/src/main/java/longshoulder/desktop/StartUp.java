package longshoulder.desktop;

import java.nio.file.Path;
import java.util.Optional;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.desktop.document.Examples;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;
import longshoulder.files.StoredPreferences;
import longshoulder.desktop.document.OwnWorkshop;
import longshoulder.files.UnsavedWork;

/**
 * What was asked for on the command line.
 *
 * @param file a design to open
 * @param demo whether to show the demo data
 * @param once whether to end after the first frame
 * @param pictures where to write pictures of the views, and end
 * @param unsaved where what is not saved is kept
 */
record StartUp(Optional<Path> file, boolean demo, boolean once, Optional<Path> pictures, Path unsaved) {

    /**
     * The plan to begin with.
     *
     * @param isNew whether it is nobody's design yet, so that what it is to be is asked first
     * @param trouble why the file could not be read; empty where it could
     * @param left what a crash left behind: the plan is of that, unless its file was saved since
     */
    record Beginning(Plan plan, Optional<Path> file, boolean isNew, Optional<BadFile> trouble,
            Optional<UnsavedWork.Left> left) {

        Beginning(Plan plan, Optional<Path> file) {
            this(plan, file, false, Optional.empty(), Optional.empty());
        }
    }

    /** Whether it is a session of work, and not a picture or a measurement. */
    boolean isWork() {
        return !once && pictures.isEmpty();
    }

    /**
     * Reads what was asked for and derives its plan; a file that cannot be read gives a new table and a sentence. Runs
     * while the toolkit starts.
     */
    Beginning load() {
        try {
            if (demo) {
                return new Beginning(Planner.plan(Examples.read(Examples.ALL.getFirst())), Optional.empty());
            }
            Optional<UnsavedWork.Left> left = isWork() ? UnsavedWork.left(unsaved) : Optional.empty();
            Optional<UnsavedWork.Left> older = left.filter(UnsavedWork.Left::isOlderThanFile);
            if (older.isEmpty() && left.isPresent() && (file.isEmpty() || isOf(left.get()))) {
                return new Beginning(Planner.plan(left.get().project()), left.get().file(), false, Optional.empty(),
                        left);
            }
            if (file.isPresent()) {
                return new Beginning(Planner.plan(DesignFile.read(file.get())), file, false, Optional.empty(),
                        older.filter(this::isOf));
            }
            return new Beginning(Planner.plan(fresh()), Optional.empty(), true, Optional.empty(), older);
        } catch (BadFile bad) {
            return new Beginning(Planner.plan(fresh()), Optional.empty(), true, Optional.of(bad), Optional.empty());
        }
    }

    private boolean isOf(UnsavedWork.Left left) {
        return left.file().equals(file.map(Path::toAbsolutePath));
    }

    /** What a start without a design begins with. */
    private Project fresh() {
        Project usual = usual();
        return isWork() ? OwnWorkshop.beside(StoredPreferences.in(unsaved)).in(usual) : usual;
    }

    /** With the workshop that ships. */
    static Project usual() {
        return Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
    }
}
