package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;

/**
 * A part of a figure that is set in one size: of "49 5/8" the whole number, then a small numerator, the stroke and a small denominator.
 *
 * @param x where it begins, from the figure's own beginning
 * @param down how far it stands below the line of the figure; less than nothing for above
 */
public record FigureRun(String text, double x, double down, double size) {

    private static final double SMALL = 0.72;
    /** How far a numerator stands above the line and a denominator below it, in sizes. */
    private static final double RAISED = 0.27;
    private static final double LOWERED = 0.05;
    private static final double SPACE = 0.25;
    private static final double BEFORE_FRACTION = 0.08;
    /** The stroke of a fraction reaches under the digits beside it. */
    private static final double UNDERCUT = 0.04;
    private static final String STROKE = "\u2044";

    /** The parts of a figure from left to right. */
    public static List<FigureRun> of(String figure, double size, boolean bold, TextMeasure measure) {
        List<FigureRun> runs = new ArrayList<>();
        double x = 0;
        for (String word : figure.split(" ", -1)) {
            int slash = word.indexOf('/');
            if (slash <= 0) {
                x += x > 0 ? SPACE * size : 0;
                runs.add(new FigureRun(word, x, 0, size));
                x += measure.width(word, size, bold);
                continue;
            }
            x += x > 0 ? BEFORE_FRACTION * size : 0;
            String numerator = word.substring(0, slash);
            runs.add(new FigureRun(numerator, x, -RAISED * size, SMALL * size));
            x += measure.width(numerator, SMALL * size, bold) - UNDERCUT * size;
            runs.add(new FigureRun(STROKE, x, 0, size));
            x += measure.width(STROKE, size, bold) - UNDERCUT * size;
            String denominator = word.substring(slash + 1);
            runs.add(new FigureRun(denominator, x, LOWERED * size, SMALL * size));
            x += measure.width(denominator, SMALL * size, bold);
        }
        return runs;
    }

    /** How wide a figure is, in the measure's own typeface. */
    public static double width(String figure, double size, boolean bold, TextMeasure measure) {
        FigureRun last = of(figure, size, bold, measure).getLast();
        return last.x + measure.width(last.text, last.size, bold);
    }
}
