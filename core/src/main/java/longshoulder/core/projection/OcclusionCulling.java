package longshoulder.core.projection;

import java.util.Arrays;
import java.util.List;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Leaves out faces that lie wholly under one nearer face, such as those of the back legs seen from the front: painting slanted ones is the
 * dearest part of showing a drawing.
 */
final class OcclusionCulling {

    /** In millimetres. */
    private static final double NEAR = 0.01;

    private final Patch[] kept;
    /** The corners of each, x and y by turns. */
    private final double[][] outlines;
    /** Left, low, right and high of the box round each, in one row: most pairs are told apart by it. */
    private final double[] boxes;
    private int count;

    private OcclusionCulling(int most) {
        kept = new Patch[most];
        outlines = new double[most][];
        boxes = new double[4 * most];
    }

    /** @param patches farthest first, as those are that are left */
    static List<Patch> of(List<Patch> patches) {
        OcclusionCulling run = new OcclusionCulling(patches.size());
        for (int i = patches.size() - 1; i >= 0; i--) {
            run.keepUnlessCovered(patches.get(i));
        }
        return List.of(Arrays.copyOf(run.kept, run.count)).reversed();
    }

    private void keepUnlessCovered(Patch patch) {
        Extent box = Extent.of(patch.corners());
        double[] outline = outline(patch.corners());
        for (int i = 0; i < count; i++) {
            int at = 4 * i;
            if (box.left() > boxes[at] && box.low() > boxes[at + 1] && box.right() < boxes[at + 2]
                    && box.high() < boxes[at + 3] && isInside(outline, outlines[i])) {
                return;
            }
        }
        boxes[4 * count] = box.left() - NEAR;
        boxes[4 * count + 1] = box.low() - NEAR;
        boxes[4 * count + 2] = box.right() + NEAR;
        boxes[4 * count + 3] = box.high() + NEAR;
        outlines[count] = outline;
        kept[count++] = patch;
    }

    private static double[] outline(List<Vector2D> corners) {
        double[] outline = new double[2 * corners.size()];
        for (int i = 0; i < corners.size(); i++) {
            outline[2 * i] = corners.get(i).getX();
            outline[2 * i + 1] = corners.get(i).getY();
        }
        return outline;
    }

    /** Whether points lie in a convex face, whose corners run anticlockwise since it looks at the eye. */
    private static boolean isInside(double[] points, double[] face) {
        double fromX = face[face.length - 2];
        double fromY = face[face.length - 1];
        for (int i = 0; i < face.length; i += 2) {
            if (reachesBeyond(points, fromX, fromY, face[i] - fromX, face[i + 1] - fromY)) {
                return false;
            }
            fromX = face[i];
            fromY = face[i + 1];
        }
        return true;
    }

    /** Whether any point lies to the right of a way. */
    private static boolean reachesBeyond(double[] points, double fromX, double fromY, double wayX, double wayY) {
        double most = NEAR * Math.sqrt(wayX * wayX + wayY * wayY);
        for (int i = 0; i < points.length; i += 2) {
            if ((points[i] - fromX) * wayY - (points[i + 1] - fromY) * wayX > most) {
                return true;
            }
        }
        return false;
    }
}
