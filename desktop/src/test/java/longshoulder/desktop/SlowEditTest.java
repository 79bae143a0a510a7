package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.HeldBackground;
import longshoulder.desktop.document.Notice;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.frame.SheetPane;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.words.Texts;

/** The window while what follows from an edit is still being derived: of one design, and to be worked with. */
@ExtendWith(ApplicationExtension.class)
class SlowEditTest {

    private final HeldBackground held = new HeldBackground();
    @SuppressWarnings("NullAway.Init") // made before each test
    private Workbench bench;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        Project table = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
        bench = new Workbench(Planner.plan(table), Optional.empty(), held.background());
        stage.setScene(new MainView(bench, new Documents(bench, mock(FileAsker.class))).scene(1280, 800));
        stage.show();
    }

    private static void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Whatever is looked at meanwhile is of the old design; nothing asks the new one for what only the old one has. */
    @Test
    void everyStage_whileAnotherKindIsDerived_showsTheOldOne(FxRobot robot) {
        robot.interact(() -> bench.edit(new Edit.BuildAs("door")));
        for (KeyCode stage : List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4)) {
            robot.push(KeyCode.SHORTCUT, stage);
            for (int i = 0; i < bench.plan().pieces().size(); i++) {
                robot.interact(() -> bench.selection().lightNext(1));
                settle();
            }
            assertThat(bench.project().brief().kind()).isEqualTo("table");
        }
        robot.interact(() -> ((SheetPane) robot.lookup("#sheet").query()).turn(10, 0));
        assertThat(robot.lookup("#notice-text").queryLabeled().getText()).isEqualTo(Texts.get("deriving.text"));
        robot.interact(held::doAll);
        settle();
        assertThat(bench.project().brief().kind()).isEqualTo("door");
        assertThat(bench.notices().shown()).isEqualTo(Notice.NONE);
    }

    /** A notice covers the tools at the foot wholly, in a small window too, where they stand in two lines. */
    @Test
    void notice_coversTheToolsWholly(FxRobot robot) {
        robot.interact(() -> bench.edit(new Edit.BuildAs("door")));
        for (int width : new int[]{1280, 1024}) {
            // The content alone: the window is shared with the tests that follow.
            robot.interact(() -> {
                Parent content = robot.lookup("#notice").query().getScene().getRoot();
                content.resize(width, 700);
                content.layout();
            });
            Bounds notice = onScreen(robot, "#notice");
            Bounds tools = onScreen(robot, "#frame-tools");
            assertThat(notice.getMinY()).isLessThanOrEqualTo(tools.getMinY() + 0.5);
            assertThat(notice.getMaxY()).isGreaterThanOrEqualTo(tools.getMaxY() - 0.5);
        }
    }

    private static Bounds onScreen(FxRobot robot, String node) {
        return robot.lookup(node).query().localToScene(robot.lookup(node).query().getBoundsInLocal());
    }

    /** The button of the notice takes the edit back; a later edit takes its place. */
    @Test
    void notice_takesTheEditBack(FxRobot robot) {
        Project before = bench.project();
        robot.interact(() -> bench.edit(new Edit.BuildAs("door")));
        Button back = robot.lookup("#notice .button").queryButton();
        assertThat(back.getText()).isEqualTo(Texts.get("deriving.undo"));
        robot.interact(back::fire);
        robot.interact(held::doAll);
        settle();
        assertThat(bench.project()).isEqualTo(bench.document().newest()).isEqualTo(before);
        Edit longer = new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(1700)));
        robot.interact(() -> bench.edit(longer));
        robot.interact(held::doAll);
        settle();
        assertThat(robot.lookup("#figure-overall-length").query().getAccessibleText()).endsWith("1700");
    }
}
