package longshoulder.core.projection;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Takes out lines that fall on others: of edges that lie behind each other only one is drawn, and none that is hidden
 * along its whole length under one that is seen. Dashes laid over each other would fill each other's gaps. What is seen of one piece
 * and falls on a line of another is kept, but told apart.
 */
final class Overlaps {

    private static final double NEAR = 0.01;

    /** Lines whose directions differ by less than half of this, in quarters of a turn, are compared. */
    private static final double ANGLE = 0.06;

    /** So are lines whose distances from the origin differ by less than half of this, in millimetres. */
    private static final double OFFSET = 2;

    /** Directions are told from here on, in quarters of a turn, so that no usual one lies where they begin again. */
    private static final double FIRST = -0.2;

    /** Where the straight line through a stroke lies, in steps of direction and distance. */
    private record Line(double turn, double offset) {

        static Line of(Stroke stroke) {
            double x = stroke.to().getX() - stroke.from().getX();
            double y = stroke.to().getY() - stroke.from().getY();
            double quarters = quarters(x, y);
            double halfTurns = Math.floor((quarters - FIRST) / 2);
            double offset = (x * stroke.from().getY() - y * stroke.from().getX()) / Math.sqrt(x * x + y * y);
            // A line is the same whichever way it is drawn.
            return new Line((quarters - 2 * halfTurns) / ANGLE, (halfTurns == 0 ? offset : -offset) / OFFSET);
        }

        /** A number from -2 to 2 that grows with the angle from x towards y, and is cheaper to compute. */
        private static double quarters(double x, double y) {
            double share = x / (Math.abs(x) + Math.abs(y));
            return y < 0 ? share - 1 : 1 - share;
        }

        /** Lines that are compared lie at the same place or at those that are next to it. */
        long place() {
            return place(Math.round(turn), Math.round(offset));
        }

        static long place(long turn, long offset) {
            return (turn << Integer.SIZE) + offset;
        }
    }

    /** Strokes at one place, their figures side by side: they are gone through some hundred thousand times a drawing. */
    private static final class Bundle {

        private static final int FIGURES = 5;

        private final List<Stroke> strokes = new ArrayList<>();
        /** Of each where it begins, where it goes from there, and the square of its length. */
        private double[] figures = new double[4 * FIGURES];

        void add(Stroke stroke) {
            int at = FIGURES * strokes.size();
            if (at == figures.length) {
                figures = Arrays.copyOf(figures, 2 * at);
            }
            double wayX = stroke.to().getX() - stroke.from().getX();
            double wayY = stroke.to().getY() - stroke.from().getY();
            figures[at] = stroke.from().getX();
            figures[at + 1] = stroke.from().getY();
            figures[at + 2] = wayX;
            figures[at + 3] = wayY;
            figures[at + 4] = wayX * wayX + wayY * wayY;
            strokes.add(stroke);
        }

        /** The first on which another one falls along its whole length. */
        @Nullable
        Stroke over(Stroke stroke) {
            double fromX = stroke.from().getX();
            double fromY = stroke.from().getY();
            double toX = stroke.to().getX();
            double toY = stroke.to().getY();
            for (int i = 0; i < strokes.size(); i++) {
                if (isOn(FIGURES * i, fromX, fromY) && isOn(FIGURES * i, toX, toY)) {
                    return strokes.get(i);
                }
            }
            return null;
        }

        private boolean isOn(int at, double pointX, double pointY) {
            double offX = pointX - figures[at];
            double offY = pointY - figures[at + 1];
            double wayX = figures[at + 2];
            double wayY = figures[at + 3];
            double squared = figures[at + 4];
            double across = wayX * offY - wayY * offX;
            if (across * across > NEAR * NEAR * squared) {
                return false;
            }
            double along = wayX * offX + wayY * offY;
            return along > -NEAR * squared && along < (1 + NEAR) * squared;
        }
    }

    private final Map<Long, Bundle> places = new HashMap<>();
    private final List<Stroke> kept = new ArrayList<>();

    private Overlaps() {}

    /** What is left of some lines; it may be asked again with more of them. */
    static List<Stroke> removed(List<Stroke> strokes) {
        Overlaps run = new Overlaps();
        run.keep(strokes, Stroke.Kind.VISIBLE);
        strokes.stream().filter(stroke -> stroke.kind() == Stroke.Kind.DOUBLED).forEach(run.kept::add);
        run.keep(strokes, Stroke.Kind.HIDDEN);
        return run.kept;
    }

    /** The longest first: a shorter line may lie on a longer one, never the other way round. */
    private void keep(List<Stroke> strokes, Stroke.Kind kind) {
        long[] order = new long[strokes.size()];
        int count = 0;
        for (int i = 0; i < order.length; i++) {
            if (strokes.get(i).kind() == kind) {
                order[count++] = longestFirst(strokes.get(i), i);
            }
        }
        Arrays.sort(order, 0, count);
        for (int i = 0; i < count; i++) {
            keepUnlessCovered(strokes.get((int) order[i]));
        }
    }

    /** The length in the upper half, longer ones lower, and the place in the list below it: such numbers are sorted at once. */
    private static long longestFirst(Stroke stroke, int place) {
        float squared = (float) stroke.from().distanceSq(stroke.to());
        return ((long) (Integer.MAX_VALUE - Float.floatToIntBits(squared)) << Integer.SIZE) + place;
    }

    private void keep(Stroke stroke, Line line) {
        kept.add(stroke);
        places.computeIfAbsent(line.place(), place -> new Bundle()).add(stroke);
    }

    private void keepUnlessCovered(Stroke stroke) {
        Line line = Line.of(stroke);
        Stroke over = over(stroke, line);
        if (over == null) {
            keep(stroke, line);
        } else if (stroke.kind() == Stroke.Kind.VISIBLE && !over.piece().equals(stroke.piece())) {
            kept.add(stroke.as(Stroke.Kind.DOUBLED));
        }
    }

    /** A line on which one falls along its whole length, if there is one at any place where it may lie. */
    private @Nullable Stroke over(Stroke stroke, Line line) {
        long[] turns = {Math.round(line.turn), next(line.turn)};
        long[] offsets = {Math.round(line.offset), next(line.offset)};
        for (long turn : turns) {
            for (long offset : offsets) {
                Bundle there = places.get(Line.place(turn, offset));
                Stroke over = there == null ? null : there.over(stroke);
                if (over != null) {
                    return over;
                }
            }
        }
        return null;
    }

    /** The second nearest whole number. */
    private static long next(double at) {
        long nearest = Math.round(at);
        return at < nearest ? nearest - 1 : nearest + 1;
    }
}
