package longshoulder.core.drawing;

import java.util.Arrays;
import java.util.List;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Leaves out faces that lie wholly under one nearer face, such as those of the back legs seen from the front: painting slanted ones is the
 * dearest part of showing a drawing.
 */
final class Uncovered {

    /** In millimetres. */
    private static final double NEAR = 0.01;

    private final Patch[] kept;
    /** Left, low, right and high of the box round each, in one row: most pairs are told apart by it. */
    private final double[] boxes;
    private int count;

    private Uncovered(int most) {
        kept = new Patch[most];
        boxes = new double[4 * most];
    }

    /** @param patches farthest first, as those are that are left */
    static List<Patch> of(List<Patch> patches) {
        Uncovered run = new Uncovered(patches.size());
        patches.reversed().forEach(run::keepUnlessCovered);
        return List.of(Arrays.copyOf(run.kept, run.count)).reversed();
    }

    private void keepUnlessCovered(Patch patch) {
        Extent box = Extent.of(patch.corners());
        for (int i = 0; i < count; i++) {
            int at = 4 * i;
            if (box.left() > boxes[at] && box.low() > boxes[at + 1] && box.right() < boxes[at + 2]
                    && box.high() < boxes[at + 3] && isInside(patch.corners(), kept[i].corners())) {
                return;
            }
        }
        boxes[4 * count] = box.left() - NEAR;
        boxes[4 * count + 1] = box.low() - NEAR;
        boxes[4 * count + 2] = box.right() + NEAR;
        boxes[4 * count + 3] = box.high() + NEAR;
        kept[count++] = patch;
    }

    /** Whether points lie in a convex face, whose corners run anticlockwise since it looks at the eye. */
    private static boolean isInside(List<Vector2D> points, List<Vector2D> face) {
        Vector2D from = face.getLast();
        for (Vector2D to : face) {
            if (reachesBeyond(points, from, to)) {
                return false;
            }
            from = to;
        }
        return true;
    }

    /** Whether any lies to the right of the way from one point to another. */
    private static boolean reachesBeyond(List<Vector2D> points, Vector2D from, Vector2D to) {
        double x = to.getX() - from.getX();
        double y = to.getY() - from.getY();
        double most = NEAR * Math.sqrt(x * x + y * y);
        for (Vector2D point : points) {
            if ((point.getX() - from.getX()) * y - (point.getY() - from.getY()) * x > most) {
                return true;
            }
        }
        return false;
    }
}
