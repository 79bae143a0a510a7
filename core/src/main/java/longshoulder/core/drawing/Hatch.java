package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** Slanted lines over a convex face, such as one that a section cuts. Lines of neighbouring faces run on into each other. */
public final class Hatch {

    /** Ends of one line, in millimetres. */
    public record Line(Vector2D from, Vector2D to) {}

    private Hatch() {}

    /**
     * The lines over a face.
     *
     * @param corners of the face, convex, in either turning
     * @param spacing between lines, square to them, in millimetres, more than nothing
     * @param rising whether they rise to the right at 45°, or fall
     */
    public static List<Line> of(List<Vector2D> corners, double spacing, boolean rising) {
        double step = spacing * Math.sqrt(2);
        double least = corners.stream().mapToDouble(corner -> across(corner, rising)).min().orElse(0);
        double greatest = corners.stream().mapToDouble(corner -> across(corner, rising)).max().orElse(0);
        List<Line> lines = new ArrayList<>();
        for (long i = (long) Math.ceil(least / step); i * step <= greatest; i++) {
            crossing(corners, i * step, rising, lines);
        }
        return lines;
    }

    /** What is the same all along one line: y − x for a rising one. */
    private static double across(Vector2D point, boolean rising) {
        return rising ? point.getY() - point.getX() : point.getY() + point.getX();
    }

    private static void crossing(List<Vector2D> corners, double at, boolean rising, List<Line> lines) {
        List<Vector2D> ends = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Vector2D from = corners.get(i);
            Vector2D to = corners.get((i + 1) % corners.size());
            double a = across(from, rising) - at;
            double b = across(to, rising) - at;
            if (a < 0 != b < 0) {
                ends.add(from.lerp(to, a / (a - b)));
            }
        }
        if (ends.size() == 2) {
            lines.add(new Line(ends.get(0), ends.get(1)));
        }
    }
}
