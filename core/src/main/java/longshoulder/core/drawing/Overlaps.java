package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

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

        /** Grows with the angle from x towards y as that does, from -2 to 2, without its cost. */
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

    private record Sized(Stroke stroke, double squared) {

        Sized(Stroke stroke) {
            this(stroke, stroke.from().distanceSq(stroke.to()));
        }
    }

    private static final Comparator<Sized> LONGEST_FIRST = (one, other) -> Double.compare(other.squared, one.squared);

    private final Map<Long, List<Stroke>> places = new HashMap<>();
    private final List<Stroke> kept = new ArrayList<>();

    private Overlaps() {}

    static List<Stroke> removed(List<Stroke> strokes) {
        Overlaps run = new Overlaps();
        run.keep(strokes, Stroke.Kind.VISIBLE);
        run.keep(strokes, Stroke.Kind.HIDDEN);
        return run.kept;
    }

    /** The longest first: a shorter line may lie on a longer one, never the other way round. */
    private void keep(List<Stroke> strokes, Stroke.Kind kind) {
        strokes.stream().filter(stroke -> stroke.kind() == kind).map(Sized::new).sorted(LONGEST_FIRST)
                .map(Sized::stroke).forEachOrdered(this::keepUnlessCovered);
    }

    private void keep(Stroke stroke, Line line) {
        kept.add(stroke);
        places.computeIfAbsent(line.place(), place -> new ArrayList<>()).add(stroke);
    }

    private void keepUnlessCovered(Stroke stroke) {
        Line line = Line.of(stroke);
        Optional<Stroke> over = over(stroke, line);
        if (over.isEmpty()) {
            keep(stroke, line);
        } else if (stroke.kind() == Stroke.Kind.VISIBLE && !over.get().piece().equals(stroke.piece())) {
            kept.add(stroke.as(Stroke.Kind.DOUBLED));
        }
    }

    /** A line on which one falls along its whole length. */
    private Optional<Stroke> over(Stroke stroke, Line line) {
        long turn = next(line.turn);
        long offset = next(line.offset);
        return over(stroke, line.place())
                .or(() -> over(stroke, Line.place(Math.round(line.turn), offset)))
                .or(() -> over(stroke, Line.place(turn, Math.round(line.offset))))
                .or(() -> over(stroke, Line.place(turn, offset)));
    }

    /** The second nearest whole number. */
    private static long next(double at) {
        long nearest = Math.round(at);
        return at < nearest ? nearest - 1 : nearest + 1;
    }

    private Optional<Stroke> over(Stroke stroke, long place) {
        List<Stroke> there = places.get(place);
        if (there != null) {
            for (Stroke other : there) {
                if (covers(other, stroke)) {
                    return Optional.of(other);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean covers(Stroke over, Stroke under) {
        return isOn(over, under.from()) && isOn(over, under.to());
    }

    /** In plain numbers: this is asked some hundred thousand times a drawing. */
    private static boolean isOn(Stroke stroke, Vector2D point) {
        double x = stroke.from().getX();
        double y = stroke.from().getY();
        double wayX = stroke.to().getX() - x;
        double wayY = stroke.to().getY() - y;
        double offX = point.getX() - x;
        double offY = point.getY() - y;
        double squared = wayX * wayX + wayY * wayY;
        double across = wayX * offY - wayY * offX;
        if (across * across > NEAR * NEAR * squared) {
            return false;
        }
        double along = wayX * offX + wayY * offY;
        return along > -NEAR * squared && along < (1 + NEAR) * squared;
    }
}
