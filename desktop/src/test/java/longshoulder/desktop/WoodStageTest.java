package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.StockRow;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Noted;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.LongWork;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.shell.Stages;
import longshoulder.files.StoredPreferences;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The stage of the wood in the real window: boards, their cuts, ticks, stock. */
@ExtendWith(ApplicationExtension.class)
class WoodStageTest {

    @TempDir
    Path directory;
    private final FileAsker asker = mock(FileAsker.class);
    @SuppressWarnings("NullAway.Init") // made before each test
    private Workbench bench;
    @SuppressWarnings("NullAway.Init")
    private MainView view;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        Project door = Project.ofKind(Kinds.find("frame").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        bench = new Workbench(Planner.plan(door), Optional.empty());
        view = new MainView(bench,
                new Documents(bench, asker, StoredPreferences.in(directory), LongWork.AT_ONCE));
        stage.setScene(view.scene(1280, 800));
        stage.show();
    }

    private void show(FxRobot robot) {
        robot.interact(() -> view.show(Stages.WOOD));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void press(FxRobot robot, String id) {
        robot.interact(() -> robot.lookup(id).queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static List<String> texts(FxRobot robot, String within) {
        return robot.from(robot.lookup(within)).lookup(".label").queryAllAs(Label.class).stream()
                .map(Label::getText).toList();
    }

    @Test
    void boards_areShownWithWhatHasToBeBought(FxRobot robot) {
        show(robot);
        assertThat(texts(robot, "#wood-bar")).anyMatch(text -> text.matches("\\d boards?, \\d+\\.\\d\\d"));
        assertThat(texts(robot, "#buying")).contains("beech");
        assertThat(robot.lookup("#board-1").tryQuery()).isPresent();
    }

    /** The keys of the board go from cut to cut; the last one frees the last piece. */
    @Test
    void cuts_areSteppedThrough(FxRobot robot) {
        show(robot);
        assertThat(texts(robot, "#board-1")).anyMatch(text -> text.startsWith("Cut 1:"));
        robot.interact(() -> robot.lookup("#board-picture-1").query().requestFocus());
        robot.push(KeyCode.RIGHT);
        assertThat(texts(robot, "#board-1")).anyMatch(text -> text.startsWith("Cut 2:"))
                .anyMatch(text -> text.startsWith("1 of "));
        robot.push(KeyCode.LEFT);
        assertThat(robot.lookup("#board-1-back").queryButton().isDisabled()).isTrue();
        while (!robot.lookup("#board-1-on").queryButton().isDisabled()) {
            press(robot, "#board-1-on");
        }
        assertThat(texts(robot, "#board-1")).contains("All cuts are made.");
    }

    /** A ticked piece fixes its board: a change of the design plans all else round it, and undoing the design leaves the tick. */
    @Test
    void tick_keepsTheBoard(FxRobot robot) {
        show(robot);
        ToggleButton tick = robot.lookup("#wood").lookup(".tick").queryAllAs(ToggleButton.class).stream()
                .filter(one -> !one.getId().endsWith("-all")).findFirst().orElseThrow();
        robot.interact(tick::fire);
        assertThat(bench.project().sawn()).singleElement().satisfies(board -> assertThat(
                board.pieces().stream().map(SawnBoard.Part::id)
                        .filter(id -> bench.project().noted(id, Noted.ROUGH).isPresent()))
                .hasSize(1));
        SawnBoard sawn = bench.project().sawn().getFirst();
        robot.interact(() -> bench.edit(new Edit.Retitle("again")));
        robot.interact(bench::undo);
        assertThat(bench.project().sawn()).containsExactly(sawn);
        robot.interact(bench::undoProgress);
        assertThat(bench.project().sawn()).isEmpty();
    }

    /** A piece dragged along its board is pinned there; P lets it go again. */
    @Test
    void piece_draggedToAnotherPlace_isPinned(FxRobot robot) throws TimeoutException {
        show(robot);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !robot.lookup("#wood-stop").query().isVisible());
        WaitForAsyncUtils.waitForFxEvents();
        Node board = robot.lookup("#board-picture-2").query();
        Point2D from = board.localToScreen(60, board.getLayoutBounds().getHeight() - 20);
        robot.drag(from);
        robot.moveTo(from.add(40, 0)).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().pinned()).isNotEmpty();
        Pin pin = bench.project().pinned().getFirst();
        assertThat(pin.x()).isGreaterThan(Length.ofMillimetres(50));
        press(robot, "#unpin-" + pin.name());
        assertThat(bench.project().pinned()).isEmpty();
    }

    /** A pin on a board that is gone is told by the piece's name, and let go with one press. */
    @Test
    void pinThatCannotBeKept_isTold(FxRobot robot) {
        robot.interact(() -> bench.edit(
                new Edit.PinDown(List.of(new Pin("rail-top", "gone", 1, Length.ofMillimetres(25), Length.ZERO)))));
        show(robot);
        assertThat(texts(robot, "#wood")).anyMatch(text -> text.startsWith("Top rail is not where it is pinned"));
        assertThat(robot.lookup("#unpin-rail-top").tryQuery()).isEmpty();
        press(robot, "#release-rail-top");
        assertThat(bench.project().pinned()).isEmpty();
        assertThat(texts(robot, "#wood")).noneMatch(text -> text.contains("pinned"));
    }

    /** P pins the lit piece where it lies, Alt and an arrow moves it to the next good place, P lets it go. */
    @Test
    void keys_pinAndMoveTheLitPiece(FxRobot robot) throws TimeoutException {
        show(robot);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !robot.lookup("#wood-stop").query().isVisible());
        robot.interact(() -> bench.selection().light("rail-top"));
        robot.interact(() -> robot.lookup("#board-picture-2").query().requestFocus());
        robot.push(KeyCode.P);
        WaitForAsyncUtils.waitForFxEvents();
        Pin before = bench.project().pinned().getFirst();
        assertThat(before.name()).isEqualTo("rail-top");
        robot.interact(() -> robot.lookup("#board-picture-2").query().requestFocus());
        robot.push(KeyCode.ALT, KeyCode.UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().pinned()).singleElement()
                .satisfies(pin -> assertThat(pin.y()).isNotEqualTo(before.y()));
        robot.interact(() -> robot.lookup("#board-picture-2").query().requestFocus());
        robot.push(KeyCode.P);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().pinned()).isEmpty();
    }

    @Test
    void movement_isTold(FxRobot robot) {
        robot.interact(() -> bench.edit(new Edit.BuildAs("table")));
        show(robot);
        assertThat(texts(robot, "#movement")).anyMatch(text -> text.startsWith("The top,") && text.contains("slots"));
    }

    /** Steps, number and note of the lit piece, of each copy by itself. */
    @Test
    void litPiece_isNoted(FxRobot robot) {
        robot.interact(() -> bench.edit(new Edit.Give("copies", new Value.Chosen("2"))));
        show(robot);
        robot.interact(() -> bench.selection().light("stile-left"));
        robot.interact(() -> robot.lookup("#note-milled").queryAs(ToggleButton.class).fire());
        robot.interact(() -> robot.lookup("#piece-copy").queryAs(ChoiceButton.class).choices().getLast().take().run());
        robot.clickOn("#note-note").write("knot at the foot").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().noted("stile-left", Noted.MILLED)).isPresent();
        assertThat(bench.project().noted("stile-left@2", Noted.MILLED)).isEmpty();
        assertThat(bench.project().noted("stile-left@2", Noted.NOTE)).contains("knot at the foot");
    }

    /** What was typed but not entered stays with its piece when another one is lit. */
    @Test
    void note_staysWithItsPiece(FxRobot robot) {
        show(robot);
        robot.interact(() -> bench.selection().light("stile-left"));
        robot.clickOn("#note-note").write("dark streak");
        robot.interact(() -> bench.selection().light("rail-top"));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().noted("stile-left", Noted.NOTE)).contains("dark streak");
        assertThat(bench.project().noted("rail-top", Noted.NOTE)).isEmpty();
    }

    @Test
    void stock_isTypedAndTakenOut(FxRobot robot) {
        show(robot);
        for (String[] size : new String[][]{{"length", "3000"}, {"width", "400"}, {"thickness", "40"}}) {
            robot.interact(() -> robot.lookup("#stock-" + size[0]).queryAs(TextField.class).setText(size[1]));
        }
        press(robot, "#stock-add");
        StockRow own = bench.project().stock().own().getFirst();
        assertThat(own.width()).isEqualTo(Length.ofMillimetres(400));
        assertThat(own.count()).contains(1);
        press(robot, "#stock-" + own.id().replace(' ', '-'));
        assertThat(bench.project().stock().own()).isEmpty();
    }

    /** Good lines of a table are taken, and the bad one is named. */
    @Test
    void stock_isReadAndWritten(FxRobot robot) throws IOException {
        show(robot);
        Path table = Files.writeString(directory.resolve("s.csv"),
                "id,length,width,thickness,wood,count\nx,3000,400,40,beech,2\ny,wide,1,1,beech,1\n");
        when(asker.toOpenTable()).thenReturn(Optional.of(table));
        when(asker.toExportTable("frame-stock.csv")).thenReturn(Optional.of(directory.resolve("out.csv")));
        choose(robot, "stock-read");
        assertThat(bench.project().stock().own()).extracting(StockRow::id).containsExactly("x");
        assertThat(texts(robot, "#notice")).anyMatch(text -> text.contains("Line 3 of s.csv is left out"));
        choose(robot, "stock-write");
        assertThat(directory.resolve("out.csv")).content().startsWith("id,length").contains("x,3000,400,40,beech,2");
    }

    private static void choose(FxRobot robot, String choice) {
        robot.interact(() -> robot.lookup("#wood-stock").queryAs(ChoiceButton.class).choices().stream()
                .filter(one -> one.id().equals(choice)).findFirst().orElseThrow().take().run());
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** A leg that is thicker than all boards is glued up from layers with one press. */
    @Test
    void missingPiece_hasARemedy(FxRobot robot) {
        robot.interact(() -> bench.edit(new Edit.BuildAs("table")));
        robot.interact(() -> bench.edit(new Edit.Give("leg.width", new Value.Measured(Length.ofMillimetres(120)))));
        robot.interact(() -> bench.edit(new Edit.Give("leg.depth", new Value.Measured(Length.ofMillimetres(120)))));
        show(robot);
        Button remedy = robot.lookup("#wood").lookup(".remedy").queryButton();
        robot.interact(remedy::fire);
        assertThat(bench.project().brief().choice("leg-front-left:glue.layers")).contains("2");
        assertThat(robot.lookup("#wood").lookup(".remedy").tryQuery()).isEmpty();
    }

    @Test
    void goal_canBeChosen(FxRobot robot) {
        show(robot);
        robot.interact(() -> robot.lookup("#wood-goal").queryAs(ChoiceButton.class).choices().stream()
                .filter(one -> one.id().equals("goal-boards")).findFirst().orElseThrow().take().run());
        assertThat(robot.lookup("#wood-goal").queryAs(ChoiceButton.class).getText()).isEqualTo("Fewest boards");
    }
}
