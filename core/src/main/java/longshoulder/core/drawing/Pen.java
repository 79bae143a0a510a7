package longshoulder.core.drawing;

/**
 * Draws what a page describes: on a screen, on paper, into a file. Everything is told in millimetres of paper from the page's upper left
 * corner, y downwards. A pen says how wide its text is; one that draws no text says 0.
 */
public interface Pen extends TextMeasure {

    /** What follows belongs to a group; for pens that draw in millimetres of the piece. */
    default void begin(Page.Group group) {}

    void line(double fromX, double fromY, double toX, double toY, Meaning meaning);

    /**
     * A part of a circle.
     *
     * @param start where it begins, in degrees from the right, anticlockwise as it is seen
     * @param sweep how far it runs anticlockwise from there, in degrees, more than nothing
     */
    void arc(double x, double y, double radius, double start, double sweep, Meaning meaning);

    /** Fills a convex face. */
    void face(double[] xs, double[] ys, Tint tint);

    /**
     * Writes a text.
     *
     * @param x where it begins
     * @param y of the line that it stands on
     * @param size of the typeface
     */
    void text(double x, double y, String text, double size, boolean bold, Meaning meaning);

    /**
     * Writes a figure such as "49 5/8"; a pen that can set parts of a text smaller draws its fraction as one.
     *
     * @param x where it begins
     * @param y of the line that it stands on
     */
    default void figure(double x, double y, String figure, double size, boolean bold, Meaning meaning) {
        FigureRun.of(figure, size, bold, this)
                .forEach(run -> text(x + run.x(), y + run.down(), run.text(), run.size(), bold, meaning));
    }

    /** Hatches a convex face with slanted lines. */
    default void hatch(Mark.Hatched hatched, Placement at) {
        hatched.lines(at).forEach(line -> line(at.x(line.from()), at.y(line.from()), at.x(line.to()),
                at.y(line.to()), hatched.meaning()));
    }
}
