package longshoulder.desktop.shell;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import longshoulder.core.drawing.Paper;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.desktop.document.Exports;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;
import longshoulder.files.PdfPreview;

/**
 * What is about to be printed, page by page as it will come out, over the stage: paper, scale and pages are chosen here. Where there is no
 * printer it is saved as PDF. Esc closes it.
 */
final class PrintSheet extends VBox {

    private static final double DPI = 144;
    private static final List<String> SCALES = List.of("fit", "1:1", "1:2", "1:5", "1:10", "1:20");

    /**
     * Something to be printed.
     *
     * @param name for the file that it may be saved as
     * @param hasScale whether its scale can be chosen
     */
    record Printout(String name, boolean hasScale, Maker maker) {

        /** Makes the PDF; empty if it has no room on the paper at the scale, 0 for as large as it can be. Runs beside the window. */
        interface Maker {
            Optional<byte[]> make(Paper paper, double scale);
        }
    }

    /** What is shown: a printout on a paper at a scale, and one of its pages. */
    private record Wanted(Printout printout, Paper paper, String scale, int page) {}

    /** What was made of it; nothing where it has no room. */
    private static final class Made {

        private static final Made NOTHING = new Made(new byte[0], 0);

        private final byte[] pdf;
        private final int pages;
        private final Optional<PdfPreview> preview;

        Made(byte[] pdf, int page) {
            this.pdf = pdf;
            pages = pdf.length == 0 ? 0 : PdfPreview.pages(pdf);
            preview = pages == 0 ? Optional.empty() : Optional.of(PdfPreview.of(pdf, page, DPI));
        }
    }

    private final Exports exports;
    private final ImageView preview = new ImageView();
    private final StackPane frame = new StackPane(preview);
    private final Label state = Lines.of("");
    private final HBox choices = new HBox();
    private final HBox actions = new HBox();
    private Optional<Printout> printout = Optional.empty();
    private Paper paper = Paper.usual(Locale.getDefault());
    private String scale = SCALES.getFirst();
    private int page;
    private final BackgroundValue<Wanted, Made> made;

    PrintSheet(Workbench bench, Exports exports) {
        this.exports = exports;
        made = bench.background().value(PrintSheet::make);
        made.valueProperty().addListener((observed, was, is) -> show());
        setId("print-sheet");
        getStyleClass().add("print-sheet");
        state.setId("print-state");
        preview.setId("print-preview");
        preview.setPreserveRatio(true);
        preview.setSmooth(true);
        frame.getStyleClass().add("print-preview");
        frame.setMinSize(0, 0);
        preview.fitWidthProperty().bind(frame.widthProperty().subtract(2));
        preview.fitHeightProperty().bind(frame.heightProperty().subtract(2));
        VBox.setVgrow(frame, Priority.ALWAYS);
        choices.getStyleClass().add("print-row");
        choices.setAlignment(Pos.CENTER_LEFT);
        actions.getStyleClass().add("print-row");
        actions.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(choices, frame, actions);
        setVisible(false);
    }

    /** Shows what is to be printed. */
    void open(Printout what) {
        printout = Optional.of(what);
        scale = SCALES.getFirst();
        page = 0;
        setVisible(true);
        want();
        choices.getChildren().stream().filter(ChoiceButton.class::isInstance).findFirst()
                .ifPresent(first -> first.requestFocus());
    }

    void close() {
        setVisible(false);
        printout = Optional.empty();
        made.drop();
    }

    private void want() {
        printout.ifPresent(what -> made.want(new Wanted(what, paper, scale, page)));
        rebuild();
    }

    private static Made make(Wanted wanted, BackgroundValue.Progress<Made> progress) {
        Optional<byte[]> pdf = wanted.printout().maker().make(wanted.paper(), ratio(wanted.scale()));
        progress.at(0.5);
        return pdf.map(bytes -> new Made(bytes, wanted.page())).orElse(Made.NOTHING);
    }

    private static double ratio(String scale) {
        return scale.equals(SCALES.getFirst()) ? 0 : 1 / Double.parseDouble(scale.substring(2));
    }

    /** Goes on or back to another page. */
    private void turn(int by) {
        page = Math.max(0, page + by);
        want();
    }

    private void show() {
        Optional<PdfPreview> now = made.valueProperty().get().flatMap(one -> one.preview);
        now.ifPresentOrElse(picture -> {
            WritableImage image = new WritableImage(picture.width(), picture.height());
            image.getPixelWriter().setPixels(0, 0, picture.width(), picture.height(),
                    PixelFormat.getIntArgbInstance(), picture.argb(), 0, picture.width());
            preview.setImage(image);
        }, () -> preview.setImage(null));
        if (isVisible()) {
            rebuild();
        }
    }

    private void rebuild() {
        List<Node> row = new ArrayList<>();
        row.add(quiet("print.paper"));
        row.add(choice("print-paper", Texts.get("paper." + paper.id()), Arrays.stream(Paper.values()).map(
                one -> new Choice("paper-" + one.id(), Texts.get("paper." + one.id()), () -> choose(one, scale)))
                .toList(), "print.paper"));
        if (printout.filter(Printout::hasScale).isPresent()) {
            row.add(quiet("print.scale"));
            row.add(choice("print-scale", shown(scale), SCALES.stream().map(
                    one -> new Choice("scale-" + one.replace(':', '-'), shown(one), () -> choose(paper, one)))
                    .toList(), "print.scale"));
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Optional<Made> now = made.valueProperty().get();
        int pages = now.map(one -> one.pages).orElse(0);
        state.setText(pages > 0
                ? Texts.get("print.page").formatted(page + 1, pages)
                : Texts.get(now.isEmpty() ? "print.making" : "print.noroom").formatted(scale,
                        Texts.get("paper." + paper.id())));
        row.addAll(List.of(gap, state));
        if (pages > 1) {
            row.add(button("print-back", "print.back", () -> turn(-1), page > 0));
            row.add(button("print-on", "print.on", () -> turn(1), page < pages - 1));
        }
        choices.getChildren().setAll(row);
        actions(pages);
    }

    private void actions(int pages) {
        List<String> printers = exports.printers();
        List<Node> row = new ArrayList<>();
        if (printers.isEmpty()) {
            row.add(quiet("print.none"));
        } else {
            row.add(choice("print-all", Texts.get(pages > 1 ? "print.all" : "print.print"),
                    printers.stream().map(name -> new Choice("printer-" + name, name, () -> print(name, 0, pages - 1)))
                            .toList(),
                    "print.print"));
            if (pages > 1) {
                row.add(choice("print-this", Texts.get("print.this"), printers.stream()
                        .map(name -> new Choice("printer-this-" + name, name, () -> print(name, page, page))).toList(),
                        "print.this"));
            }
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        row.add(gap);
        row.add(button("print-save", "print.save", this::save, pages > 0));
        row.add(button("print-close", "print.close", this::close, true));
        actions.getChildren().setAll(row);
    }

    private void choose(Paper otherPaper, String otherScale) {
        paper = otherPaper;
        scale = otherScale;
        page = 0;
        want();
    }

    private void print(String printer, int from, int to) {
        made.valueProperty().get().filter(now -> now.pages > 0)
                .ifPresent(now -> exports.print(printer, now.pdf, from, to));
    }

    private void save() {
        made.valueProperty().get().ifPresent(now -> printout.ifPresent(what -> exports.save(now.pdf, what.name())));
    }

    private static String shown(String scale) {
        return scale.equals(SCALES.getFirst()) ? Texts.get("print.fit") : scale;
    }

    private static Label quiet(String key) {
        Label label = new Label(Texts.get(key));
        label.getStyleClass().add("quiet");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static ChoiceButton choice(String id, String text, List<Choice> options, String spoken) {
        return new ChoiceButton(text, () -> options).named(id, Texts.get(spoken) + ", " + text);
    }

    private static Button button(String id, String key, Runnable action, boolean isThere) {
        Button button = new Button(Texts.get(key));
        button.setId(id);
        button.setMinWidth(USE_PREF_SIZE);
        button.setDisable(!isThere);
        button.setOnAction(pressed -> action.run());
        return button;
    }
}
