package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Takes out lines that fall on others: of edges that lie behind each other only one is drawn, and none that is hidden
 * along its whole length under one that is seen. Dashes laid over each other would fill each other's gaps.
 */
final class Overlaps {

    private static final double NEAR = 0.01;

    /** Lines whose directions differ by less than half of this, in radians, are compared. */
    private static final double ANGLE = 0.1;

    /** So are lines whose distances from the origin differ by less than half of this, in millimetres. */
    private static final double OFFSET = 2;

    /** Directions are told from here on, in radians, so that no usual one lies where they begin again. */
    private static final double FIRST = -0.3;

    /** Where the straight line through a stroke lies, in steps of direction and distance. */
    private record Line(double turn, double offset) {

        static Line of(Stroke stroke) {
            double x = stroke.to().getX() - stroke.from().getX();
            double y = stroke.to().getY() - stroke.from().getY();
            double angle = Math.atan2(y, x);
            double turn = angle - Math.PI * Math.floor((angle - FIRST) / Math.PI);
            double offset = Math.cos(turn) * stroke.from().getY() - Math.sin(turn) * stroke.from().getX();
            return new Line(turn / ANGLE, offset / OFFSET);
        }

        Place place() {
            return new Place(Math.round(turn), Math.round(offset));
        }
    }

    /** Lines that are compared lie at the same place or at those that are next to it. */
    private record Place(long turn, long offset) {}

    private record Sized(Stroke stroke, double squared) {

        Sized(Stroke stroke) {
            this(stroke, stroke.from().distanceSq(stroke.to()));
        }
    }

    private static final Comparator<Sized> LONGEST_FIRST = (one, other) -> Double.compare(other.squared, one.squared);

    private final Map<Place, List<Stroke>> places = new HashMap<>();
    private final List<Stroke> kept = new ArrayList<>();

    private Overlaps() {}

    static List<Stroke> removed(List<Stroke> strokes) {
        Overlaps run = new Overlaps();
        strokes.stream().filter(stroke -> stroke.kind() == Stroke.Kind.VISIBLE).forEach(run::keep);
        // The longest first: a shorter line may lie on a longer one, never the other way round.
        strokes.stream().filter(stroke -> stroke.kind() == Stroke.Kind.HIDDEN)
                .map(Sized::new).sorted(LONGEST_FIRST).map(Sized::stroke).filter(stroke -> !run.isCovered(stroke))
                .forEachOrdered(run::keep);
        return run.kept;
    }

    private void keep(Stroke stroke) {
        kept.add(stroke);
        places.computeIfAbsent(Line.of(stroke).place(), place -> new ArrayList<>()).add(stroke);
    }

    private boolean isCovered(Stroke stroke) {
        Line line = Line.of(stroke);
        Place place = line.place();
        long turn = next(line.turn);
        long offset = next(line.offset);
        return isCovered(stroke, place) || isCovered(stroke, new Place(place.turn, offset))
                || isCovered(stroke, new Place(turn, place.offset)) || isCovered(stroke, new Place(turn, offset));
    }

    /** The second nearest whole number. */
    private static long next(double at) {
        long nearest = Math.round(at);
        return at < nearest ? nearest - 1 : nearest + 1;
    }

    private boolean isCovered(Stroke stroke, Place place) {
        List<Stroke> there = places.get(place);
        if (there != null) {
            for (Stroke other : there) {
                if (covers(other, stroke)) {
                    return true;
                }
            }
        }
        return false;
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
