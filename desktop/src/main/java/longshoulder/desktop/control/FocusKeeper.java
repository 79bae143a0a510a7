package longshoulder.desktop.control;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;

/** Keeps the keyboard where it was when a region makes its nodes anew: on the node with the same id. */
public final class FocusKeeper {

    private FocusKeeper() {}

    /** Runs a rebuilding of a region; if the focus was on a named node inside, the node of that name gets it again. */
    public static void rebuild(Parent region, Runnable rebuilding) {
        String id = focusedId(region);
        rebuilding.run();
        if (!id.isEmpty()) {
            Node again = region.lookup("#" + id);
            if (again != null) {
                again.requestFocus();
            }
        }
    }

    private static String focusedId(Parent region) {
        Scene scene = region.getScene();
        String id = "";
        for (Node at = scene == null ? null : scene.getFocusOwner(); at != null; at = at.getParent()) {
            if (at.equals(region)) {
                return id;
            }
            if (id.isEmpty() && at.getId() != null) {
                id = at.getId();
            }
        }
        return "";
    }
}
