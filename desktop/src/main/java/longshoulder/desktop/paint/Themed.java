package longshoulder.desktop.paint;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;

/** Something that draws with colours of the palette itself, and not by the style sheet. */
public interface Themed {

    /** Draws it in the colours of the theme that is shown now. */
    void recolour();

    /** Everything of that kind from a node down. */
    static void recolourAll(Node node) {
        if (node instanceof Themed themed) {
            themed.recolour();
        }
        if (node instanceof ScrollPane pane && pane.getSkin() == null
                && pane.getContent() != null) {
            // What a pane scrolls is not below it before it is first shown.
            recolourAll(pane.getContent());
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(Themed::recolourAll);
        }
    }
}
