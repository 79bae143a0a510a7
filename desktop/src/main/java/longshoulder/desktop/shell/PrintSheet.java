package longshoulder.desktop.shell;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import longshoulder.core.drawing.Paper;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.control.FocusKeeper;
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
final class PrintSheet extends Overlay {

    private static final double DPI = 144;
    private static final List<String> SCALES = List.of("fit", "1:1", "1:2", "1:5", "1:10", "1:20");

    /** What is shown: a printout on a paper at a scale. */
    private record Wanted(Printout printout, Paper paper, String scale) {}

    /** What was made of it; no pages where it has no room. */
    private static final class Made {

        private final byte[] pdf;
        private final int pages;

        Made(byte[] pdf) {
            this.pdf = pdf;
            pages = pdf.length == 0 ? 0 : PdfPreview.pages(pdf);
        }
    }

    /** A page of what was made, counted from 0. */
    private record PageOf(Made made, int page) {}

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
    private final BackgroundValue<PageOf, PdfPreview> picture;
    private final BackgroundValue<Boolean, List<String>> printers;

    PrintSheet(Workbench bench, Exports exports) {
        super("print");
        this.exports = exports;
        made = bench.background().value(PrintSheet::make);
        picture = bench.background().value((of, progress) -> PdfPreview.of(of.made.pdf, of.page, DPI));
        printers = bench.background().value((always, progress) -> exports.printers());
        made.valueProperty().addListener((observed, was, is) -> wantPage());
        made.progressProperty().addListener((observed, was, is) -> say());
        picture.valueProperty().addListener((observed, was, is) -> show(is));
        printers.valueProperty().addListener((observed, was, is) -> rebuild());
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
    }

    /** Shows what is to be printed. */
    void open(Printout what) {
        printout = Optional.of(what);
        scale = SCALES.getFirst();
        page = 0;
        setVisible(true);
        printers.want(true);
        want();
        choices.getChildren().stream().filter(ChoiceButton.class::isInstance).findFirst()
                .ifPresent(first -> first.requestFocus());
    }

    @Override
    void closed() {
        printout = Optional.empty();
        made.drop();
        picture.drop();
        printers.drop();
    }

    private void want() {
        printout.ifPresent(what -> made.want(new Wanted(what, paper, scale)));
        wantPage();
    }

    private static Made make(Wanted wanted, BackgroundValue.Progress<Made> progress) {
        return new Made(wanted.printout().maker().make(wanted.paper(), ratio(wanted.scale()), progress::at)
                .orElse(new byte[0]));
    }

    private static double ratio(String scale) {
        return scale.equals(SCALES.getFirst()) ? 0 : 1 / Double.parseDouble(scale.substring(2));
    }

    /** Goes on or back to another page. */
    private void turn(int by) {
        page = Math.max(0, page + by);
        wantPage();
    }

    private void wantPage() {
        made.valueProperty().get().filter(now -> now.pages > 0)
                .ifPresentOrElse(now -> picture.want(new PageOf(now, page)), picture::drop);
        rebuild();
    }

    private void show(Optional<PdfPreview> now) {
        preview.setImage(now.map(PrintSheet::image).orElse(null));
    }

    private static WritableImage image(PdfPreview picture) {
        WritableImage image = new WritableImage(picture.width(), picture.height());
        image.getPixelWriter().setPixels(0, 0, picture.width(), picture.height(), PixelFormat.getIntArgbInstance(),
                picture.argb(), 0, picture.width());
        return image;
    }

    private int pages() {
        return made.valueProperty().get().map(now -> now.pages).orElse(0);
    }

    /** Says which page is shown, how far the paper is made, or that it has no room. */
    private void say() {
        if (pages() > 0) {
            state.setText(Texts.get("print.page").formatted(page + 1, pages()));
        } else if (made.valueProperty().get().isEmpty()) {
            state.setText(Texts.get("print.making").formatted(Math.round(100 * made.progressProperty().get())));
        } else {
            state.setText(Texts.get("print.noroom").formatted(scale, Texts.get("paper." + paper.id())));
        }
    }

    private void rebuild() {
        if (!isVisible()) {
            return;
        }
        say();
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
        row.addAll(List.of(gap(), state));
        if (pages() > 1) {
            row.add(button("print-back", "print.back", () -> turn(-1), page > 0));
            row.add(button("print-on", "print.on", () -> turn(1), page < pages() - 1));
        }
        FocusKeeper.rebuild(choices, () -> choices.getChildren().setAll(row));
        FocusKeeper.rebuild(actions, () -> actions.getChildren().setAll(actions()));
    }

    private List<Node> actions() {
        List<Node> row = new ArrayList<>();
        Optional<List<String>> known = printers.valueProperty().get();
        if (known.isEmpty()) {
            row.add(quiet("print.looking"));
        } else if (known.get().isEmpty()) {
            row.add(quiet("print.none"));
        } else {
            row.add(printers(known.get(), "print-all", pages() > 1 ? "print.all" : "print.print", "printer-",
                    name -> print(name, 0, pages() - 1)));
            if (pages() > 1) {
                row.add(printers(known.get(), "print-this", "print.this", "printer-this-",
                        name -> print(name, page, page)));
            }
        }
        row.add(gap());
        row.add(button("print-save", "print.save", this::save, pages() > 0));
        row.add(closeButton());
        return row;
    }

    /** A button that offers the printers. */
    private static ChoiceButton printers(List<String> names, String id, String key, String prefix,
            Consumer<String> print) {
        return choice(id, Texts.get(key), names.stream()
                .map(name -> new Choice(prefix + name, name, () -> print.accept(name))).toList(), key);
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
