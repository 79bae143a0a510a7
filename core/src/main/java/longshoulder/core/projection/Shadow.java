package longshoulder.core.projection;

import java.util.Arrays;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Plain;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * All points that a convex cell hides from the eye: the cell itself and everything behind it.
 *
 * <p>A point p is hidden if p + t·e lies in the cell for some t ≥ 0, e pointing to the eye. Taking t out of the cell's
 * inequalities n·p ≤ d (Fourier–Motzkin) leaves: those with n·e ≥ 0 as they are, and for each one facing the eye with
 * each one facing away the combination without t. Surplus inequalities do no harm. Exact up to rounding.
 */
final class Shadow {

    /** How far a seam seen edge on is widened. */
    static final double SEAM = 3 * Tolerance.LENGTH;

    /** No part at all: it ends before it begins. */
    private static final double[] NONE = {1, 0};

    /** Normal and offset of each half space, one after the other: they are asked of some hundred thousand edges a picture. */
    private final double[] bounds;
    private final Extent box;

    Shadow(Hiding hiding, View view) {
        Cell cell = hiding.cell();
        HalfSpace[] towards = new HalfSpace[cell.sides()];
        HalfSpace[] sides = new HalfSpace[cell.sides()];
        HalfSpace[] away = new HalfSpace[cell.sides()];
        int towardsCount = 0;
        int sidesCount = 0;
        int awayCount = 0;
        for (int i = 0; i < cell.sides(); i++) {
            HalfSpace plane = cell.plane(i);
            double facing = Plain.dot(plane.normal(), view.toEye());
            if (facing > Tolerance.DIRECTION) {
                towards[towardsCount++] = plane;
            } else if (facing < -Tolerance.DIRECTION) {
                away[awayCount++] = plane;
            } else {
                // Lines along a seam seen edge on are hidden by the wood on both sides of it, not seen through a crack.
                sides[sidesCount++] = hiding.seams().get(i) ? plane.moved(SEAM) : plane;
            }
        }
        box = Extent.of(cell.corners(), view);
        // Those that look at the eye first: most of what shares the shadow's place in the picture lies before the cell.
        double[] all = new double[4 * (towardsCount + sidesCount + towardsCount * awayCount)];
        int count = put(all, 0, towards, towardsCount);
        count = put(all, count, sides, sidesCount);
        for (int front = 0; front < towardsCount; front++) {
            for (int back = 0; back < awayCount; back++) {
                count = combine(towards[front], away[back], view, all, count);
            }
        }
        bounds = count == all.length ? all : Arrays.copyOf(all, count);
    }

    private static int put(double[] all, int from, HalfSpace[] planes, int count) {
        int at = from;
        for (int i = 0; i < count; i++) {
            at = put(all, at, planes[i].normal(), 1, planes[i].offset());
        }
        return at;
    }

    private static int put(double[] all, int at, Vector3D normal, double size, double offset) {
        all[at] = normal.getX() / size;
        all[at + 1] = normal.getY() / size;
        all[at + 2] = normal.getZ() / size;
        all[at + 3] = offset / size;
        return at + 4;
    }

    private static int combine(HalfSpace front, HalfSpace back, View view, double[] all, int at) {
        double f = Plain.dot(front.normal(), view.toEye());
        double b = -Plain.dot(back.normal(), view.toEye());
        Vector3D normal = front.normal().multiply(b).add(back.normal().multiply(f));
        double size = Math.sqrt(Plain.dot(normal, normal));
        return size > Tolerance.DIRECTION
                ? put(all, at, normal, size, front.offset() * b + back.offset() * f)
                : at;
    }

    /** Whether what has this box in the picture can lie in the shadow at all: a quick test. */
    boolean mayHide(Extent other) {
        return box.meets(other, SEAM);
    }

    /** The box round the cell in the picture. */
    Extent box() {
        return box;
    }

    /**
     * The part of the stretch from a to b that is hidden, as shares of its length; none if the first is not below
     * the second.
     */
    double[] hidden(Vector3D a, Vector3D b) {
        double start = 0;
        double end = 1;
        for (int i = 0; i < bounds.length; i += 4) {
            double atA = distance(i, a) + Tolerance.LENGTH;
            double atB = distance(i, b) + Tolerance.LENGTH;
            if (atA >= 0 && atB >= 0) {
                return NONE;
            }
            if (atA > 0) {
                start = Math.max(start, atA / (atA - atB));
            } else if (atB > 0) {
                end = Math.min(end, atA / (atA - atB));
            }
            if (start >= end) {
                return NONE;
            }
        }
        return new double[]{start, end};
    }

    private double distance(int bound, Vector3D point) {
        return bounds[bound] * point.getX() + bounds[bound + 1] * point.getY() + bounds[bound + 2] * point.getZ()
                - bounds[bound + 3];
    }
}
