package longshoulder.desktop.shell;

import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import longshoulder.desktop.control.Scroller;

/** Panels under each other, scrolled to what has the keyboard. */
public final class SideColumn extends Scroller {

    private static final double WIDTH = 352;

    private final VBox column;

    public SideColumn(Pane... panels) {
        super();
        column = new VBox(panels);
        column.getStyleClass().add("side-column");
        getStyleClass().add("side");
        setContent(column);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setPrefWidth(WIDTH);
        setMinWidth(WIDTH);
        sceneProperty().flatMap(Scene::focusOwnerProperty)
                .addListener((observed, was, is) -> Optional.ofNullable(is).ifPresent(this::reveal));
    }

    /** Brings a node into view, if it is in here. */
    private void reveal(Node node) {
        if (!isIn(node)) {
            return;
        }
        double room = getViewportBounds().getHeight();
        double hidden = column.getHeight() - room;
        double above = getVvalue() * Math.max(0, hidden);
        Bounds place = column.sceneToLocal(node.localToScene(node.getBoundsInLocal()));
        if (place.getMinY() < above || place.getMaxY() > above + room) {
            setVvalue(Math.clamp((place.getCenterY() - room / 2) / Math.max(1, hidden), 0, 1));
        }
    }

    private boolean isIn(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at.equals(column)) {
                return true;
            }
        }
        return false;
    }
}
