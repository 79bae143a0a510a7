package longshoulder.desktop.stage;

import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.Node;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;

/** What the middle of the window shows at a stage of the work. */
public interface StageView {

    /** Shown or hidden; while hidden nothing in it is worked out. */
    void show(boolean shown);

    /** What is laid into the window. */
    Node node();

    /** How high what stands along its foot is, in pixels: a notice covers it wholly, so that no half of a control looks out. */
    default ObservableValue<Number> foot() {
        return new SimpleDoubleProperty(0);
    }

    /** The drawing that it shows, to be exported or printed; empty where it shows none. */
    Optional<Drawing> drawing(DrawingContext context);
}
