package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A part of a text that is set in one size: of "49 5/8" the whole number, then a small numerator, the stroke and a small denominator.
 *
 * @param x where it begins, from the figure's own beginning
 * @param down how far it stands below the line of the figure; less than nothing for above
 */
public record FigureRun(String text, double x, double down, double size) {

    private static final double SMALL = 0.72;
    /** How far a numerator stands above the line and a denominator below it, in sizes. */
    private static final double RAISED = 0.27;
    private static final double LOWERED = 0.05;
    private static final double BEFORE_FRACTION = 0.08;
    /** The stroke of a fraction reaches under the digits beside it. */
    private static final double UNDERCUT = 0.04;
    private static final String STROKE = "\u2044";

    /** The space before a fraction goes: it stands close to its whole number. */
    private static final Pattern FRACTION = Pattern.compile("(?: |(?<!\\S))(\\d+)/(\\d+)(?![\\d/])");

    /** The parts of a text from left to right: a text without fractions is one. */
    public static List<FigureRun> of(String text, double size, boolean bold, TextMeasure measure) {
        List<FigureRun> runs = new ArrayList<>();
        Matcher fractions = FRACTION.matcher(text);
        double x = 0;
        int from = 0;
        while (fractions.find()) {
            String before = text.substring(from, fractions.start());
            if (!before.isEmpty()) {
                runs.add(new FigureRun(before, x, 0, size));
                x += measure.width(before, size, bold) + BEFORE_FRACTION * size;
            }
            x = fraction(fractions.group(1), fractions.group(2), x, size, bold, measure, runs);
            from = fractions.end();
        }
        if (from < text.length() || runs.isEmpty()) {
            runs.add(new FigureRun(text.substring(from), x, 0, size));
        }
        return runs;
    }

    /** Adds the parts of a fraction that begins at x; gives where it ends. */
    private static double fraction(String numerator, String denominator, double x, double size, boolean bold,
            TextMeasure measure, List<FigureRun> runs) {
        runs.add(new FigureRun(numerator, x, -RAISED * size, SMALL * size));
        double stroke = x + measure.width(numerator, SMALL * size, bold) - UNDERCUT * size;
        runs.add(new FigureRun(STROKE, stroke, 0, size));
        double below = stroke + measure.width(STROKE, size, bold) - UNDERCUT * size;
        runs.add(new FigureRun(denominator, below, LOWERED * size, SMALL * size));
        return below + measure.width(denominator, SMALL * size, bold);
    }

    /** How wide a figure is, in the measure's own typeface. */
    public static double width(String figure, double size, boolean bold, TextMeasure measure) {
        FigureRun last = of(figure, size, bold, measure).getLast();
        return last.x + measure.width(last.text, last.size, bold);
    }
}
