package longshoulder.desktop.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.Typefaces;
import longshoulder.files.DesignFile;
import longshoulder.files.HistoryFile;
import longshoulder.files.UnsavedWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;

/** What is not saved is kept aside while one works, and is gone once it is saved; the sheet of keys; finding by typing. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init")
class SafekeepingTest {

    @TempDir
    Path directory;

    private Workbench bench;
    private Safekeeping safekeeping;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        bench = new Workbench(Planner.plan(Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES)),
                Optional.empty());
        // As if this program were one that is gone by now.
        safekeeping = new Safekeeping(bench, new UnsavedWork(directory, 1L << 22, Instant.EPOCH), directory);
        stage.setScene(new MainView(bench, new Documents(bench, mock(FileAsker.class))).scene(1280, 800));
        stage.show();
    }

    private Optional<Project> left() {
        return UnsavedWork.left(directory).map(UnsavedWork.Left::project);
    }

    private void waitFor(BooleanSupplier wanted) throws Exception {
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, wanted::getAsBoolean);
    }

    @Test
    void anEdit_isKeptAside_untilItIsSaved(FxRobot robot) throws Exception {
        robot.interact(() -> bench
                .edit(new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(1444)))));
        waitFor(() -> left().equals(Optional.of(bench.project())));
        robot.interact(bench::undo);
        waitFor(() -> left().isEmpty());
        robot.interact(bench::redo);
        waitFor(() -> left().isPresent());
        robot.interact(() -> bench.save(directory.resolve("saved" + DesignFile.SUFFIX)));
        waitFor(() -> left().isEmpty());
    }

    /** Closed without saving, by the maker's own word: nothing comes back next time. */
    @Test
    void endedAsItShould_nothingIsLeft(FxRobot robot) throws Exception {
        robot.interact(() -> bench.edit(new Edit.Retitle("never saved")));
        waitFor(() -> left().isPresent());
        robot.interact(safekeeping::end);
        assertThat(left()).isEmpty();
    }

    @Test
    void whatWasFound_countsAsUnsaved(FxRobot robot) throws Exception {
        robot.interact(bench.document()::holdUnsaved);
        assertThat(bench.document().isChanged()).isTrue();
        waitFor(() -> left().isPresent());
    }

    /** What is older than its file is never shown as the present: it is offered, and stays where it is until the maker chooses. */
    @Test
    void whatIsOlderThanItsFile_isOffered_andOpenedOrDeleted(FxRobot robot) throws Exception {
        Project older = new Edit.Retitle("older").applyTo(bench.project());
        Path file = directory.resolve("map" + DesignFile.SUFFIX);
        UnsavedWork crashed = new UnsavedWork(directory, (1L << 22) + 1, Instant.EPOCH);
        crashed.keep(History.of(older), Optional.of(file), "");
        UnsavedWork.Left left = UnsavedWork.left(directory).orElseThrow();
        Documents documents = new Documents(bench, mock(FileAsker.class));
        robot.interact(() -> safekeeping.offerOlder(left, documents));
        assertThat(bench.project()).isNotEqualTo(older);
        assertThat(bench.notices().shown().text())
                .startsWith("An older version of map" + DesignFile.SUFFIX + ", from ");
        robot.interact(() -> bench.notices().shown().choices().getFirst().action().run());
        assertThat(bench.project()).isEqualTo(older);
        assertThat(bench.document().isChanged()).isTrue();
        crashed.keep(History.of(older), Optional.of(file), "");
        robot.interact(() -> safekeeping.offerOlder(left, documents));
        robot.interact(() -> bench.notices().shown().choices().getLast().action().run());
        waitFor(() -> Files.notExists(left.kept()));
    }

    /** The history is written before the design's file: a crash at the very next moment finds how the design came to what is saved. */
    @Test
    void saved_theHistoryIsThereAtOnce(FxRobot robot) {
        Path file = directory.resolve("map" + DesignFile.SUFFIX);
        robot.interact(() -> {
            bench.edit(new Edit.Retitle("one"));
            bench.edit(new Edit.Retitle("two"));
            bench.save(file);
            assertThat(UnsavedWork.left(directory)).isEmpty();
            assertThat(HistoryFile.of(directory, file).read(bench.project())
                    .map(history -> history.undone().present().title())).contains("one");
        });
    }

    /** Opened again and edited at once, while its history is still read: both what was done then and now can be undone. */
    @Test
    void openedAgain_editedWhileTheHistoryIsRead_losesNothing(FxRobot robot) throws Exception {
        Path file = directory.resolve("map" + DesignFile.SUFFIX);
        robot.interact(() -> {
            bench.edit(new Edit.Retitle("one"));
            bench.edit(new Edit.Retitle("two"));
            bench.save(file);
        });
        waitFor(() -> HistoryFile.of(directory, file).read(bench.project()).isPresent());
        Workbench again = new Workbench(Planner.plan(DesignFile.read(file)), Optional.of(file));
        robot.interact(() -> {
            Safekeeping keeping = new Safekeeping(again, new UnsavedWork(directory, (1L << 22) + 2, Instant.EPOCH),
                    directory);
            assertThat(keeping).isNotNull();
            again.edit(new Edit.Retitle("three"));
        });
        waitFor(() -> again.document().history().design().past().size() == 3);
        robot.interact(() -> {
            again.undo();
            again.undo();
        });
        assertThat(again.project().title()).isEqualTo("one");
        robot.interact(again::redo);
        waitFor(() -> HistoryFile.of(directory, file).read(again.project())
                .equals(Optional.of(again.document().history())));
    }

    /** What a crash left behind has all that could be undone: that of the crashed session, and that of those before it. */
    @Test
    void takenOver_everythingCanBeUndone(FxRobot robot) throws Exception {
        Path file = directory.resolve("map" + DesignFile.SUFFIX);
        History before = History.of(bench.project()).after(new Edit.Retitle("one"));
        DesignFile.write(file, before.present());
        HistoryFile.of(directory, file).write(before);
        UnsavedWork crashed = new UnsavedWork(directory, (1L << 22) + 3, Instant.EPOCH);
        crashed.keep(History.of(before.present()).after(new Edit.Retitle("two")), Optional.of(file), "");
        UnsavedWork.Left left = UnsavedWork.left(directory).orElseThrow();
        robot.interact(() -> {
            bench.begin(left.project(), left.file());
            bench.document().holdUnsaved();
            safekeeping.takeOver(left);
        });
        waitFor(() -> bench.document().history().design().past().size() == 2);
        waitFor(() -> Files.notExists(left.kept()));
        assertThat(left().map(Project::title)).contains("two");
    }

    @Test
    void f1_showsTheKeys_andEscClosesThem(FxRobot robot) {
        robot.push(KeyCode.F1);
        assertThat(robot.lookup("#help-sheet").query().isVisible()).isTrue();
        assertThat(robot.lookup("#key-sheet").lookup(".key").queryAll()).hasSizeGreaterThan(8);
        robot.push(KeyCode.ESCAPE);
        assertThat(robot.lookup("#help-sheet").query().isVisible()).isFalse();
    }

    @Test
    void finder_goesToAPieceAFigureOrAJoint_byTyping(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.F).write("c2").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("apron-right");
        assertThat(robot.lookup("#finder").query().isVisible()).isFalse();
        robot.push(KeyCode.SHORTCUT, KeyCode.F).write("over the legs").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.selection().figureProperty().get()).get()
                .matches(label -> label.key().startsWith("amount.overLegs"));
        robot.push(KeyCode.SHORTCUT, KeyCode.F).write("left apron into back").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.selection().joint()).get().matches(joint -> joint.id().equals("apron-left/leg-back-left"));
        robot.push(KeyCode.SHORTCUT, KeyCode.F).write("keel");
        assertThat(robot.lookup("#finder").lookup(".row").queryAll()).isEmpty();
        robot.push(KeyCode.ESCAPE);
        assertThat(robot.lookup("#finder").query().isVisible()).isFalse();
    }
}
