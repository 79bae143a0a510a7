package longshoulder.desktop.control;

import javafx.scene.control.Label;

/**
 * A label whose text changes with almost every edit: what is around it is laid out anew only when the text does not fit where it stands.
 * A plain label asks for a layout of the whole window whenever its text changes.
 */
public final class SteadyLabel extends Label {

    public SteadyLabel(String text) {
        super(text);
    }

    @Override
    public void requestLayout() {
        if (fits()) {
            setNeedsLayout(true);
        } else {
            super.requestLayout();
        }
    }

    private boolean fits() {
        return getHeight() > 0 && snapSizeY(prefHeight(getWidth())) == getHeight()
                && (isWrapText() || snapSizeX(computePrefWidth(-1)) <= getWidth());
    }
}
