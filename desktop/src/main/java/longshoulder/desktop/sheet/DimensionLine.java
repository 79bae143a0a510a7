package longshoulder.desktop.sheet;

import javafx.geometry.Rectangle2D;
import javafx.scene.paint.Color;
import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.reckoning.Amount;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.Palette;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Where a dimension's line and figure stand on the sheet. A figure that does not fit between its ticks stands beside them.
 *
 * @param fromX the first tick
 * @param toX the second tick
 * @param figureX middle of the figure
 */
record DimensionLine(Dimension dimension, double fromX, double fromY, double toX, double toY, double figureX,
        double figureY, double footX0, double footY0, double footX1, double footY1) {

    private static final double NEAREST = 18;
    private static final double STEP_ACROSS = 26;
    private static final double STEP_DOWN = 42;
    private static final double TICK = 4;
    private static final double FAINT = 0.3;

    /** Places a dimension round its view; {@code width} and {@code height} are those of the figure, in pixels. */
    static DimensionLine of(PlacedView view, Dimension dimension, double width, double height) {
        Vector2D from = view.onSheet(dimension.from());
        Vector2D to = view.onSheet(dimension.to());
        Rectangle2D box = view.box();
        boolean level = dimension.side() == Side.ABOVE || dimension.side() == Side.BELOW
                || dimension.side() == Side.INSIDE;
        return level
                ? level(dimension, from, to, box, width)
                : upright(dimension, from, to, box, width, height);
    }

    private static DimensionLine level(Dimension dimension, Vector2D from, Vector2D to, Rectangle2D box, double width) {
        double away = NEAREST + dimension.rank() * STEP_ACROSS;
        double y = switch (dimension.side()) {
            case ABOVE -> box.getMinY() - away;
            case BELOW -> box.getMaxY() + away;
            default -> from.getY() + NEAREST;
        };
        double low = Math.min(from.getX(), to.getX());
        double high = Math.max(from.getX(), to.getX());
        boolean fits = high - low > width + 10;
        double figureX = fits
                ? (low + high) / 2
                : dimension.side() == Side.INSIDE
                        ? high + width / 2 + 6
                        : low - width / 2 - 6;
        return new DimensionLine(dimension, low, y, high, y, figureX, y, from.getX(), from.getY(), to.getX(),
                to.getY());
    }

    private static DimensionLine upright(Dimension dimension, Vector2D from, Vector2D to, Rectangle2D box, double width,
            double height) {
        boolean left = dimension.side() == Side.LEFT;
        double away = NEAREST + dimension.rank() * STEP_DOWN;
        double x = left ? box.getMinX() - away : box.getMaxX() + away;
        double low = Math.max(from.getY(), to.getY());
        double high = Math.min(from.getY(), to.getY());
        boolean fits = low - high > height + 8;
        double figureX = fits ? x : left ? x - width / 2 - 8 : x + width / 2 + 8;
        return new DimensionLine(dimension, x, low, x, high, figureX, (low + high) / 2, from.getX(), from.getY(),
                to.getX(), to.getY());
    }

    boolean isUpright() {
        return fromX == toX;
    }

    /** The box round all that is drawn of it. */
    Rectangle2D box() {
        double left = Math.min(Math.min(fromX, toX) - TICK, Math.min(footX0, footX1));
        double top = Math.min(Math.min(fromY, toY) - TICK, Math.min(footY0, footY1));
        double right = Math.max(Math.max(fromX, toX) + TICK, Math.max(footX0, footX1));
        double bottom = Math.max(Math.max(fromY, toY) + TICK, Math.max(footY0, footY1));
        return new Rectangle2D(left, top, right - left, bottom - top);
    }

    /** Draws the line, its ticks and the thin lines to what it measures. */
    void draw(Brush brush) {
        brush.line(Palette.quiet().deriveColor(0, 1, 1, FAINT), 0.5, false);
        if (isUpright()) {
            double gap = Math.copySign(4, fromX - footX0);
            brush.draw(footX0 + gap, footY0, fromX, footY0);
            brush.draw(footX1 + gap, footY1, fromX, footY1);
        } else {
            double gap = Math.copySign(4, fromY - footY0);
            brush.draw(footX0, footY0 + gap, footX0, fromY);
            brush.draw(footX1, footY1 + gap, footX1, fromY);
        }
        Color colour = dimension.amount() instanceof Amount.Given ? Palette.given() : Palette.quiet();
        brush.line(colour, 1, false);
        brush.draw(fromX, fromY, toX, toY);
        tick(brush, fromX, fromY);
        brush.dry();
        brush.line(colour, 1, false);
        tick(brush, toX, toY);
        brush.dry();
    }

    private static void tick(Brush brush, double x, double y) {
        brush.draw(x - TICK, y + TICK, x + TICK, y - TICK);
    }
}
