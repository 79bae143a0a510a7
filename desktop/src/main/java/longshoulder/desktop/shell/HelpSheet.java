package longshoulder.desktop.shell;

import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import longshoulder.core.drawing.Glossary;
import longshoulder.core.drawing.Page;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.BackgroundPictures;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.words.Texts;

/** A page of help over the stage: what the stage is for and how to go about it, all keys, and the words of the trade with pictures. */
final class HelpSheet extends Overlay {

    private static final List<String> KEYS = List.of("stages", "figures", "reckoning", "pieces", "find", "finding",
            "close", "turn", "views", "undo", "entry", "file", "print", "bench", "units", "theme", "sheet");
    private static final double WIDTH = 150;
    private static final double HEIGHT = 96;

    private final Label heading = new Label();
    private final Label says = Lines.of("");
    private final BackgroundPictures<Boolean, String> pictures;

    HelpSheet(Workbench bench) {
        super("help");
        says.setId("help-says");
        pictures = new BackgroundPictures<>(bench.background(), WIDTH, HEIGHT,
                (always, word, pixels) -> paint(word, pixels));
        setAccessibleText(Texts.get("help.title"));
    }

    /** Shows the page of a stage, or takes it away again. */
    void turn(WorkStage stage) {
        if (isVisible()) {
            close();
            return;
        }
        if (getChildren().isEmpty()) {
            VBox page = new VBox(says, title("keys.title"), keys(), title("help.glossary"), glossary());
            page.getStyleClass().add("help-page");
            lay(heading, page);
        }
        heading.setText(stage.heading());
        says.setText(Texts.get("help." + stage.id()));
        setVisible(true);
        pictures.want(true, Glossary.WORDS, this);
        closeButton().requestFocus();
    }

    @Override
    void closed() {
        pictures.drop();
    }

    private static Optional<Picture> paint(String word, double pixels) {
        Page page = Glossary.page(word, Pixels.toMillimetres(WIDTH), Pixels.toMillimetres(HEIGHT));
        return Optional.of(Picture.of(WIDTH, HEIGHT, pixels, brush -> page.draw(new ScreenPen(brush))));
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
        Label name = new Label(Texts.get("glossary." + word));
        name.getStyleClass().add("example-name");
        VBox text = new VBox(name, Lines.of(Texts.get("glossary." + word + ".says")));
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox entry = new HBox(pictures.frame(word), text);
        entry.getStyleClass().add("glossary-entry");
        return entry;
    }
}
