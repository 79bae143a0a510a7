package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Polygon;
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

    private final HalfSpace[] bounds;
    private final Extent box;

    Shadow(Cell cell, List<Cell> whole, View view) {
        List<HalfSpace> sides = new ArrayList<>();
        List<HalfSpace> towards = new ArrayList<>();
        List<HalfSpace> away = new ArrayList<>();
        for (Polygon face : cell.faces()) {
            double facing = face.plane().normal().dot(view.toEye());
            if (facing > Tolerance.DIRECTION) {
                towards.add(face.plane());
            } else if (facing < -Tolerance.DIRECTION) {
                away.add(face.plane());
            } else {
                sides.add(seam(face, cell, whole) ? widened(face.plane()) : face.plane());
            }
        }
        box = Extent.of(cell.corners().stream().map(view::flat).toList());
        for (HalfSpace front : towards) {
            for (HalfSpace back : away) {
                combine(front, back, view, sides);
            }
        }
        // Those that look at the eye first: most of what shares the shadow's place in the picture lies before the cell.
        bounds = Stream.concat(towards.stream(), sides.stream()).toArray(HalfSpace[]::new);
    }

    /** Whether the wood goes on in another cell beyond this face. */
    private static boolean seam(Polygon face, Cell cell, List<Cell> whole) {
        for (Cell other : whole) {
            if (other != cell && touches(other, face)) {
                return true;
            }
        }
        return false;
    }

    private static boolean touches(Cell other, Polygon face) {
        for (Polygon theirs : other.faces()) {
            if (theirs.plane().faces(face.plane())) {
                return true;
            }
        }
        return false;
    }

    /** Lines that run along a seam seen edge on are hidden by the wood on both sides of it, not seen through a crack. */
    private static HalfSpace widened(HalfSpace plane) {
        return new HalfSpace(plane.normal(), plane.offset() + SEAM);
    }

    private static void combine(HalfSpace front, HalfSpace back, View view, List<HalfSpace> sides) {
        double f = front.normal().dot(view.toEye());
        double b = -back.normal().dot(view.toEye());
        Vector3D normal = front.normal().multiply(b).add(back.normal().multiply(f));
        double size = normal.norm();
        if (size > Tolerance.DIRECTION) {
            sides.add(new HalfSpace(normal.normalize(), (front.offset() * b + back.offset() * f) / size));
        }
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
        for (HalfSpace bound : bounds) {
            double atA = bound.distance(a) + Tolerance.LENGTH;
            double atB = bound.distance(b) + Tolerance.LENGTH;
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
}
