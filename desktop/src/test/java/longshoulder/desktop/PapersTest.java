package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import longshoulder.desktop.paint.Palette;
import longshoulder.core.papers.LabelSheet;
import longshoulder.core.plan.Planner;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.FigureText;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Examples;
import longshoulder.desktop.document.Exports;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.LongWork;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.shell.Stages;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.files.DrawingFormat;
import longshoulder.files.LabelPrinter;
import longshoulder.files.PdfPreview;
import longshoulder.files.Printers;
import longshoulder.files.SimulatedLabelPrinter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Papers, exports, examples, help and the bench, as they are reached in the window. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init") // set up by the toolkit
class PapersTest {

    @TempDir
    Path directory;

    private final FileAsker asker = mock(FileAsker.class);
    private final List<String> printed = new ArrayList<>();
    private Workbench bench;
    private MainView view;
    private Color lightInk;

    /** A printer that notes what it is given. */
    private final Printers printers = new Printers() {
        @Override
        public List<String> names() {
            return List.of("shop printer");
        }

        @Override
        public void print(String printer, byte[] pdf, int from, int to) throws IOException {
            if (pdf.length == 0) {
                throw new IOException("nothing to print");
            }
            printed.add("%s: pages %d to %d of %d".formatted(printer, from + 1, to + 1, PdfPreview.pages(pdf)));
        }
    };

    @Start
    void start(Stage stage) {
        Typefaces.load();
        lightInk = Palette.ink();
        bench = new Workbench(Planner.plan(Examples.read("reading-table")), Optional.empty());
        view = new MainView(bench, new Documents(bench, asker), new Exports(bench, asker, LongWork.AT_ONCE, printers));
        Scene scene = view.scene(1280, 800);
        stage.setScene(scene);
        stage.show();
    }

    private void choose(FxRobot robot, String menu, String choice) {
        robot.interact(() -> robot.lookup(menu).queryAs(ChoiceButton.class).choices().stream()
                .filter(one -> one.id().equals(choice)).findFirst().orElseThrow().take().run());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Path exported(String name, DrawingFormat format) {
        Path file = directory.resolve(name + format.suffix());
        when(asker.toExport(any(), eq(format))).thenReturn(Optional.of(file));
        return file;
    }

    private static String text(Path file) throws IOException {
        return Files.readString(file, StandardCharsets.ISO_8859_1);
    }

    /** Each stage has a drawing of its own, and each format its own look. */
    @Test
    void export_writesTheDrawingOfTheStage(FxRobot robot) throws Exception {
        for (WorkStage stage : Stages.ALL) {
            robot.interact(() -> view.show(stage));
            Path svg = exported(stage.id(), DrawingFormat.SVG);
            choose(robot, "#papers", "export-drawing-svg");
            assertThat(text(svg)).as(stage.id()).contains("<svg", "visible-edge");
        }
        assertThat(text(directory.resolve("lengths.svg"))).contains(">1260<");
        assertThat(text(directory.resolve("frame.svg"))).contains("from the front");
        Path dxf = exported("rod", DrawingFormat.DXF);
        choose(robot, "#papers", "export-rod-dxf");
        assertThat(text(dxf)).contains("AC1015", "knife-line");
        assertThat(bench.notices().shown().text()).isEqualTo("rod.dxf is written.");
    }

    /** Labels go on sheets of each size, and to the printer of labels; where none answers, how to start one is told. */
    @Test
    void labels_goOnSheetsAndToTheirPrinter(FxRobot robot) throws Exception {
        for (LabelSheet sheet : LabelSheet.values()) {
            Path pdf = exported(sheet.id(), DrawingFormat.PDF);
            choose(robot, "#papers", "labels-" + sheet.id());
            assertThat(PdfPreview.pages(Files.readAllBytes(pdf))).isEqualTo(1);
        }
        choose(robot, "#papers", "labels-printer");
        assertThat(bench.notices().shown().text()).startsWith("No printer of labels answers on port 9321.");
        List<String> shown = new CopyOnWriteArrayList<>();
        try (SimulatedLabelPrinter printer = new SimulatedLabelPrinter(LabelPrinter.PORT, directory,
                (file, texts) -> shown.add(texts.getFirst()))) {
            choose(robot, "#papers", "labels-printer");
            assertThat(printer.port()).isEqualTo(LabelPrinter.PORT);
        }
        assertThat(bench.notices().shown().text()).isEqualTo("9 labels are printed.");
        assertThat(shown).containsExactly("A1", "A2", "A3", "A4", "B1", "B2", "C1", "C2", "T");
    }

    /** Ctrl+P shows the drawing as it will come out; it goes to the printer, or to a PDF. */
    @Test
    void print_showsThePage_andHandsItToThePrinter(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.P);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#print-sheet").query().isVisible()).isTrue();
        assertThat(robot.lookup("#print-preview").queryAs(ImageView.class).getImage().getWidth()).isGreaterThan(500);
        choose(robot, "#print-all", "printer-shop printer");
        assertThat(printed).containsExactly("shop printer: pages 1 to 1 of 1");
        Path pdf = exported("drawing", DrawingFormat.PDF);
        robot.interact(() -> robot.lookup("#print-save").queryAs(Button.class).fire());
        assertThat(text(pdf)).startsWith("%PDF-");
        robot.push(KeyCode.ESCAPE);
        assertThat(robot.lookup("#print-sheet").query().isVisible()).isFalse();
    }

    /** A table of 1500 has no room at full size on A4: it says so, and nothing can be printed. */
    @Test
    void print_withoutRoom_saysSo(FxRobot robot) {
        robot.push(KeyCode.SHORTCUT, KeyCode.P);
        WaitForAsyncUtils.waitForFxEvents();
        choose(robot, "#print-paper", "paper-letter");
        choose(robot, "#print-scale", "scale-1-1");
        assertThat(robot.lookup("#print-state").queryAs(Label.class).getText()).contains("does not fit on Letter");
        assertThat(robot.lookup("#print-save").queryAs(Button.class).isDisabled()).isTrue();
        choose(robot, "#print-scale", "scale-1-20");
        assertThat(robot.lookup("#print-save").queryAs(Button.class).isDisabled()).isFalse();
    }

    @Test
    void shopPaper_isTurnedPageByPage(FxRobot robot) {
        choose(robot, "#papers", "shop-paper");
        assertThat(robot.lookup("#print-state").queryAs(Label.class).getText()).startsWith("page 1 of ");
        robot.interact(() -> robot.lookup("#print-on").queryAs(Button.class).fire());
        assertThat(robot.lookup("#print-state").queryAs(Label.class).getText()).startsWith("page 2 of ");
        choose(robot, "#print-this", "printer-this-shop printer");
        assertThat(printed).singleElement().asString().startsWith("shop printer: pages 2 to 2 of ");
    }

    @Test
    void example_opensAsADesignOfOnesOwn(FxRobot robot) {
        choose(robot, "#recent", "open-example");
        for (String name : Examples.ALL) {
            assertThat(robot.lookup("#example-" + name).queryAs(Button.class).getAccessibleText()).isNotBlank();
        }
        robot.interact(() -> robot.lookup("#example-fern-stand").queryAs(Button.class).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().brief().kind()).isEqualTo("stand");
        assertThat(bench.document().file()).isEmpty();
        assertThat(robot.lookup("#examples-sheet").query().isVisible()).isFalse();
    }

    @Test
    void help_isAboutTheStageThatIsShown(FxRobot robot) {
        robot.interact(() -> view.show(Stages.LENGTHS));
        robot.push(KeyCode.F1);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#help-says").queryAs(Label.class).getText()).contains("between shoulders");
        assertThat(robot.lookup(".glossary-entry").queryAll()).hasSizeGreaterThan(10);
        robot.push(KeyCode.F1);
        assertThat(robot.lookup("#help-sheet").query().isVisible()).isFalse();
    }

    /** A sheet over the stage has the room of the column and the rod too, and gives it back. */
    @Test
    void sheet_hasTheWholeWindowUnderTheStages(FxRobot robot) {
        assertThat(robot.lookup("#rod").tryQuery()).isPresent();
        choose(robot, "#papers", "shop-paper");
        assertThat(robot.lookup("#print-sheet").queryAs(Region.class).getWidth()).isEqualTo(view.getWidth());
        assertThat(robot.lookup("#rod").tryQuery()).isEmpty();
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#rod").tryQuery()).isPresent();
    }

    /** The cut list was not shown yet when the theme changed: its figures have the new colour all the same. */
    @Test
    void theme_changedBeforeThePartIsShown_holdsThere(FxRobot robot) {
        robot.interact(() -> {
            MainView other = new MainView(bench, new Documents(bench, asker));
            other.show(Stages.BRIEF);
            other.use(Palette.Theme.DARK);
            other.show(Stages.FRAME);
            view.getScene().setRoot(other);
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#cut-list").lookup((Node node) -> node instanceof FigureText)
                .queryAllAs(FigureText.class))
                .isNotEmpty().flatExtracting(FigureText::getChildrenUnmodifiable)
                .extracting(part -> ((Text) part).getFill()).doesNotContain(lightInk);
        robot.interact(() -> Palette.use(Palette.Theme.LIGHT));
    }

    /** F11 gives the whole window to one piece; the space bar goes on; Esc gives the window back. */
    @Test
    void bench_takesTheWholeWindow_andGivesItBack(FxRobot robot) {
        robot.interact(() -> bench.selection().light("apron-front"));
        robot.push(KeyCode.F11);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#stages").tryQuery()).isEmpty();
        assertThat(robot.lookup(".bench-mark").queryAs(Label.class).getText()).isEqualTo("B1");
        robot.push(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".bench-mark").queryAs(Label.class).getText()).isEqualTo("B2");
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#stages").tryQuery()).isPresent();
        assertThat(robot.lookup("#bench").tryQuery()).isEmpty();
    }
}
