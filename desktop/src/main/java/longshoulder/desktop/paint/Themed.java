package longshoulder.desktop.paint;

import javafx.scene.Node;
import javafx.scene.Parent;

/** Something that draws with colours of the palette itself, and not by the style sheet. */
public interface Themed {

    /** Draws it in the colours of the theme that is shown now. */
    void recolour();

    /** Everything of that kind from a node down. */
    static void recolourAll(Node node) {
        if (node instanceof Themed themed) {
            themed.recolour();
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(Themed::recolourAll);
        }
    }
}
