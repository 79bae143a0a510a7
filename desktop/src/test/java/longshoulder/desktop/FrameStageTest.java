package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.image.ImageView;
import javafx.geometry.Bounds;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.Window;
import longshoulder.core.brief.Limits;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Ratio;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.shell.Stages;
import longshoulder.desktop.stage.WorkStage;

/** The stage of the frame in the real window: pieces dragged, added, resized, renamed and taken away; the stages; both themes. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init") // made before each test
class FrameStageTest {

    private Workbench bench;
    private MainView view;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        Project table = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
        bench = new Workbench(Planner.plan(table), Optional.empty());
        view = new MainView(bench, new Documents(bench, mock(FileAsker.class)));
        stage.setScene(view.scene(1280, 800));
        stage.show();
    }

    @AfterEach
    void light() {
        Palette.use(Palette.Theme.LIGHT);
    }

    private static void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void choose(FxRobot robot, String menu, String item) {
        Choice wanted = robot.lookup("#" + menu).queryAs(ChoiceButton.class).choices().stream()
                .filter(one -> item.equals(one.id()) || item.equals(one.text()))
                .findFirst().orElseThrow();
        robot.interact(wanted.take());
        settle();
    }

    private static void type(FxRobot robot, String field, String text) {
        robot.clickOn("#" + field);
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        robot.write(text).push(KeyCode.ENTER);
        settle();
    }

    @Test
    void stretchers_areAddedFromTheStage_andUndone(FxRobot robot) {
        choose(robot, "frame-stretchers", "all round");
        assertThat(bench.plan().has("stretcher-front")).isTrue();
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(bench.plan().has("stretcher-front")).isFalse();
    }

    /** The menu itself: opened with the keyboard, each option of the choice in it. */
    @Test
    void aMenu_isOpenedByKey_andTakenFrom(FxRobot robot) {
        robot.interact(() -> robot.lookup("#frame-stretchers").query().requestFocus());
        robot.push(KeyCode.DOWN);
        settle();
        ContextMenu menu = Window.getWindows().stream().filter(ContextMenu.class::isInstance)
                .map(ContextMenu.class::cast).findFirst().orElseThrow();
        assertThat(menu.getItems()).hasSize(3).extracting(MenuItem::getText).contains("none", "all round");
        robot.interact(menu.getItems().get(1)::fire);
        settle();
        assertThat(bench.plan().has("stretcher-front")).isTrue();
        assertThat(robot.lookup("#frame-stretchers").queryAs(ChoiceButton.class).getText())
                .isEqualTo(menu.getItems().get(1).getText());
        robot.interact(menu::hide);
    }

    @Test
    void aRail_isLaidBetweenTwoLegs_andTakenAway(FxRobot robot) {
        robot.interact(() -> bench.selection().light("leg-front-left"));
        choose(robot, "frame-between", "between-leg-front-right");
        assertThat(bench.plan().piece("rail-added-1").shoulderLength().orElseThrow().value())
                .isEqualTo(Length.ofMillimetres(1260));
        assertThat(bench.plan().joints()).anyMatch(joint -> joint.id().equals("rail-added-1/leg-front-left"));
        robot.interact(() -> bench.selection().light("rail-added-1"));
        robot.clickOn("#frame-remove");
        settle();
        assertThat(bench.plan().has("rail-added-1")).isFalse();
    }

    @Test
    void aPiece_isRenamedAndResized_byTyping(FxRobot robot) {
        robot.interact(() -> bench.selection().light("apron-left"));
        type(robot, "frame-mark", "K7");
        assertThat(bench.plan().piece("apron-left").piece().mark()).isEqualTo("K7");
        assertThat(robot.lookup("#cut-list").lookup(".cut-about").queryAllAs(Text.class)).extracting(Text::getText)
                .anyMatch(about -> about.startsWith("K7"));
        robot.clickOn("#frame-width");
        robot.write("80").push(KeyCode.ENTER);
        settle();
        assertThat(bench.plan().piece("apron-left").piece().width().value()).isEqualTo(Length.ofMillimetres(80));
        type(robot, "frame-mark", "far too long a mark");
        assertThat(bench.notices().shown().text()).contains("one to twelve");
        assertThat(bench.plan().piece("apron-left").piece().mark()).isEqualTo("K7");
    }

    /** The leg goes 100 to the left: the aprons that end on it follow, the drawing's figures with them. */
    @Test
    void aLeg_movedByTyping_takesItsApronsAlong(FxRobot robot) {
        robot.interact(() -> bench.selection().light("leg-front-left"));
        type(robot, "frame-move-x", "100");
        assertThat(bench.plan().piece("apron-front").shoulderLength().orElseThrow().value())
                .isEqualTo(Length.ofMillimetres(1160));
        robot.interact(() -> bench.selection().light("leg-front-left"));
        type(robot, "frame-move-x", "-100");
        assertThat(bench.plan().piece("apron-front").shoulderLength().orElseThrow().value())
                .isEqualTo(Length.ofMillimetres(1260));
    }

    /** Dragged down in the view from the front, a stretcher goes by steps of 5, and one undo brings it back. */
    @Test
    void aStretcher_isDraggedDown(FxRobot robot) {
        choose(robot, "frame-stretchers", "all round");
        double before = low("stretcher-front");
        robot.interact(() -> bench.selection().light("stretcher-front"));
        Node sheet = robot.lookup("#sheet").query();
        Point2D at = middleOfLitPiece(robot, sheet);
        robot.drag(at.getX(), at.getY(), MouseButton.PRIMARY).moveTo(at.getX(), at.getY() + 8)
                .moveTo(at.getX() + 2, at.getY() + 20).drop();
        settle();
        double moved = before - low("stretcher-front");
        assertThat(moved).isBetween(20.0, 120.0);
        assertThat(moved / 5).isCloseTo(Math.rint(moved / 5), within(1e-9));
        assertThat(bench.plan().joints()).anyMatch(joint -> joint.id().equals("stretcher-front/leg-front-left"));
        robot.interact(bench::undo);
        assertThat(low("stretcher-front")).isCloseTo(before, within(1e-9));
    }

    /** While it is dragged, its box lies sharp on whole pixels, and how far it goes is read on a ground of its own. */
    @Test
    void aPieceBeingDragged_saysHowFar_onAGround(FxRobot robot) {
        choose(robot, "frame-stretchers", "all round");
        robot.interact(() -> bench.selection().light("stretcher-front"));
        Node sheet = robot.lookup("#sheet").query();
        Point2D at = middleOfLitPiece(robot, sheet);
        robot.drag(at.getX(), at.getY(), MouseButton.PRIMARY).moveTo(at.getX() + 2, at.getY() + 20);
        settle();
        Rectangle outline = robot.lookup("#drag-box").query();
        assertThat(outline.getX() - Math.floor(outline.getX())).isEqualTo(0.5);
        assertThat((outline.getY() + outline.getHeight()) % 1).isEqualTo(0.5);
        Group tag = robot.lookup("#drag-way").query();
        assertThat(((Text) tag.getChildren().get(1)).getText()).matches("\\d+.*");
        assertThat(tag.getChildren().getFirst().getBoundsInParent())
                .matches(ground -> ground.contains(tag.getChildren().get(1).getBoundsInParent()));
        robot.drop();
        settle();
        assertThat(outline.getParent().isVisible()).isFalse();
        robot.interact(bench::undo);
    }

    private double low(String piece) {
        return bench.plan().piece(piece).piece().body().bounds().least().getZ();
    }

    /** Found on the sheet itself: pixels in the colour of a lit piece, in the lower left quarter, where the front view is. */
    private static Point2D middleOfLitPiece(FxRobot robot, Node sheet) {
        javafx.scene.image.WritableImage[] image = new javafx.scene.image.WritableImage[1];
        robot.interact(() -> image[0] = sheet.snapshot(new javafx.scene.SnapshotParameters(), null));
        double x = 0;
        double y = 0;
        int found = 0;
        for (int row = (int) (image[0].getHeight() / 2); row < image[0].getHeight(); row++) {
            for (int column = 0; column < image[0].getWidth() / 2; column++) {
                javafx.scene.paint.Color colour = image[0].getPixelReader().getColor(column, row);
                if (colour.getBlue() > colour.getRed() + 0.08 && colour.getGreen() > 0.5) {
                    x += column;
                    y += row;
                    found++;
                }
            }
        }
        assertThat(found).as("lit pixels").isGreaterThan(100);
        return sheet.localToScreen(x / found, y / found);
    }

    @Test
    void pulledApart_thePictorialViewIsDrawnOtherwise_andNothingElseChanges(FxRobot robot) {
        Node sheet = robot.lookup("#sheet").query();
        int before = hash(robot, sheet);
        Slider slider = robot.lookup("#explode").queryAs(Slider.class);
        robot.interact(() -> slider.setValue(0.8));
        assertThat(hash(robot, sheet)).isNotEqualTo(before);
        robot.interact(() -> slider.setValue(0));
        assertThat(hash(robot, sheet)).isEqualTo(before);
        assertThat(bench.canUndo()).isFalse();
    }

    private static int hash(FxRobot robot, Node node) {
        javafx.scene.image.WritableImage[] image = new javafx.scene.image.WritableImage[1];
        robot.interact(() -> image[0] = node.snapshot(new javafx.scene.SnapshotParameters(), null));
        int width = (int) image[0].getWidth();
        int[] pixels = new int[width * (int) image[0].getHeight()];
        image[0].getPixelReader().getPixels(0, 0, width, (int) image[0].getHeight(),
                javafx.scene.image.PixelFormat.getIntArgbInstance(), pixels, 0, width);
        return java.util.Arrays.hashCode(pixels);
    }

    /** Every stage has its key; what is lit stays lit. */
    @Test
    void stages_byTheirKeys(FxRobot robot) {
        robot.interact(() -> bench.selection().light("apron-back"));
        KeyCode[] keys = {KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5,
                KeyCode.DIGIT6, KeyCode.DIGIT7, KeyCode.DIGIT8, KeyCode.DIGIT9};
        for (WorkStage stage : Stages.ALL) {
            robot.push(KeyCode.SHORTCUT, keys[Stages.ALL.indexOf(stage)]);
            settle();
            assertThat(robot.lookup("#stage-" + stage.id()).queryAs(ToggleButton.class).isSelected()).isTrue();
            assertThat(bench.selection().pieceProperty().get()).isEqualTo("apron-back");
        }
    }

    @Test
    void dark_turnsEverything_andBack(FxRobot robot) {
        Node sheet = robot.lookup("#sheet").query();
        int light = hash(robot, sheet);
        robot.push(KeyCode.SHORTCUT, KeyCode.D);
        settle();
        assertThat(Palette.theme()).isEqualTo(Palette.Theme.DARK);
        assertThat(hash(robot, sheet)).isNotEqualTo(light);
        Button theme = robot.lookup("#theme").queryButton();
        robot.interact(theme::fire);
        settle();
        assertThat(hash(robot, sheet)).isEqualTo(light);
    }

    /** Woods, chisels and house rules are given in the brief. */
    @Test
    void workshop_inTheBrief(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        settle();
        choose(robot, "wood-leg", "larch");
        assertThat(bench.plan().piece("leg-front-left").wood()).isEqualTo("larch");
        Button eight = robot.lookup("#chisel-8").queryButton();
        robot.interact(eight::fire);
        settle();
        assertThat(bench.project().tools().owns(Length.ofMillimetres(8))).isFalse();
        // a third of 22 is 7.33: without the 8 the next chisel is 6
        assertThat(bench.plan().joints().getFirst().tenons().getFirst().thickness().value())
                .isEqualTo(Length.ofMillimetres(6));
        choose(robot, "brief-school-length", "option-school-length-longest");
        // to 5 from the far face, less 1.5 for glue; but the tenon that it meets leaves mitred ends only 48
        assertThat(bench.project().brief().choice("school.length")).contains("longest");
    }

    /** Limits are lengths, angles and proportions, each typed over as it is written; nothing at all leaves it as usual. */
    @Test
    void limits_inTheBrief(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        settle();
        typeOver(robot, "rule-limit-wall-share", "20 %");
        assertThat(bench.project().brief().ratio(Limits.WALL_SHARE)).isEqualTo(new Ratio(1, 5));
        typeOver(robot, "rule-limit-short-grain", "7.5");
        assertThat(bench.project().brief().angle(Limits.SHORT_GRAIN)).isEqualTo(new Angle(7.5));
        typeOver(robot, "rule-limit-wide", "far");
        assertThat(bench.notices().shown().text()).contains("\"far\" is not a proportion");
        assertThat(bench.project().brief().ratio(Limits.WIDE)).isEqualTo(Limits.WIDE.usual());
        typeOver(robot, "rule-limit-wall-share", "");
        assertThat(bench.project().brief().values()).doesNotContainKey("limit.wall-share");
        assertThat(robot.lookup("#rule-limit-wall-share").queryAs(FigureField.class).getAccessibleText())
                .endsWith("1/10");
    }

    private static void typeOver(FxRobot robot, String figure, String text) {
        robot.interact(() -> robot.lookup("#" + figure).query().requestFocus());
        robot.type(KeyCode.ENTER).type(KeyCode.BACK_SPACE).write(text).type(KeyCode.ENTER);
        settle();
    }

    /** How many pixels of the screen the pictures in a region have. */
    private static double pixels(FxRobot robot, String region) {
        return robot.lookup(region).lookup(".image-view").queryAllAs(ImageView.class).stream()
                .mapToDouble(picture -> picture.getViewport().getWidth()).sum();
    }

    /** Drawn on another screen the pictures are as sharp as it is, and as large as before. */
    @Test
    void finerScreen_paintsPicturesAnew(FxRobot robot) {
        for (String region : List.of("#sheet", "#rod")) {
            double before = pixels(robot, region);
            Bounds size = robot.lookup(region).lookup(".image-view").query().getBoundsInParent();
            robot.interact(() -> view.getScene().getWindow().setRenderScaleX(2));
            assertThat(pixels(robot, region)).isEqualTo(2 * before);
            assertThat(robot.lookup(region).lookup(".image-view").query().getBoundsInParent()).isEqualTo(size);
            robot.interact(() -> view.getScene().getWindow().setRenderScaleX(1));
            assertThat(pixels(robot, region)).isEqualTo(before);
        }
    }
}
