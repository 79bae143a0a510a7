package longshoulder.desktop.shell;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.desktop.control.Scroller;
import longshoulder.desktop.words.Texts;

/** A sheet that lies over the stage until it is closed, such as the help. Esc closes it. */
abstract class Overlay extends VBox {

    private final Button close = new Button(Texts.get("print.close"));

    Overlay(String id) {
        setId(id + "-sheet");
        getStyleClass().add("overlay");
        close.setId(id + "-close");
        close.setMinWidth(USE_PREF_SIZE);
        close.setOnAction(pressed -> close());
        setVisible(false);
    }

    /** The button that closes it. */
    final Button closeButton() {
        return close;
    }

    /** Lays it out as a heading with the button that closes it, over content that scrolls. */
    final void lay(Label heading, Region content) {
        heading.getStyleClass().add("heading");
        Scroller scroller = new Scroller(content);
        scroller.setFitToWidth(true);
        scroller.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroller, Priority.ALWAYS);
        getChildren().setAll(new HBox(heading, gap(), close), scroller);
    }

    /** What takes up the room between the left and the right of a row. */
    static Node gap() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }

    /** Closes it; what was worked out for it is called off. */
    final void close() {
        setVisible(false);
        closed();
    }

    /** Calls off what was worked out for it. */
    abstract void closed();
}
