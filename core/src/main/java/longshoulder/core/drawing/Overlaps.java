package longshoulder.core.drawing;

import java.util.ArrayList;
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
        for (Stroke stroke : strokes) {
            if (stroke.kind() == Stroke.Kind.HIDDEN && kept.stream().noneMatch(other -> covers(other, stroke))) {
                kept.add(stroke);
            }
        }
        return kept;
    }

    private static boolean covers(Stroke over, Stroke under) {
        return isOn(over, under.from()) && isOn(over, under.to());
    }

    private static boolean isOn(Stroke stroke, Vector2D point) {
        Vector2D way = stroke.to().subtract(stroke.from());
        Vector2D offset = point.subtract(stroke.from());
        double along = offset.dot(way) / way.normSq();
        return along > -NEAR && along < 1 + NEAR && Math.abs(way.signedArea(offset)) < NEAR * way.norm();
    }
}
