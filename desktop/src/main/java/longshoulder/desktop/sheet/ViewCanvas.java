package longshoulder.desktop.sheet;

import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import longshoulder.desktop.look.Brush;

/**
 * The part of the sheet on which one view is drawn with the lines of its figures, and no more: where the processor paints, every pixel of a
 * canvas is laid over what is under it, drawn on or not.
 */
final class ViewCanvas {

    /** Round the view and its lines, in pixels, for the widths of lines. */
    private static final double ROUND = 4;

    /** Canvases begin and end at multiples of this: whole pixels of the screen at every usual scale. */
    private static final double STEP = 8;

    private final Canvas canvas = new Canvas();

    ViewCanvas() {
        canvas.setMouseTransparent(true);
    }

    Canvas node() {
        return canvas;
    }

    /**
     * An empty canvas where a view lies, as large as it needs to be; what is drawn with the brush is told where it lies on the sheet.
     *
     * @param width of the sheet
     * @param height of the sheet
     */
    Brush clear(PlacedView view, List<DimensionLine> lines, double width, double height) {
        Rectangle2D box = view.box();
        double left = box.getMinX();
        double top = box.getMinY();
        double right = box.getMaxX();
        double bottom = box.getMaxY();
        for (DimensionLine line : lines) {
            Rectangle2D around = line.box();
            left = Math.min(left, around.getMinX());
            top = Math.min(top, around.getMinY());
            right = Math.max(right, around.getMaxX());
            bottom = Math.max(bottom, around.getMaxY());
        }
        left = Math.max(0, before(left));
        top = Math.max(0, before(top));
        canvas.setWidth(Math.max(0, Math.min(width, -before(-right)) - left));
        canvas.setHeight(Math.max(0, Math.min(height, -before(-bottom)) - top));
        canvas.relocate(left, top);
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.setTransform(1, 0, 0, 1, 0, 0);
        pen.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        pen.setTransform(1, 0, 0, 1, -left, -top);
        return new Brush(canvas);
    }

    private static double before(double edge) {
        return STEP * Math.floor((edge - ROUND) / STEP);
    }
}
