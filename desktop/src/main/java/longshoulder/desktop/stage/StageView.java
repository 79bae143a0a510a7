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

    /** Shows or hides it. */
    default void show(boolean shown) {
        node().setVisible(shown);
        node().setManaged(shown);
        whenShown(shown);
    }

    /** It was just shown or hidden; while hidden nothing in it is worked out. */
    void whenShown(boolean shown);

    /** What is laid into the window. */
    Node node();

    /** Height of the controls along its lower edge, in pixels: a notice is made at least so high, so that it covers them completely. */
    default ObservableValue<Number> foot() {
        return new SimpleDoubleProperty(0);
    }

    /**
     * How it draws what it shows, to be exported or printed; empty where it shows no drawing. What is returned touches nothing of the
     * window, so that the drawing can be made in the background.
     */
    Optional<Function<DrawingContext, Drawing>> drawing();
}
