package longshoulder.desktop.control;

import javafx.scene.Node;

/** Questions to nodes of the window. */
public final class Nodes {

    private Nodes() {}

    /** Whether a node and all that it stands in are visible; where it is not, nothing in it need be made anew. */
    public static boolean isShown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }
}
