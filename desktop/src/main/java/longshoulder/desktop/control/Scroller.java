package longshoulder.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;

/**
 * A pane to scroll in, of which a frame paints what changed. The toolkit's own keeps a picture of all that is seen of its content: when a
 * single figure changes, the whole picture is painted anew and laid over the window.
 */
public class Scroller extends ScrollPane {

    public Scroller() {
        super();
    }

    public Scroller(Node content) {
        super(content);
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        Skin<?> skin = super.createDefaultSkin();
        lookup(".viewport").setCache(false);
        return skin;
    }
}
