package longshoulder.desktop;

import longshoulder.desktop.look.Lines;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The place of a stage that this version does not work out: it says what will stand there, and what serves until then. */
final class LaterView extends VBox {

    private final Label title = text("heading");
    private final Label will = text("later-text");
    private final Label until = text("later-text");

    LaterView() {
        setId("later");
        getStyleClass().add("later-view");
        setAlignment(Pos.CENTER);
    }

    private static Label text(String style) {
        Label label = Lines.of("", style);
        label.setMaxWidth(520);
        return label;
    }

    /** Shown for a stage that comes later; hidden for others. */
    void show(WorkStage stage) {
        boolean shown = !stage.isWorkedOut();
        setVisible(shown);
        setManaged(shown);
        if (shown) {
            getChildren().setAll(title, will, until);
            title.setText(Texts.get("stage." + stage.id()));
            will.setText(Texts.get("later." + stage.id()));
            until.setText(Texts.get("later." + stage.id() + ".until"));
        }
    }
}
