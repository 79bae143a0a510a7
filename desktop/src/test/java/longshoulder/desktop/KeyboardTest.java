package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.shell.Stages;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.document.Examples;

/** Everything without a mouse. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init")
class KeyboardTest {

    /** So many pixels are a frame that is seen, even round the smallest button. */
    private static final int FRAME = 30;

    @TempDir
    static Path directory;

    private final FileAsker asker = mock(FileAsker.class);
    private Workbench bench;
    private MainView view;
    private Scene scene;

    @Start
    void start(Stage stage) throws Exception {
        Typefaces.load();
        bench = new Workbench(Planner.plan(Examples.read("reading-table")), Optional.empty());
        view = new MainView(bench, new Documents(bench, asker));
        scene = view.scene(1280, 800);
        stage.setScene(scene);
        stage.show();
        view.focusStage();
    }

    private String tabTo(FxRobot robot, String id) {
        for (int i = 0; i < 200 && !id.equals(focusId()); i++) {
            robot.type(KeyCode.TAB);
        }
        WaitForAsyncUtils.waitForFxEvents();
        return focusId();
    }

    private String focusId() {
        Node owner = scene.getFocusOwner();
        return owner == null ? "" : String.valueOf(owner.getId());
    }

    @Test
    void tab_reachesEveryFigureButtonAndRow_andComesRound(FxRobot robot) {
        Set<Node> reached = new LinkedHashSet<>();
        for (int i = 0; i < 300 && reached.add(scene.getFocusOwner()); i++) {
            robot.type(KeyCode.TAB);
            WaitForAsyncUtils.waitForFxEvents();
        }
        Set<Node> wanted = new LinkedHashSet<>(
                robot.lookup((Node node) -> (node instanceof FigureField || node instanceof Button
                        || node.getStyleClass().contains("row")) && node.isFocusTraversable() && !node.isDisabled()
                        && node.localToScene(node.getBoundsInLocal()).getWidth() > 0 && isShown(node)).queryAll());
        assertThat(reached).containsAll(wanted);
        assertThat(wanted).hasSizeGreaterThan(20);
    }

    /**
     * Wherever the focus is, on every stage, the window looks otherwise there than when it has gone on: nothing lies
     * over its frame. In the dark it goes through two of them.
     */
    @ParameterizedTest
    @CsvSource({"brief, LIGHT", "frame, LIGHT", "frame, DARK", "joints, LIGHT", "lengths, LIGHT", "lengths, DARK",
            "wood, LIGHT"})
    void focus_isSeenWhereverItIs(String id, Palette.Theme theme, FxRobot robot) throws Exception {
        WorkStage stage = Stages.ALL.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
        robot.interact(() -> {
            view.use(theme);
            view.show(stage);
            scene.getRoot().lookup("#stage-" + stage.id()).requestFocus();
        });
        Set<Node> reached = new LinkedHashSet<>();
        Set<Node> compared = new LinkedHashSet<>();
        Image with = picture();
        for (Node owner = scene.getFocusOwner(); reached.add(owner); owner = scene.getFocusOwner()) {
            Bounds place = placeOf(owner);
            robot.type(KeyCode.TAB);
            Image without = picture();
            // Where the panel was scrolled to the next one, all of it looks otherwise.
            if (place.equals(placeOf(owner))) {
                assertThat(differing(with, without, place)).as("%s", owner).isGreaterThan(FRAME);
                compared.add(owner);
            }
            with = without;
        }
        assertThat(compared).hasSizeGreaterThan(20);
    }

    @AfterEach
    void light(FxRobot robot) {
        robot.interact(() -> view.use(Palette.Theme.LIGHT));
    }

    /** Where it stands in the window. */
    private static Bounds placeOf(Node node) throws Exception {
        return WaitForAsyncUtils.asyncFx(() -> node.localToScene(node.getLayoutBounds())).get();
    }

    private Image picture() throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        return WaitForAsyncUtils.asyncFx(() -> scene.snapshot(null)).get();
    }

    private static int differing(Image one, Image other, Bounds place) {
        int count = 0;
        for (int y = (int) Math.max(0, place.getMinY() - 1); y <= Math.min(one.getHeight() - 1, place.getMaxY()); y++) {
            for (int x = (int) Math.max(0, place.getMinX() - 1); x <= Math.min(one.getWidth() - 1,
                    place.getMaxX()); x++) {
                if (one.getPixelReader().getArgb(x, y) != other.getPixelReader().getArgb(x, y)) {
                    count++;
                }
            }
        }
        return count;
    }

    private static boolean isShown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    @Test
    void everythingReachable_hasANameForScreenReaders(FxRobot robot) {
        Set<Node> nodes = robot.lookup((Node node) -> node.isFocusTraversable() && isShown(node)
                && (node instanceof FigureField || node.getStyleClass().contains("row"))).queryAll();
        assertThat(nodes).isNotEmpty().allSatisfy(node -> assertThat(node.getAccessibleText()).isNotBlank());
    }

    @Test
    void cutListRow_enterLightsItsPieces(FxRobot robot) {
        robot.interact(() -> robot.lookup("#cut-list").lookup(".row").queryAll().iterator().next().requestFocus());
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("leg-front-left");
        robot.type(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.selection().pieceProperty().get()).isNotEqualTo("leg-front-left").startsWith("leg");
    }

    @Test
    void derivedFigure_enterOpensItsReckoning(FxRobot robot) {
        assertThat(tabTo(robot, "figure-amount-overLegs-length")).isEqualTo("figure-amount-overLegs-length");
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.selection().figureProperty().get()).get()
                .matches(label -> label.key().equals("amount.overLegs.length"));
    }

    @Test
    void finding_f8OpensIt_andItsRemedyIsMadeWithEnter(FxRobot robot) {
        robot.interact(() -> bench
                .edit(new Edit.Give("tenon.length", new Value.Measured(Length.ofMillimetres(46)))));
        robot.interact(bench::closeAll);
        robot.type(KeyCode.F8);
        WaitForAsyncUtils.waitForFxEvents();
        Node remedy = robot.lookup("#finding").lookup(".remedy").query();
        for (int i = 0; i < 200 && !remedy.isFocused(); i++) {
            robot.type(KeyCode.TAB);
        }
        robot.type(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.plan().findings()).noneMatch(finding -> finding.code().equals("tenons-collide"));
    }

    @Test
    void shortcuts_saveNewUndoUnits(FxRobot robot) {
        Path file = directory.resolve("keys.longshoulder.json");
        when(asker.toSave(any())).thenReturn(Optional.of(file));
        assertThat(tabTo(robot, "figure-overall-length")).isEqualTo("figure-overall-length");
        robot.type(KeyCode.ENTER).write("1555").type(KeyCode.ENTER);
        robot.push(KeyCode.CONTROL, KeyCode.S);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(file).exists();
        robot.push(KeyCode.CONTROL, KeyCode.U);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().showing().isInches()).isTrue();
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().brief().required("overall.length").value()).isEqualTo(Length.ofMillimetres(1500));
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().brief().required("overall.length").value()).isEqualTo(Length.ofMillimetres(1555));
    }
}
