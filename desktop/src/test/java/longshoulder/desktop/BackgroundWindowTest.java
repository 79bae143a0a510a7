package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Background;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.frame.SheetPane;
import longshoulder.desktop.shell.MainView;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The window as it is worked with: all that it shows is made on threads of its own. */
@ExtendWith(ApplicationExtension.class)
class BackgroundWindowTest {

    private final List<Throwable> failures = new CopyOnWriteArrayList<>();
    @SuppressWarnings("NullAway.Init") // made before each test
    private Workbench bench;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> failures.add(failure));
        bench = new Workbench(
                Planner.plan(Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES)),
                Optional.empty(), Background.ofThreads());
        stage.setScene(new MainView(bench, new Documents(bench, mock(FileAsker.class))).scene(1280, 800));
        stage.show();
    }

    @AfterEach
    void nothingFailed(FxRobot robot) {
        robot.interact(() -> Thread.currentThread().setUncaughtExceptionHandler(null));
        assertThat(failures).isEmpty();
    }

    private static void until(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> {
            boolean[] holds = new boolean[1];
            WaitForAsyncUtils.waitForFxEvents();
            WaitForAsyncUtils.asyncFx(() -> holds[0] = call(condition)).get();
            return holds[0];
        });
    }

    private static boolean call(Callable<Boolean> condition) {
        try {
            return condition.call();
        } catch (Exception failure) {
            throw new IllegalStateException(failure);
        }
    }

    private static String spoken(FxRobot robot, String figure) {
        return robot.lookup(figure).tryQuery().map(Node::getAccessibleText).orElse("");
    }

    /** Edits and turns in quick succession: the last of each is what is shown in the end. */
    @Test
    void quickEditsAndTurns_theLastIsShown(FxRobot robot) throws Exception {
        until(() -> spoken(robot, "#figure-overall-length").endsWith("1500"));
        SheetPane sheet = robot.lookup("#sheet").queryAs(SheetPane.class);
        for (int i = 1; i <= 10; i++) {
            int longer = 1500 + i;
            robot.interact(() -> {
                bench.edit(new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(longer))));
                sheet.turn(5, 1);
            });
        }
        until(() -> spoken(robot, "#figure-overall-length").endsWith("1510"));
        assertThat(bench.project()).isEqualTo(bench.document().newest());
    }

    /** The remedies of a finding are tried in the background; the button of one that works ends it. */
    @Test
    void remedies_comeAMomentLater_andWork(FxRobot robot) throws Exception {
        robot.interact(() -> {
            bench.edit(new Edit.Give("tenon.meeting", new Value.Chosen("full")));
            bench.edit(new Edit.Give("tenon.length", new Value.Measured(Length.ofMillimetres(45))));
        });
        until(() -> bench.plan().isStopped() && robot.lookup("#finding .remedy").tryQuery().isPresent());
        robot.interact(() -> robot.lookup("#finding .remedy").queryButton().fire());
        until(() -> !bench.plan().isStopped());
        assertThat(bench.plan().findings()).noneMatch(finding -> finding.code().equals("tenons-collide"));
    }

    /** Every stage shows what it has of the present design, and is worked with there. */
    @Test
    void stages_showThePresentDesign(FxRobot robot) throws Exception {
        robot.clickOn("#stage-joints");
        until(() -> robot.lookup("#joint-figure-tenonLength").tryQuery().isPresent());
        robot.interact(() -> {
            for (int i = 0; i <= 20; i++) {
                robot.lookup("#pull").queryAs(Slider.class).setValue(i / 20.0);
            }
        });
        robot.interact(() -> bench.edit(new Edit.BuildAs("door")));
        until(() -> bench.project().brief().kind().equals("door"));
        robot.clickOn("#stage-lengths");
        until(() -> !robot.lookup(".length-name").queryAllAs(Labeled.class).isEmpty());
    }
}
