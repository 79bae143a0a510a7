package longshoulder.core.drawing;

import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * The line of a figure, its ticks and the thin lines that lead to it.
 *
 * @param figure as the design shows it, such as "49 5/8"
 * @param from one end of what is measured, in the picture, in millimetres of the piece
 * @param to the other end
 * @param line where the figure's line lies, in millimetres of the piece: its y if it is level, else its x
 */
public record DimensionLine(Dimension dimension, String figure, Vector2D from, Vector2D to, double line) {

    /** The size of figures, in millimetres of paper. */
    public static final double SIZE = 3.84;

    /** Lines stand so far from the box round a view, and so far from each other, in millimetres of paper. */
    static final double NEAREST = 4.8;
    static final double STEP_ACROSS = 6.9;
    static final double STEP_DOWN = 11.1;

    private static final double TICK = 1.06;
    /** Between what is measured and the thin line that leads from it. */
    private static final double OFF = 1.06;
    /** A figure has its place between the ticks if it leaves so much room. */
    private static final double SPARE_ACROSS = 2.6;
    private static final double SPARE_DOWN = 2.1;
    private static final double BESIDE_ACROSS = 1.6;
    private static final double BESIDE_DOWN = 2.1;
    /** How high a figure is, and how far its line of digits stands above its middle, in sizes. */
    private static final double HEIGHT = 1.2;
    private static final double MIDDLE = 0.33;
    /** A figure keeps so much of its line free at both ends. */
    private static final double CLEAR = 0.8;

    /** Places a figure round its view. */
    static DimensionLine of(PlacedView view, Dimension dimension, String figure) {
        Vector2D from = view.view().flat(dimension.from());
        Vector2D to = view.view().flat(dimension.to());
        double away = (NEAREST + dimension.rank() * (isLevel(dimension) ? STEP_ACROSS : STEP_DOWN))
                / view.placement().scale();
        var box = view.projection().extent();
        double line = switch (dimension.side()) {
            case ABOVE -> box.high() + away;
            case BELOW -> box.low() - away;
            case LEFT -> box.left() - away;
            case RIGHT -> box.right() + away;
            case INSIDE -> from.getY() - NEAREST / view.placement().scale();
        };
        return new DimensionLine(dimension, figure, from, to, line);
    }

    private static boolean isLevel(Dimension dimension) {
        return dimension.side() == Side.ABOVE || dimension.side() == Side.BELOW || dimension.side() == Side.INSIDE;
    }

    private boolean isLevel() {
        return isLevel(dimension);
    }

    /** Whether the maker gave it. */
    public boolean isGiven() {
        return dimension.amount() instanceof Amount.Given;
    }

    /** Where the line begins, on the page: at its left or its lower end. */
    private Vector2D begin(Placement at) {
        return isLevel()
                ? Vector2D.of(Math.min(at.x(from), at.x(to)), at.y(Vector2D.of(0, line)))
                : Vector2D.of(at.x(Vector2D.of(line, 0)), Math.max(at.y(from), at.y(to)));
    }

    private Vector2D end(Placement at) {
        return isLevel()
                ? Vector2D.of(Math.max(at.x(from), at.x(to)), at.y(Vector2D.of(0, line)))
                : Vector2D.of(at.x(Vector2D.of(line, 0)), Math.min(at.y(from), at.y(to)));
    }

    /**
     * The middle of its figure on the page; one that does not fit between the ticks stands beside them.
     *
     * @param width of the figure, in millimetres of paper
     * @param height of the figure
     */
    public Vector2D figureAt(Placement at, double width, double height) {
        Vector2D begin = begin(at);
        Vector2D end = end(at);
        double x = (begin.getX() + end.getX()) / 2;
        double y = (begin.getY() + end.getY()) / 2;
        if (isLevel()) {
            double beside = dimension.side() == Side.INSIDE
                    ? end.getX() + width / 2 + BESIDE_ACROSS
                    : begin.getX() - width / 2 - BESIDE_ACROSS;
            return Vector2D.of(isBetween(begin, end, width, height) ? x : beside, y);
        }
        double off = width / 2 + BESIDE_DOWN;
        double beside = dimension.side() == Side.LEFT ? x - off : x + off;
        return Vector2D.of(isBetween(begin, end, width, height) ? x : beside, y);
    }

    private boolean isBetween(Vector2D begin, Vector2D end, double width, double height) {
        return isLevel()
                ? end.getX() - begin.getX() > width + SPARE_ACROSS
                : begin.getY() - end.getY() > height + SPARE_DOWN;
    }

    /** The box round the figure on the page, as wide as a pen writes it. */
    Area figureArea(Placement at, TextMeasure measure) {
        double width = FigureRun.width(figure, SIZE, isGiven(), measure);
        Vector2D middle = figureAt(at, width, HEIGHT * SIZE);
        return new Area(middle.getX() - width / 2, middle.getY() - HEIGHT * SIZE / 2, width, HEIGHT * SIZE);
    }

    /** The box round the lines on the page. */
    public Area area(Placement at) {
        Vector2D begin = begin(at);
        Vector2D end = end(at);
        double left = Math.min(begin.getX() - TICK, Math.min(at.x(from), at.x(to)));
        double top = Math.min(end.getY() - TICK, Math.min(at.y(from), at.y(to)));
        double right = Math.max(end.getX() + TICK, Math.max(at.x(from), at.x(to)));
        double bottom = Math.max(begin.getY() + TICK, Math.max(at.y(from), at.y(to)));
        return new Area(left, top, right - left, bottom - top);
    }

    void draw(Pen pen, Placement at) {
        Vector2D begin = begin(at);
        Vector2D end = end(at);
        Meaning meaning = isGiven() ? Meaning.GIVEN : Meaning.DERIVED;
        leadTo(pen, at.onPage(from), begin);
        leadTo(pen, at.onPage(to), end);
        double width = FigureRun.width(figure, SIZE, isGiven(), pen);
        drawLine(pen, begin, end, width, meaning);
        tick(pen, begin, meaning);
        tick(pen, end, meaning);
        if (width > 0) {
            Vector2D middle = figureAt(at, width, HEIGHT * SIZE);
            pen.figure(middle.getX() - width / 2, middle.getY() + MIDDLE * SIZE, figure, SIZE, isGiven(), meaning);
        }
    }

    /** From a point that is measured to the figure's line. */
    private void leadTo(Pen pen, Vector2D measured, Vector2D tick) {
        if (isLevel()) {
            double off = Math.copySign(OFF, tick.getY() - measured.getY());
            pen.line(measured.getX(), measured.getY() + off, measured.getX(), tick.getY(), Meaning.EXTENSION);
        } else {
            double off = Math.copySign(OFF, tick.getX() - measured.getX());
            pen.line(measured.getX() + off, measured.getY(), tick.getX(), measured.getY(), Meaning.EXTENSION);
        }
    }

    /** In two parts where a figure stands on it. */
    private void drawLine(Pen pen, Vector2D begin, Vector2D end, double width, Meaning meaning) {
        if (width <= 0 || !isBetween(begin, end, width, HEIGHT * SIZE)) {
            pen.line(begin.getX(), begin.getY(), end.getX(), end.getY(), meaning);
            return;
        }
        Vector2D middle = begin.lerp(end, 0.5);
        double half = isLevel() ? width / 2 + CLEAR : HEIGHT * SIZE / 2;
        Vector2D off = begin.directionTo(end).multiply(half);
        Vector2D before = middle.subtract(off);
        Vector2D after = middle.add(off);
        pen.line(begin.getX(), begin.getY(), before.getX(), before.getY(), meaning);
        pen.line(after.getX(), after.getY(), end.getX(), end.getY(), meaning);
    }

    private static void tick(Pen pen, Vector2D at, Meaning meaning) {
        pen.line(at.getX() - TICK, at.getY() + TICK, at.getX() + TICK, at.getY() - TICK, meaning);
    }
}
