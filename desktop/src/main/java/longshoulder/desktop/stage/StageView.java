package longshoulder.desktop.stage;

import java.util.Optional;
import java.util.function.Function;
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

    /**
     * How it draws what it shows, to be exported or printed; empty where it shows no drawing. What is returned touches nothing of the
     * window, so that the drawing can be made beside it.
     */
    Optional<Function<DrawingContext, Drawing>> drawing();
}
