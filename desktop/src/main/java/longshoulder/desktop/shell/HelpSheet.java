package longshoulder.desktop.shell;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.core.drawing.Glossary;
import longshoulder.core.drawing.Page;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.control.Scroller;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.FramedPicture;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.words.Texts;

/** A page of help over the stage: what the stage is for and how to go about it, all keys, and the words of the trade with pictures. */
final class HelpSheet extends VBox {

    private static final List<String> KEYS = List.of("stages", "figures", "reckoning", "pieces", "find", "finding",
            "close", "turn", "undo", "file", "print", "bench", "units", "theme", "sheet");
    private static final double WIDTH = 150;
    private static final double HEIGHT = 96;

    /** What the pictures are painted for. */
    private record Setting(double pixels, Palette.Theme theme) {}

    private final Label heading = new Label();
    private final Button close = new Button(Texts.get("print.close"));
    private final Label says = Lines.of("");
    private final Map<String, FramedPicture> frames = new HashMap<>();
    private final BackgroundValue<Setting, Map<String, Picture>> pictures;

    HelpSheet(Workbench bench) {
        setId("help-sheet");
        getStyleClass().add("print-sheet");
        heading.getStyleClass().add("heading");
        says.setId("help-says");
        pictures = bench.background().value(HelpSheet::paint);
        pictures.valueProperty().addListener((observed, was, is) -> is.ifPresent(this::show));
        setAccessibleText(Texts.get("help.title"));
        setVisible(false);
    }

    /** Shows the page of a stage, or takes it away again. */
    void turn(WorkStage stage) {
        if (isVisible()) {
            close();
            return;
        }
        if (getChildren().isEmpty()) {
            fill();
        }
        heading.setText(stage.heading());
        says.setText(Texts.get("help." + stage.id()));
        setVisible(true);
        pictures.want(new Setting(PictureView.pixels(this), Palette.theme()));
        close.requestFocus();
    }

    void close() {
        setVisible(false);
        pictures.drop();
    }

    private static Map<String, Picture> paint(Setting setting,
            BackgroundValue.Progress<Map<String, Picture>> progress) {
        Map<String, Picture> painted = new LinkedHashMap<>();
        for (String word : Glossary.WORDS) {
            Page page = Glossary.page(word, Pixels.toMillimetres(WIDTH), Pixels.toMillimetres(HEIGHT));
            painted.put(word,
                    Picture.of(WIDTH, HEIGHT, setting.pixels(), brush -> page.draw(new ScreenPen(brush))));
            progress.soFar(Map.copyOf(painted));
        }
        return Map.copyOf(painted);
    }

    private void show(Map<String, Picture> painted) {
        painted.forEach(
                (word, picture) -> Optional.ofNullable(frames.get(word)).ifPresent(frame -> frame.show(picture)));
    }

    private void fill() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        close.setId("help-close");
        close.setOnAction(pressed -> close());
        VBox page = new VBox(says, title("keys.title"), keys(), title("help.glossary"), glossary());
        page.getStyleClass().add("help-page");
        Scroller scroller = new Scroller(page);
        scroller.setFitToWidth(true);
        scroller.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroller, Priority.ALWAYS);
        getChildren().setAll(new HBox(heading, gap, close), scroller);
    }

    private static Label title(String key) {
        Label title = new Label(Texts.get(key));
        title.getStyleClass().add("heading");
        return title;
    }

    private static GridPane keys() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("keys");
        grid.setId("key-sheet");
        for (int i = 0; i < KEYS.size(); i++) {
            Label key = new Label(Texts.get("keys." + KEYS.get(i) + ".key"));
            key.getStyleClass().add("key");
            key.setMinWidth(USE_PREF_SIZE);
            Label does = Lines.of(Texts.get("keys." + KEYS.get(i)));
            GridPane.setHalignment(key, HPos.LEFT);
            GridPane.setValignment(key, VPos.TOP);
            GridPane.setValignment(does, VPos.TOP);
            GridPane.setHgrow(does, Priority.ALWAYS);
            // In two columns, so that the glossary is in sight.
            int half = (KEYS.size() + 1) / 2;
            grid.add(key, 2 * (i / half), i % half);
            grid.add(does, 2 * (i / half) + 1, i % half);
        }
        return grid;
    }

    /** Two words beside each other, each with its picture and what it means. */
    private GridPane glossary() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("glossary");
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        grid.getColumnConstraints().setAll(half, half);
        for (int i = 0; i < Glossary.WORDS.size(); i++) {
            grid.add(entry(Glossary.WORDS.get(i)), i % 2, i / 2);
        }
        return grid;
    }

    private HBox entry(String word) {
        FramedPicture frame = new FramedPicture(WIDTH, HEIGHT);
        frames.put(word, frame);
        Label name = new Label(Texts.get("glossary." + word));
        name.getStyleClass().add("example-name");
        VBox text = new VBox(name, Lines.of(Texts.get("glossary." + word + ".says")));
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox entry = new HBox(frame, text);
        entry.getStyleClass().add("glossary-entry");
        return entry;
    }
}
