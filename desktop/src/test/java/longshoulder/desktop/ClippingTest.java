package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.frame.SheetPane;
import longshoulder.files.DesignFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.shell.Stages;
import longshoulder.desktop.words.Texts;

/** At any size of window and in both units no text is cut off, and no figure lies on another. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init")
class ClippingTest {

    private MainView view;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        stage.show();
    }

    /** Laid out but not on the screen, which is smaller than some of the sizes. */
    private Workbench show(FxRobot robot, String demo, int width, int height) throws Exception {
        Project project = DesignFile.read(Path.of("../demo/" + demo + DesignFile.SUFFIX));
        Workbench bench = new Workbench(Planner.plan(project), Optional.empty());
        robot.interact(() -> {
            view = new MainView(bench, new Documents(bench, mock(FileAsker.class)));
            layOut(view.scene(width, height));
        });
        return bench;
    }

    private static void layOut(Scene scene) {
        // A second time for what is placed when sizes are known.
        for (int i = 0; i < 2; i++) {
            scene.getRoot().applyCss();
            scene.getRoot().layout();
        }
    }

    private Set<Node> all(Predicate<Node> wanted) {
        Set<Node> found = new LinkedHashSet<>();
        Deque<Node> open = new ArrayDeque<>(List.of(view));
        while (!open.isEmpty()) {
            Node node = open.pop();
            if (wanted.test(node)) {
                found.add(node);
            }
            if (node instanceof Parent parent) {
                open.addAll(parent.getChildrenUnmodifiable());
            }
        }
        return found;
    }

    @AfterEach
    void english() {
        Texts.speak(Locale.ENGLISH);
    }

    /** German words are longer, and nothing gives way to the side either. */
    @ParameterizedTest
    @CsvSource({"reading-table, 1024, 700", "story-corner-table, 1280, 800"})
    void noTextIsCutOff_inGerman(String demo, int width, int height, FxRobot robot) throws Exception {
        Texts.speak(Locale.GERMANY);
        noTextIsCutOff(demo, width, height, robot);
    }

    @ParameterizedTest
    @CsvSource({"reading-table, 1024, 700", "reading-table, 1280, 800", "reading-table, 2560, 1440",
            "story-corner-table, 1024, 700", "story-corner-table, 1920, 1080"})
    void noTextIsCutOff(String demo, int width, int height, FxRobot robot) throws Exception {
        Workbench bench = show(robot, demo, width, height);
        for (String piece : List.of("apron-front", "leg-front-left", "top")) {
            robot.interact(() -> {
                bench.selection().light(piece);
                layOut(view.getScene());
            });
            assertNothingIsCut();
        }
        robot.interact(() -> {
            view.show(Stages.JOINTS);
            bench.selection().light("apron-front");
            bench.trials()
                    .tryOut(new Edit.Give("apron-front/leg-front-left:joint", new Value.Chosen("haunched-tenon")));
            layOut(view.getScene());
        });
        assertNothingIsCut();
        robot.interact(() -> {
            view.show(Stages.LENGTHS);
            layOut(view.getScene());
        });
        assertNothingIsCut();
    }

    /** The longest names of the designs that ship with the program, and that of the first one, in the smallest window. */
    @ParameterizedTest
    @CsvSource({"en, sorting-table", "en, repair-workbench", "en, reading-table", "de, sorting-table",
            "de, repair-workbench"})
    void title_isSeenWhole(String language, String demo, FxRobot robot) throws Exception {
        Texts.speak(Locale.forLanguageTag(language));
        show(robot, demo, 1024, 700);
        assertThat(isCut((Labeled) view.lookup("#title"))).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"1199, false", "1200, true"})
    void productsName_givesWayInANarrowWindow(int width, boolean seen, FxRobot robot) throws Exception {
        show(robot, "reading-table", width, 700);
        assertThat(view.lookup(".product").isVisible()).isEqualTo(seen);
        assertThat(view.lookup(".product").isManaged()).isEqualTo(seen);
    }

    /** Findings of all levels at once, in longer words, leave room for the rest of the header. */
    @ParameterizedTest
    @CsvSource({"reading-table, 1024", "sorting-table, 1024", "reading-table, 1199", "reading-table, 1200"})
    void manyFindings_noTextIsCutOff(String demo, int width, FxRobot robot) throws Exception {
        Texts.speak(Locale.GERMANY);
        Workbench bench = show(robot, demo, width, 700);
        robot.interact(() -> {
            bench.edit(new Edit.Give("tenon.meeting", new Value.Chosen("full")));
            bench.edit(new Edit.Give("tenon.length", new Value.Measured(Length.ofMillimetres(58))));
            bench.edit(new Edit.Give("apron.width", new Value.Measured(Length.ofMillimetres(160))));
            bench.edit(new Edit.Give("tenon.thickness", new Value.Measured(Length.ofMillimetres(11))));
            layOut(view.getScene());
        });
        assertThat(((Labeled) view.lookup("#state")).getText()).contains("Halt", "Gefahr", "Hinweis");
        assertNothingIsCut();
    }

    /** The brief of every kind in the smallest window and in inches, whose figures are longest. */
    @ParameterizedTest
    @CsvSource({"en, 1024, 700", "en, 1280, 800", "en, 2560, 1440", "de, 1024, 700"})
    void brief_noTextIsCutOff(String language, int width, int height, FxRobot robot) throws Exception {
        Texts.speak(Locale.forLanguageTag(language));
        Workbench bench = show(robot, "reading-table", width, height);
        for (Kind kind : Kinds.all()) {
            robot.interact(() -> {
                view.show(Stages.BRIEF);
                bench.edit(new Edit.BuildAs(kind.id()));
                bench.edit(new Edit.ShowIn(Showing.SIXTY_FOURTHS));
                layOut(view.getScene());
            });
            assertNothingIsCut();
        }
    }

    private void assertNothingIsCut() {
        assertThat(view.minWidth(-1)).as("fits into the window").isLessThanOrEqualTo(view.getScene().getWidth());
        assertThat(all(node -> node instanceof Labeled labeled && labeled.isVisible() && labeled.getWidth() > 0
                && !labeled.getText().isEmpty() && isCut(labeled))).isEmpty();
        assertThat(all(node -> node instanceof ScrollPane scroll && isShown(scroll)
                && !"other-candidates".equals(scroll.getId())
                && scroll.getContent() instanceof Region content
                && content.getWidth() > scroll.getViewportBounds().getWidth() + 1)).as("wider than its place")
                .isEmpty();
    }

    private static boolean isShown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private static boolean isCut(Labeled labeled) {
        return labeled.lookup(".text") instanceof Text text && !text.getText().equals(labeled.getText());
    }

    @ParameterizedTest
    @CsvSource({"reading-table, 1024, 700", "reading-table, 1280, 800", "story-corner-table, 1024, 700",
            "story-corner-table, 1280, 800", "story-corner-table, 1920, 1080"})
    void noFigureLiesOnAnother(String demo, int width, int height, FxRobot robot) throws Exception {
        show(robot, demo, width, height);
        List<Node> figures = List
                .copyOf(all(node -> node instanceof FigureField && node.getParent() instanceof SheetPane));
        assertThat(figures).hasSizeGreaterThan(10);
        for (Node one : figures) {
            for (Node other : figures) {
                boolean apart = one.equals(other) || !one.getBoundsInParent().intersects(other.getBoundsInParent());
                assertThat(apart).as("%s and %s", one.getId(), other.getId()).isTrue();
            }
        }
    }
}
