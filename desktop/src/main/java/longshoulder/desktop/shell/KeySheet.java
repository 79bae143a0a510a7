package longshoulder.desktop.shell;

import java.util.List;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.desktop.words.Texts;

/** What the keys do, on one sheet over the window; the key that opened it, or Esc, closes it. */
public final class KeySheet extends VBox {

    private static final List<String> KEYS = List.of("stages", "figures", "reckoning", "pieces", "find", "finding",
            "close",
            "turn", "undo", "file", "print", "units", "theme", "sheet");

    public KeySheet() {
        setId("key-sheet");
        getStyleClass().add("key-sheet");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        setFocusTraversable(true);
        setAccessibleText(Texts.get("keys.title"));
        setVisible(false);
    }

    /** Shows it, or takes it away again. Its lines are made when they are first asked for. */
    public void turn() {
        if (getChildren().isEmpty()) {
            fill();
        }
        setVisible(!isVisible());
    }

    private void fill() {
        Label title = new Label(Texts.get("keys.title"));
        title.getStyleClass().add("heading");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("keys");
        for (int i = 0; i < KEYS.size(); i++) {
            Label key = new Label(Texts.get("keys." + KEYS.get(i) + ".key"));
            key.getStyleClass().add("key");
            key.setMinWidth(Region.USE_PREF_SIZE);
            Label does = new Label(Texts.get("keys." + KEYS.get(i)));
            GridPane.setHalignment(key, HPos.LEFT);
            GridPane.setValignment(key, VPos.BASELINE);
            GridPane.setValignment(does, VPos.BASELINE);
            grid.addRow(i, key, does);
        }
        getChildren().addAll(title, grid);
    }
}
