package longshoulder.desktop.paint;

import javafx.scene.layout.Pane;

/**
 * A pane with drawings, and figures where they belong on them. Its size is given from without, whatever stands in it: when something in
 * it comes to stand elsewhere it is laid out alone, and not the whole window.
 */
public abstract class DrawingPane extends Pane implements Themed {

    protected DrawingPane() {}

    @Override
    public final void requestLayout() {
        setNeedsLayout(true);
    }
}
