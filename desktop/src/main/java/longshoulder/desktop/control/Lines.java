package longshoulder.desktop.control;

import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.layout.Region;

/** Text that runs over as many lines as its width asks for: it is never cut off, and nothing beside it is pushed away. */
public final class Lines {

    /** A space at which no line ends. */
    public static final String NO_BREAK = "\u00a0";

    private Lines() {}

    /** Lets the text of what is given run over lines. */
    public static <L extends Labeled> L over(L labeled) {
        labeled.setWrapText(true);
        labeled.setMinWidth(0);
        labeled.setMinHeight(Region.USE_PREF_SIZE);
        return labeled;
    }

    /** A label whose text runs over lines. */
    public static Label of(String text, String... styleClasses) {
        Label label = over(new Label(text));
        label.getStyleClass().addAll(styleClasses);
        return label;
    }
}
