package longshoulder.desktop.sheet;

import javafx.geometry.Rectangle2D;
import javafx.scene.Group;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.Typefaces;

/** Where a piece that is being dragged would come to lie: its box in dashes, and how far that is. */
final class DragGhost extends Group {

    private static final double SIZE = 15;
    private static final double WIDTH = 1.4;

    private final Rectangle outline = new Rectangle();
    private final Text way = new Text();

    DragGhost() {
        super();
        getChildren().addAll(outline, way);
        setMouseTransparent(true);
        setManaged(false);
        setVisible(false);
        outline.setFill(Color.TRANSPARENT);
        outline.setStrokeWidth(WIDTH);
        outline.getStrokeDashArray().setAll(4.0, 3.0);
        way.setFont(Typefaces.figures(SIZE, true));
    }

    /** @param box where it would lie, on the sheet */
    void show(Rectangle2D box, String figure) {
        outline.setStroke(Palette.given());
        outline.setX(box.getMinX());
        outline.setY(box.getMinY());
        outline.setWidth(box.getWidth());
        outline.setHeight(box.getHeight());
        way.setFill(Palette.given());
        way.setText(figure);
        way.setX(box.getMaxX() + 6);
        way.setY(box.getMinY() - 4);
        setVisible(true);
    }

    void hide() {
        setVisible(false);
    }
}
