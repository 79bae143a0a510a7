package longshoulder.desktop.look;

import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;

/**
 * A canvas over the part of a region that is drawn on, and no more: where the processor paints, every pixel of a canvas is laid over what
 * is under it, drawn on or not.
 */
public final class PartCanvas {

    /** Round what is drawn, in pixels, for the widths of lines. */
    private static final double ROUND = 4;

    /** Canvases begin and end at multiples of this: whole pixels of the screen at every usual scale. */
    private static final double STEP = 8;

    private final Canvas canvas = new Canvas();

    public PartCanvas() {
        canvas.setMouseTransparent(true);
    }

    public Canvas node() {
        return canvas;
    }

    /**
     * An empty canvas as large as it needs to be; what is drawn with the brush is told where it lies in the region.
     *
     * @param part of the region that will be drawn on
     * @param width of the region
     * @param height of the region
     */
    public Brush clear(Rectangle2D part, double width, double height) {
        double left = Math.max(0, before(part.getMinX()));
        double top = Math.max(0, before(part.getMinY()));
        canvas.setWidth(Math.max(0, Math.min(width, -before(-part.getMaxX())) - left));
        canvas.setHeight(Math.max(0, Math.min(height, -before(-part.getMaxY())) - top));
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
