package longshoulder.desktop.control;

import javafx.geometry.Bounds;
import javafx.scene.Group;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** Figures on a ground of their own, so that they are read over the lines of a drawing. */
public final class Tag extends Group {

    private static final double BESIDE = 3;
    private static final double CORNER = 6;

    private final Text figures = new Text();
    private final Rectangle ground = new Rectangle();

    /** @param size of the type, in pixels */
    public Tag(double size) {
        super();
        figures.setFont(Typefaces.figures(size, true));
        ground.setArcWidth(CORNER);
        ground.setArcHeight(CORNER);
        getChildren().addAll(ground, figures);
        setManaged(false);
        setMouseTransparent(true);
    }

    /** Says something else, or says it in other colours. */
    public void say(String text, Color ink, Color paper) {
        figures.setText(text);
        figures.setFill(ink);
        ground.setFill(paper);
    }

    /** How wide the figures are, without their ground. */
    public double width() {
        return figures.getLayoutBounds().getWidth();
    }

    /**
     * Lays the figures on whole pixels.
     *
     * @param line on which they stand
     */
    public void place(double left, double line) {
        figures.setX(Math.rint(left));
        figures.setY(Math.rint(line));
        Bounds written = figures.getLayoutBounds();
        ground.setX(figures.getX() - BESIDE);
        ground.setY(Math.floor(written.getMinY()));
        ground.setWidth(Math.ceil(written.getWidth()) + 2 * BESIDE);
        ground.setHeight(Math.ceil(written.getMaxY()) - ground.getY());
    }
}
