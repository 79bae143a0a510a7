package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.shell.Stages;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.document.Examples;

/** Drives the real window with mouse and keyboard. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init")
class WindowTest {

    @TempDir
    static Path directory;

    private final FileAsker asker = mock(FileAsker.class);
    private Workbench bench;
    private Scene scene;

    @Start
    void start(Stage stage) throws Exception {
        Typefaces.load();
        Project demo = Examples.read("reading-table");
        bench = new Workbench(Planner.plan(demo), Optional.empty());
        MainView view = new MainView(bench, new Documents(bench, asker));
        scene = view.scene(1280, 800);
        stage.setScene(scene);
        stage.show();
        view.focusStage();
    }

    @BeforeEach
    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void type(FxRobot robot, String figure, String text) {
        robot.clickOn(figure).write(text).type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** What has the keyboard is scrolled into view. */
    private static void focus(FxRobot robot, String node) {
        robot.interact(() -> robot.lookup(node).query().requestFocus());
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Everything that the window says in a region, figures included. */
    private static List<String> texts(FxRobot robot, String region) {
        return robot.lookup(region).lookup((Node node) -> node instanceof Label || node instanceof Button
                || node instanceof FigureField).queryAll().stream().map(WindowTest::text).toList();
    }

    private static String text(Node node) {
        return switch (node) {
            case Label label -> label.getText();
            case Button button -> button.getText();
            default -> String.valueOf(node.getAccessibleText());
        };
    }

    private static List<String> rows(FxRobot robot) {
        return robot.lookup("#cut-list").lookup(".row").queryAll().stream().map(Node::getAccessibleText).toList();
    }

    private Length shoulder(String piece) {
        return bench.plan().piece(piece).shoulderLength().orElseThrow().value();
    }

    /** Other digits in the same places: every figure changes, and what is round them stays where it is. */
    @Test
    void anEdit_laysOutNothingButWhatItChanged(FxRobot robot) {
        robot.interact(() -> {
            scene.getRoot().layout();
            bench.edit(new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(1501))));
        });
        assertThat(rows(robot)).contains("1 top, 1501 mm × 800 mm × 25 mm");
        robot.interact(() -> {
            bench.edit(new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(1503))));
            assertThat(scene.getRoot().isNeedsLayout()).isFalse();
            assertThat(((Parent) robot.lookup("#cut-list").query()).isNeedsLayout()).isFalse();
            assertThat(((Parent) robot.lookup("#reckoning").query()).isNeedsLayout()).isFalse();
        });
        assertThat(rows(robot)).contains("1 top, 1503 mm × 800 mm × 25 mm");
    }

    /** Or a frame would paint all of the panel anew in which a figure changed, and lay it over the window. */
    @Test
    void noPanel_isKeptAsAPicture(FxRobot robot) {
        for (WorkStage stage : Stages.ALL) {
            robot.interact(() -> ((MainView) scene.getRoot()).show(stage));
            WaitForAsyncUtils.waitForFxEvents();
            assertThat(scene.getRoot().lookupAll("*")).as(stage.id()).hasSizeGreaterThan(100)
                    .noneMatch(Node::isCache);
        }
    }

    @Test
    void figure_typedOnTheDrawing_changesLengthsAndCutList(FxRobot robot) {
        assertThat(rows(robot)).contains("2 apron, 1340 mm × 95 mm × 22 mm");
        type(robot, "#figure-overall-length", "1600");
        assertThat(shoulder("apron-front")).isEqualTo(Length.ofMillimetres(1360));
        assertThat(rows(robot)).contains("2 apron, 1440 mm × 95 mm × 22 mm", "1 top, 1600 mm × 800 mm × 25 mm");
        assertThat(texts(robot, "#sheet")).contains("shoulder length of the front apron 1360");
        robot.clickOn("#undo");
        assertThat(rows(robot)).contains("2 apron, 1340 mm × 95 mm × 22 mm");
        robot.clickOn("#redo");
        assertThat(rows(robot)).contains("2 apron, 1440 mm × 95 mm × 22 mm");
    }

    @Test
    void figure_sumsAndInches_areTaken(FxRobot robot) {
        type(robot, "#figure-overall-length", "2 * 700 + 4 in");
        assertThat(bench.project().brief().required("overall.length").value())
                .isEqualTo(Length.ofMicrometres(1_501_600));
    }

    @Test
    void figure_nonsense_isRefusedInWordsAndKept(FxRobot robot) {
        type(robot, "#figure-overall-length", "12 furlongs");
        assertThat(texts(robot, "#notice")).anyMatch(text -> text.contains("\"furlongs\" is not a unit"));
        TextInputControl field = robot.lookup("#figure-overall-length").lookup(".figure-entry").query();
        assertThat(field.getText()).isEqualTo("12 furlongs");
        assertThat(bench.canUndo()).isFalse();
        robot.type(KeyCode.ESCAPE);
        assertThat(((FigureField) robot.lookup("#figure-overall-length").query()).isEditing()).isFalse();
        assertThat(robot.lookup("#notice").query().isVisible()).isFalse();
    }

    @Test
    void figure_outOfBounds_isRefusedWithTheBounds(FxRobot robot) {
        type(robot, "#figure-overall-height", "20");
        assertThat(texts(robot, "#notice")).anyMatch(text -> text.contains("150 mm and 2000 mm"));
        assertThat(bench.canUndo()).isFalse();
    }

    @Test
    void keyboardAlone_changesAFigureAndKeepsThePlace(FxRobot robot) {
        for (int i = 0; i < 200 && !"figure-overall-depth".equals(focusId()); i++) {
            robot.type(KeyCode.TAB);
        }
        assertThat(focusId()).isEqualTo("figure-overall-depth");
        robot.type(KeyCode.ENTER).write("900").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(shoulder("apron-left")).isEqualTo(Length.ofMillimetres(700));
        assertThat(focusId()).isEqualTo("figure-overall-depth");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(shoulder("apron-left")).isEqualTo(Length.ofMillimetres(600));
        robot.type(KeyCode.PAGE_DOWN);
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("apron-back");
    }

    private String focusId() {
        return scene.getFocusOwner() == null ? "" : String.valueOf(scene.getFocusOwner().getId());
    }

    @Test
    void piece_clickedInAView_isLitEverywhere(FxRobot robot) {
        Bounds sheet = robot.lookup("#sheet").query().localToScreen(robot.lookup("#sheet").query().getBoundsInLocal());
        Bounds shoulder = robot.lookup("#figure-amount-shoulder-apron-front").query().localToScreen(
                robot.lookup("#figure-amount-shoulder-apron-front").query().getBoundsInLocal());
        Bounds leg = robot.lookup("#figure-amount-legLength").query().localToScreen(
                robot.lookup("#figure-amount-legLength").query().getBoundsInLocal());
        assertThat(sheet.contains(shoulder)).isTrue();
        robot.clickOn(new Point2D(leg.getCenterX() + 35, leg.getCenterY()), MouseButton.PRIMARY);
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("leg-front-left");
        assertThat(texts(robot, "#reckoning")).contains("Front left leg", "A1");
        assertThat(texts(robot, "#rod")).anyMatch(text -> text.contains("front left leg"));
        Node row = robot.lookup("#cut-list").lookup(".row").queryAll().iterator().next();
        assertThat(row.getPseudoClassStates()).anyMatch(state -> state.getPseudoClassName().equals("lit"));
    }

    @Test
    void derivedFigure_clicked_opensItsReckoning(FxRobot robot) {
        robot.clickOn("#figure-amount-overLegs-length");
        assertThat(texts(robot, "#lines")).contains("= length over the legs", "overall length");
        assertThat(((FigureField) robot.lookup("#figure-amount-overLegs-length").query()).isEditing()).isFalse();
    }

    @Test
    void reckoning_ruleAndGivenTenon_showAndMendACollision(FxRobot robot) {
        focus(robot, "#piece-tenon-length");
        type(robot, "#piece-tenon-length", "45.5");
        assertThat(texts(robot, "#finding")).anyMatch(text -> text.contains("even mitred ends allow"));
        assertThat(((Button) robot.lookup("#state").query()).getText()).contains("4 stops");
        robot.clickOn("Leave the length of the tenons to the rule of thumb");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.plan().findings()).allMatch(finding -> finding.level() == Level.NOTE);
        assertThat(robot.lookup("#finding").queryAll()).isEmpty();
        assertThat(((Button) robot.lookup("#state").query()).getText()).startsWith("1 note");
    }

    /** A shoulder length typed over the result: the overall length follows, or another size on demand; undone in one step. */
    @Test
    void result_typedOver_changesASizeThatItHangsOn(FxRobot robot) {
        Length before = shoulder("apron-front");
        Length overall = bench.project().brief().required("overall.length").value();
        robot.interact(() -> bench.selection().light("apron-front"));
        robot.interact(() -> robot.lookup("#result").queryAs(FigureField.class).fire());
        robot.write("1300").type(KeyCode.ENTER);
        settle();
        assertThat(shoulder("apron-front")).isEqualTo(Length.ofMillimetres(1300));
        Length moved = Length.ofMillimetres(1300).minus(before);
        assertThat(bench.project().brief().required("overall.length").value()).isEqualTo(overall.plus(moved));
        assertThat(bench.notices().shown().text()).contains("1300").contains("this changed");
        robot.interact(() -> bench.notices().shown().choices().getFirst().action().run());
        settle();
        assertThat(bench.project().brief().required("overall.length").value()).isEqualTo(overall);
        assertThat(shoulder("apron-front")).isEqualTo(Length.ofMillimetres(1300));
        robot.interact(bench::undo);
        assertThat(shoulder("apron-front")).isEqualTo(before);
    }

    /** The picture alone, or near the lit piece, and all views again. */
    @Test
    void pictureAlone_byKey(FxRobot robot) {
        Node sheet = robot.lookup("#sheet").query();
        int figures = robot.from(sheet).lookup(".figure").queryAll().size();
        assertThat(figures).isPositive();
        for (KeyCode key : List.of(KeyCode.P, KeyCode.Z)) {
            focus(robot, "#sheet");
            robot.type(key);
            settle();
            assertThat(robot.from(sheet).lookup(".figure").queryAll()).isEmpty();
            robot.type(key);
            settle();
            assertThat(robot.from(sheet).lookup(".figure").queryAll()).hasSize(figures);
        }
    }

    @Test
    void reckoning_rule_isChangedWhereItDecides(FxRobot robot) {
        robot.interact(() -> bench.selection()
                .openFigure(bench.plan().piece("apron-front").joints().getFirst().addedLength()));
        focus(robot, "#rule-shortened");
        robot.clickOn("#rule-shortened");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.plan().piece("apron-front").length().value()).isEqualTo(Length.ofMillimetres(1260 + 72));
    }

    @Test
    void asCut_differentFromItsPartner_isFoundAndMended(FxRobot robot) {
        focus(robot, "#piece-cut");
        type(robot, "#piece-cut", "1258");
        assertThat(texts(robot, "#finding")).anyMatch(text -> text.contains("2 mm apart"));
        robot.clickOn("Cut the back apron to 1258 mm as well");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(shoulder("apron-back")).isEqualTo(Length.ofMillimetres(1258));
    }

    /** A figure of a haunch that a bridle joint does not have: it waits, says so in the corner, and can be forgotten. */
    @Test
    void finding_aboutNothingDrawn_standsInTheCorner(FxRobot robot) {
        String joint = "apron-front/leg-front-left";
        robot.interact(() -> {
            bench.edit(new Edit.Give(joint + ":joint", new Value.Chosen("haunched-tenon")));
            bench.edit(new Edit.Give(joint + ":haunch.width", new Value.Measured(Length.ofMillimetres(20))));
            bench.edit(new Edit.Give(joint + ":joint", new Value.Chosen("bridle")));
            bench.selection().findingProperty().set(bench.plan().findings().stream()
                    .filter(finding -> finding.code().equals("waits")).findFirst());
        });
        Bounds sheet = robot.lookup("#sheet").query().localToScreen(robot.lookup("#sheet").query().getBoundsInLocal());
        Bounds card = robot.lookup("#finding").query()
                .localToScreen(robot.lookup("#finding").query().getBoundsInLocal());
        assertThat(sheet.contains(card)).isTrue();
        robot.clickOn(robot.lookup("#finding").lookup(".remedy").queryButton());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.plan().findings()).noneMatch(finding -> finding.code().equals("waits"));
    }

    @Test
    void units_switch_showsFractionsAndKeepsTheLengths(FxRobot robot) {
        robot.clickOn("#inches");
        assertThat(texts(robot, "#sheet")).contains("overall depth 31 1/2");
        type(robot, "#figure-overall-depth", "32");
        assertThat(bench.project().brief().required("overall.depth").value()).isEqualTo(Length.ofInches(32, 1));
        robot.clickOn("#metric");
        assertThat(texts(robot, "#sheet")).contains("overall depth 812.8", "overall length 1500");
    }

    @Test
    void save_thenReopen_bringsTheDesignBack(FxRobot robot) {
        Path file = directory.resolve("saved.longshoulder.json");
        when(asker.toSave(anyString())).thenReturn(Optional.of(file));
        when(asker.toOpen()).thenReturn(Optional.of(file));
        type(robot, "#figure-overall-length", "1720");
        robot.clickOn("#save");
        assertThat(file).exists();
        assertThat(bench.document().isChanged()).isFalse();
        robot.clickOn("#new");
        assertThat(bench.project().title()).isEmpty();
        robot.push(KeyCode.CONTROL, KeyCode.O);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().title()).startsWith("Reading table");
        assertThat(rows(robot)).contains("1 top, 1720 mm × 800 mm × 25 mm");
        verify(asker).toSave("reading-table-nether-wick-lending-library.longshoulder.json");
    }

    @Test
    void new_withUnsavedChanges_asksWithoutBlocking(FxRobot robot) {
        type(robot, "#figure-overall-length", "1650");
        robot.clickOn("#new");
        assertThat(bench.project().title()).startsWith("Reading table");
        robot.clickOn("Stay here");
        assertThat(robot.lookup("#notice").query().isVisible()).isFalse();
        robot.clickOn("#new").clickOn("Go on without them");
        assertThat(bench.project().title()).isEmpty();
        assertThat(bench.document().isChanged()).isFalse();
    }

    @Test
    void open_damagedFile_saysSoAndKeepsTheDesign(FxRobot robot) throws Exception {
        Path file = directory.resolve("damaged.longshoulder.json");
        java.nio.file.Files.writeString(file, "{ \"format\" : \"longshoulder-design\", ");
        when(asker.toOpen()).thenReturn(Optional.of(file));
        robot.clickOn("#open");
        assertThat(texts(robot, "#notice")).anyMatch(text -> text.contains("breaks off at line 1"));
        assertThat(bench.project().title()).startsWith("Reading table");
    }

    @Test
    void rod_showsRunningFiguresOfTheLitPiece(FxRobot robot) {
        assertThat(texts(robot, "#rod")).contains("end, start of the running figures 0",
                "shoulder, length of the tenon 40", "end, length of the front apron, tenons included 1340");
        robot.interact(() -> bench.selection().light("leg-front-left"));
        assertThat(texts(robot, "#rod")).anyMatch(text -> text.startsWith("mortise begins") && text.endsWith(" 12"));
    }

    @Test
    void pictorial_turnsWithTheArrowKeys(FxRobot robot) {
        robot.interact(() -> robot.lookup("#sheet").query().requestFocus());
        int before = pixels();
        robot.type(KeyCode.LEFT).type(KeyCode.UP);
        assertThat(pixels()).isNotEqualTo(before);
    }

    /** A print of the sheet's corner with the pictorial view. */
    private int pixels() {
        return WaitForAsyncUtils.waitForAsyncFx(5000, () -> {
            var image = scene.snapshot(null);
            int print = 0;
            for (int x = 600; x < 900; x += 3) {
                for (int y = 70; y < 290; y += 3) {
                    print = print * 31 + image.getPixelReader().getArgb(x, y);
                }
            }
            return print;
        });
    }
}
