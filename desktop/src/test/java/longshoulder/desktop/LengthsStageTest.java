package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.plan.Spans;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;

/** The stage of the lengths in the real window: what was really cut, what must agree, angled pieces proved both ways. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init")
class LengthsStageTest {

    private Workbench bench;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        bench = new Workbench(Planner.plan(Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES)),
                Optional.empty());
        stage.setScene(new MainView(bench, new Documents(bench, mock(FileAsker.class))).scene(1280, 800));
        stage.show();
    }

    private static void toLengths(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT4);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static String shown(FxRobot robot, String id) {
        return robot.lookup(id).queryAs(FigureField.class).getAccessibleText();
    }

    @Test
    void everyPieceWithTwoShoulders_hasARow_thoseTogetherThatMustAgree(FxRobot robot) {
        toLengths(robot);
        assertThat(robot.lookup(".length-row").queryAll()).hasSize(4);
        assertThat(Spans.of(bench.plan())).extracting(span -> span.stream().map(piece -> piece.id()).toList())
                .containsExactly(List.of("apron-front", "apron-back"),
                        List.of("apron-left", "apron-right"));
        assertThat(shown(robot, "#shoulder-apron-front")).contains("front apron").endsWith("1260");
    }

    /** 725 high and 720 over the legs; over all legs 1380 × 720. Given another length of the table the last one follows. */
    @Test
    void glueUps_standInOrder_withTheirDiagonals(FxRobot robot) {
        toLengths(robot);
        assertThat(glueUp(robot, "end-left"))
                .isEqualTo("1. left end frame: front left leg, back left leg, left apron; diagonal 1021.8 mm");
        assertThat(glueUp(robot, "whole")).isEqualTo("3. whole: front apron, back apron; diagonal 1556.5 mm");
        robot.interact(() -> bench.edit(
                new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(1600)))));
        assertThat(glueUp(robot, "whole")).endsWith("diagonal 1645.8 mm");
        assertThat(robot.lookup("#glue-ups .glue-up .label").queryAllAs(Labeled.class)).extracting(Labeled::getText)
                .contains("left end frame", "A1  A3  C1");
    }

    private static String glueUp(FxRobot robot, String name) {
        return robot.lookup("#glue-up-" + name).query().getAccessibleText();
    }

    /** Typed over with what was cut: the other no longer agrees, and says so; undone, all is as before. */
    @Test
    void cutTooShort_isTold_andUndone(FxRobot robot) {
        toLengths(robot);
        robot.clickOn("#shoulder-apron-back").write("1257").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().cutShoulders()).containsEntry("apron-back", Length.ofMillimetres(1257));
        assertThat(bench.plan().findings()).anyMatch(finding -> finding.code().equals("shoulders-unequal"));
        assertThat(shown(robot, "#shoulder-apron-back")).endsWith("1257");
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().cutShoulders()).as("what was done stays").isNotEmpty();
        robot.clickOn("#lengths-undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().cutShoulders()).isEmpty();
        assertThat(shown(robot, "#shoulder-apron-back")).endsWith("1260");
    }

    /** Worked: 599.099 and 622.428 with 7° agree; with the longer edge 4 too long it is that one. */
    @Test
    void angledPiece_provedBothWays(FxRobot robot) {
        robot.interact(() -> {
            bench.edit(new Edit.Give("splay.side", new Value.Turned(new Angle(7))));
            bench.edit(new Edit.Give("apron.width", new Value.Measured(Length.ofMillimetres(95))));
            bench.selection().light("apron-left");
        });
        toLengths(robot);
        robot.clickOn("#proof-short").write("599.1").clickOn("#proof-long").write("622.4").clickOn("#proof-angle")
                .write("7").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#proof-answer").queryAs(Labeled.class).getText())
                .contains("agree with each other. They are as planned.");
        robot.interact(() -> robot.lookup("#proof-long").queryTextInputControl().setText("626.4"));
        robot.clickOn("#proof-angle").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#proof-answer").queryAs(Labeled.class).getText()).contains("longer edge is the odd",
                "The longer edge is 4 mm longer than planned.");
    }

    /** What is lit at one stage is lit at the next. */
    @Test
    void selection_isKeptBetweenStages(FxRobot robot) {
        robot.interact(() -> bench.selection().light("apron-right"));
        toLengths(robot);
        assertThat(robot.lookup("#length-apron-right").query().getPseudoClassStates())
                .anyMatch(state -> state.getPseudoClassName().equals("lit"));
        robot.clickOn("#length-apron-left");
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("apron-left");
    }
}
