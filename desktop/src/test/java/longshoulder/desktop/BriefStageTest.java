package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.util.concurrent.TimeUnit;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Workshop;
import longshoulder.desktop.document.LongWork;
import longshoulder.files.StoredPreferences;
import org.junit.jupiter.api.io.TempDir;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.control.Choices;
import java.nio.file.Files;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;

/** The stage of the brief in the real window: a kind chosen, its ways and sizes given, taken back. */
@ExtendWith(ApplicationExtension.class)
class BriefStageTest {

    @TempDir
    Path directory;
    @SuppressWarnings("NullAway.Init") // made before each test
    private Workbench bench;
    @SuppressWarnings("NullAway.Init") // made before each test
    private Documents documents;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        Project table = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
        bench = new Workbench(Planner.plan(table), Optional.empty());
        documents = new Documents(bench, mock(FileAsker.class), StoredPreferences.in(directory), LongWork.AT_ONCE);
        MainView view = new MainView(bench, documents);
        stage.setScene(view.scene(1280, 800));
        stage.show();
    }

    private void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void kinds_eachHasATileThatMakesIt(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        settle();
        for (Kind kind : Kinds.all()) {
            Button tile = robot.lookup("#kind-" + kind.id()).queryButton();
            robot.interact(tile::fire);
            settle();
            assertThat(bench.project().brief().kind()).isEqualTo(kind.id());
            assertThat(bench.plan().isStopped()).as(kind.id()).isFalse();
        }
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(bench.project().brief().kind())
                .isEqualTo(Kinds.all().get(Kinds.all().size() - 2).id());
    }

    /** What another kind drops is said where the maker had given something. */
    @Test
    void kind_ofAnEditedDesign_saysWhatItDrops(FxRobot robot) {
        robot.clickOn("#stage-brief");
        robot.interact(() -> robot.lookup("#kind-stool").queryButton().fire());
        assertThat(bench.notices().shown().text()).isEmpty();
        robot.interact(() -> bench.edit(
                new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(500)))));
        robot.interact(() -> robot.lookup("#kind-door").queryButton().fire());
        assertThat(bench.notices().shown().text()).contains("changes to the frame of the stool are gone");
        robot.interact(bench::undo);
        assertThat(bench.project().brief().required("overall.length").value()).isEqualTo(Length.ofMillimetres(500));
    }

    /** A maker's own workshop: kept from one design, taken over in another, and what new designs begin with. */
    @Test
    void ownWorkshop_isKept_usedAndBegunWith(FxRobot robot) {
        robot.clickOn("#stage-brief");
        robot.interact(() -> robot.lookup("#workshop-use").queryButton().fire());
        assertThat(bench.notices().shown().text()).startsWith("You have kept no workshop yet");
        robot.interact(() -> bench.edit(new Edit.OwnChisel(Length.ofMillimetres(9))));
        Workshop own = bench.project().workshop();
        robot.interact(() -> robot.lookup("#workshop-keep").queryButton().fire());
        assertThat(directory.resolve("workshop.json")).exists();
        robot.interact(bench::undo);
        assertThat(bench.project().workshop()).isNotEqualTo(own);
        robot.interact(() -> robot.lookup("#workshop-use").queryButton().fire());
        assertThat(bench.project().workshop()).isEqualTo(own);
        robot.interact(bench::undo);
        robot.interact(documents::startNew);
        assertThat(bench.project().workshop()).isEqualTo(own);
    }

    /** Woods of the maker's own are read from a table, and offered with those that ship. */
    @Test
    void woods_areReadFromATable_andOffered(FxRobot robot) throws Exception {
        Path table = directory.resolve("own.csv");
        Files.writeString(table, "id,density\nbog-oak,800\nBog Pine,500\n");
        when(documents.asker().toOpenTable()).thenReturn(Optional.of(table));
        robot.clickOn("#stage-brief");
        robot.interact(() -> robot.lookup("#workshop-woods").queryButton().fire());
        assertThat(bench.notices().shown().text()).contains("Woods read from the table: 1.").contains("Line 3");
        robot.interact(() -> Choices.ofWood(bench, "leg").stream()
                .filter(choice -> choice.text().equals("bog oak")).findFirst().orElseThrow().take().run());
        assertThat(bench.plan().piece("leg-front-left").wood()).isEqualTo("bog-oak");
        robot.interact(bench::undo);
        robot.interact(bench::undo);
        assertThat(bench.project().knownWoods().own()).isEmpty();
    }

    @Test
    void size_typedIntoTheBrief_changesThePlan(FxRobot robot) {
        robot.clickOn("#stage-brief");
        robot.clickOn("#kind-stool").clickOn("#brief-overall-length");
        robot.write("500").push(KeyCode.ENTER);
        settle();
        assertThat(bench.plan().piece("seat").length().value()).isEqualTo(Length.ofMillimetres(500));
    }

    /** Sizes of a stretcher are asked for once there is one; until then they are hidden, and found if they are wanted. */
    @Test
    void sizesThatChangeNothing_areHidden(FxRobot robot) throws Exception {
        robot.clickOn("#stage-brief");
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS, () -> robot.lookup("#brief-more").queryButton().isVisible());
        assertThat(robot.lookup("#brief-stretcher-width").queryAll()).isEmpty();
        robot.interact(() -> robot.lookup("#brief-more").queryButton().fire());
        assertThat(robot.lookup("#brief-stretcher-width").queryAll()).hasSize(1);
        robot.interact(() -> robot.lookup("#brief-more").queryButton().fire());
        assertThat(robot.lookup("#brief-stretcher-width").queryAll()).isEmpty();
        robot.interact(() -> bench.edit(new Edit.Give("stretchers", new Value.Chosen("box"))));
        WaitForAsyncUtils.waitFor(5, TimeUnit.SECONDS,
                () -> robot.lookup("#brief-stretcher-width").queryAll().size() == 1);
    }

    @Test
    void size_thatCannotBeTaken_saysWhyAndChangesNothing(FxRobot robot) {
        robot.clickOn("#stage-brief").clickOn("#brief-overall-length");
        robot.write("5 ells").push(KeyCode.ENTER);
        settle();
        assertThat(bench.notices().shown().text()).contains("ells");
        assertThat(bench.canUndo()).isFalse();
    }

    @Test
    void way_chosenFromItsMenu_changesThePlan(FxRobot robot) {
        robot.clickOn("#stage-brief");
        ChoiceButton menu = robot.lookup("#brief-stretchers").queryAs(ChoiceButton.class);
        robot.interact(() -> menu.choices().getLast().take().run());
        settle();
        assertThat(bench.plan().has("stretcher-middle")).isTrue();
        assertThat(robot.lookup("#brief-stretchers").queryAs(ChoiceButton.class).getText())
                .isEqualTo("one along each end and one between");
    }

    /** From the tiles to a size and on, without a mouse. */
    @Test
    void keyboardAlone_choosesAKindAndGivesASize(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        robot.interact(() -> robot.lookup("#kind-stool").query().requestFocus());
        robot.push(KeyCode.SPACE);
        settle();
        assertThat(bench.project().brief().kind()).isEqualTo("stool");
        for (int i = 0; i < 60 && !robot.lookup("#brief-overall-height").query().isFocused(); i++) {
            robot.push(KeyCode.TAB);
        }
        robot.push(KeyCode.ENTER);
        robot.write("510").push(KeyCode.ENTER);
        settle();
        assertThat(bench.project().brief().required("overall.height").value()).isEqualTo(Length.ofMillimetres(510));
    }

    @Test
    void units_switchedInTheBrief_showEverySizeInInches(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT1).push(KeyCode.SHORTCUT, KeyCode.U);
        settle();
        assertThat(robot.lookup("#brief-overall-length").queryAs(FigureField.class).getAccessibleText())
                .contains("59 1/16");
        assertThat(bench.project().brief().required("overall.length").value()).isEqualTo(Length.ofMillimetres(1500));
    }

    @Test
    void newDesign_beginsWithItsBrief(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.N);
        settle();
        assertThat(robot.lookup("#brief").query().isVisible()).isTrue();
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        settle();
        assertThat(robot.lookup("#brief").query().isVisible()).isFalse();
    }

    /** Whoever has no design yet is shown the way; it stays while sizes are given and goes when the design is saved. */
    @Test
    void firstSteps_areShownUntilAFirstDesignIsSaved(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        settle();
        assertThat(robot.lookup("#kind-table").query().isFocused()).isTrue();
        assertThat(robot.lookup("#first-steps").query().isVisible()).isTrue();
        assertThat(robot.lookup("#first-steps").lookup(".step").queryAll()).hasSize(3);
        robot.clickOn("#kind-stool").clickOn("#brief-overall-height");
        robot.write("450").push(KeyCode.ENTER);
        settle();
        assertThat(robot.lookup("#first-steps").query().isVisible()).isTrue();
        Path file = Files.createTempDirectory("first").resolve("stool.longshoulder.json");
        robot.interact(() -> bench.save(file));
        settle();
        assertThat(robot.lookup("#first-steps").query().isVisible()).isFalse();
    }
}
