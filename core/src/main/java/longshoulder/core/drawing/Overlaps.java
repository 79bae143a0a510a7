package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Takes out lines that fall on others: of edges that lie behind each other only one is drawn, and none that is hidden
 * along its whole length under one that is seen. Dashes laid over each other would fill each other's gaps.
 */
final class Overlaps {

    private static final double NEAR = 0.01;

    private Overlaps() {}

    static List<Stroke> removed(List<Stroke> strokes) {
        List<Stroke> kept = new ArrayList<>();
        for (Stroke stroke : strokes) {
            if (stroke.kind() == Stroke.Kind.VISIBLE) {
                kept.add(stroke);
            }
        }
        // The longest first: a shorter line may lie on a longer one, never the other way round.
        List<Stroke> hidden = strokes.stream().filter(stroke -> stroke.kind() == Stroke.Kind.HIDDEN)
                .sorted(Comparator.comparingDouble((Stroke stroke) -> stroke.from().distanceSq(stroke.to())).reversed())
                .toList();
        for (Stroke stroke : hidden) {
            if (kept.stream().noneMatch(other -> covers(other, stroke))) {
                kept.add(stroke);
            }
        }
        return kept;
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
