package longshoulder.desktop.frame;

import javafx.geometry.Rectangle2D;
import javafx.scene.Group;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.control.Tag;

/** Where a piece that is being dragged would come to lie: its box in dashes, and how far that is. */
final class DragGhost extends Group {

    private static final double SIZE = 15;
    private static final double WIDTH = 1;
    private static final double BESIDE = 8;
    private static final double ABOVE = 5;

    private final Rectangle outline = new Rectangle();
    private final Tag way = new Tag(SIZE);

    DragGhost() {
        super();
        getChildren().addAll(outline, way);
        setMouseTransparent(true);
        setManaged(false);
        setVisible(false);
        outline.setId("drag-box");
        way.setId("drag-way");
        outline.setFill(Color.TRANSPARENT);
        outline.setStrokeWidth(WIDTH);
        outline.getStrokeDashArray().setAll(4.0, 3.0);
    }

    /** @param box where it would lie, on the sheet */
    void show(Rectangle2D box, String figure) {
        outline.setStroke(Palette.given());
        outline.setX(crisp(box.getMinX()));
        outline.setY(crisp(box.getMinY()));
        outline.setWidth(crisp(box.getMaxX()) - outline.getX());
        outline.setHeight(crisp(box.getMaxY()) - outline.getY());
        way.say(figure, Palette.given(), Palette.paper());
        way.place(box.getMaxX() + BESIDE, box.getMinY() - ABOVE);
        setVisible(true);
    }

    /** In the middle of a pixel, where a thin line is sharp. */
    private static double crisp(double at) {
        return Math.rint(at) + 0.5;
    }

    void hide() {
        setVisible(false);
    }
}
