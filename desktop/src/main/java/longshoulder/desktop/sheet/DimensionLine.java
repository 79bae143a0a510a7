package longshoulder.desktop.sheet;

import javafx.geometry.Rectangle2D;
import javafx.scene.paint.Color;
import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.reckoning.Amount;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.FigureField;
import longshoulder.desktop.look.Palette;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Where a dimension's line stands on the sheet.
 *
 * @param fromX the first tick
 * @param toX the second tick
 */
record DimensionLine(Dimension dimension, double fromX, double fromY, double toX, double toY, double footX0,
        double footY0, double footX1, double footY1) {

    private static final double NEAREST = 18;
    private static final double STEP_ACROSS = 26;
    private static final double STEP_DOWN = 42;
    private static final double TICK = 4;
    private static final double FAINT = 0.3;

    /** Places a dimension round its view. */
    static DimensionLine of(PlacedView view, Dimension dimension) {
        Vector2D from = view.onSheet(dimension.from());
        Vector2D to = view.onSheet(dimension.to());
        Rectangle2D box = view.box();
        if (isLevel(dimension)) {
            double y = height(dimension, from, box);
            return new DimensionLine(dimension, Math.min(from.getX(), to.getX()), y, Math.max(from.getX(), to.getX()),
                    y, from.getX(), from.getY(), to.getX(), to.getY());
        }
        double away = NEAREST + dimension.rank() * STEP_DOWN;
        double x = dimension.side() == Side.LEFT ? box.getMinX() - away : box.getMaxX() + away;
        return new DimensionLine(dimension, x, Math.max(from.getY(), to.getY()), x, Math.min(from.getY(), to.getY()),
                from.getX(), from.getY(), to.getX(), to.getY());
    }

    private static boolean isLevel(Dimension dimension) {
        return dimension.side() == Side.ABOVE || dimension.side() == Side.BELOW || dimension.side() == Side.INSIDE;
    }

    private static double height(Dimension dimension, Vector2D from, Rectangle2D box) {
        double away = NEAREST + dimension.rank() * STEP_ACROSS;
        return switch (dimension.side()) {
            case ABOVE -> box.getMinY() - away;
            case BELOW -> box.getMaxY() + away;
            default -> from.getY() + NEAREST;
        };
    }

    /** The middle of its figure, which is so large in pixels; one that does not fit between the ticks stands beside them. */
    Vector2D figure(double width, double height) {
        double x = (fromX + toX) / 2;
        double y = (fromY + toY) / 2;
        if (isLevel(dimension)) {
            boolean fits = toX - fromX > width + 10;
            double beside = dimension.side() == Side.INSIDE ? toX + width / 2 + 6 : fromX - width / 2 - 6;
            return Vector2D.of(fits ? x : beside, y);
        }
        boolean fits = fromY - toY > height + 8;
        double beside = dimension.side() == Side.LEFT ? x - width / 2 - 8 : x + width / 2 + 8;
        return Vector2D.of(fits ? x : beside, y);
    }

    /** Puts the figure there. */
    void place(FigureField field) {
        double width = field.figureWidth();
        double height = field.figureHeight();
        Vector2D middle = figure(width, height);
        field.relocate(Math.rint(middle.getX() - width / 2), Math.rint(middle.getY() - height / 2));
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
        if (!isLevel(dimension)) {
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
        brush.flush();
        brush.line(colour, 1, false);
        tick(brush, toX, toY);
        brush.flush();
    }

    private static void tick(Brush brush, double x, double y) {
        brush.draw(x - TICK, y + TICK, x + TICK, y - TICK);
    }
}
