package longshoulder.core.geometry;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * How a piece gets longer, wider or thicker without being made anew: along each of its axes it falls into parts that are moved as they
 * are, and all that lies between two parts runs straight from the one to the other. A rail whose posts are set apart is such a piece:
 * its ends keep their shape, and only what is plain between them gets longer. The piece may be flipped first: the left leg is the right
 * one's mirror image.
 *
 * <p>All places are in the piece's own frame of reference, in millimetres.
 */
public final class Stretch {

    /** So much lies between two parts at least: far more than what points may differ by that count as one. */
    private static final double ROOM = 0.1;

    /** Ways that differ by less are the same but for the noise of doubles. */
    private static final double NOISE = 1e-8;

    /** What leans against an axis by less than this runs along it but for the noise of doubles. */
    private static final double STRAIGHT = 1e-11;

    private final Axis along;
    private final Axis across;
    private final Axis out;
    private final Flip flip;

    private Stretch(Flip flip, Axis along, Axis across, Axis out) {
        this.flip = flip;
        this.along = along;
        this.across = across;
        this.out = out;
    }

    /** The parts along an axis, in their order. */
    private static final class Axis {

        private static final Axis STILL = new Axis(new double[]{Double.NEGATIVE_INFINITY},
                new double[]{Double.POSITIVE_INFINITY}, new double[]{0});

        /** Where each begins and ends, and how far it is moved. */
        private final double[] first;
        private final double[] last;
        private final double[] way;

        private Axis(double[] first, double[] last, double[] way) {
            this.first = first;
            this.last = last;
            this.way = way;
        }

        /** The fewest parts that are moved from some places to others; empty if none can be. */
        static Optional<Axis> between(double[] from, double[] to) {
            if (farthest(from, to) < NOISE) {
                return Optional.of(STILL);
            }
            // Parts keep their order: sorted by themselves, the places still go with each other.
            return parts(sorted(from), sorted(to)).filter(axis -> axis.carries(from, to));
        }

        private static double farthest(double[] from, double[] to) {
            double farthest = 0;
            for (int i = 0; i < from.length; i++) {
                farthest = Math.max(farthest, Math.abs(to[i] - from[i]));
            }
            return farthest;
        }

        private static double[] sorted(double[] places) {
            double[] sorted = places.clone();
            Arrays.sort(sorted);
            return sorted;
        }

        private static Optional<Axis> parts(double[] from, double[] to) {
            double[] first = new double[from.length];
            double[] last = new double[from.length];
            double[] way = new double[from.length];
            int count = 0;
            for (int i = 0; i < from.length; i++) {
                if (i == 0 || Math.abs(to[i] - from[i] - way[count - 1]) > NOISE) {
                    if (i > 0 && Math.min(from[i] - from[i - 1], to[i] - to[i - 1]) < ROOM) {
                        return Optional.empty();
                    }
                    first[count] = from[i];
                    way[count++] = to[i] - from[i];
                }
                last[count - 1] = from[i];
            }
            return Optional.of(new Axis(Arrays.copyOf(first, count), Arrays.copyOf(last, count),
                    Arrays.copyOf(way, count)));
        }

        private boolean carries(double[] from, double[] to) {
            for (int i = 0; i < from.length; i++) {
                if (Math.abs(moved(from[i]) - to[i]) > NOISE) {
                    return false;
                }
            }
            return true;
        }

        Axis inverse() {
            Axis inverse = new Axis(first.clone(), last.clone(), way.clone());
            for (int i = 0; i < way.length; i++) {
                inverse.first[i] += way[i];
                inverse.last[i] += way[i];
                inverse.way[i] = -way[i];
            }
            return inverse;
        }

        /** The last part that does not begin beyond a place. */
        private int part(double place) {
            int part = first.length - 1;
            while (part > 0 && place < first[part] - ROOM / 2) {
                part--;
            }
            return part;
        }

        double moved(double place) {
            return place + way[part(place)];
        }

        boolean isOnePart() {
            return way.length == 1;
        }

        /** Whether a place lies in a part, not between two of them. */
        boolean holds(double place) {
            return place < last[part(place)] + 10 * Tolerance.LENGTH;
        }
    }

    /**
     * The one that carries corners to others; empty if there is none.
     *
     * @param flip of the piece before it is stretched
     * @param from x, y and z of the flipped corners, one row each
     * @param to the same of as many others
     */
    public static Optional<Stretch> between(Flip flip, double[][] from, double[][] to) {
        return Axis.between(from[0], to[0]).flatMap(along -> Axis.between(from[1], to[1]).flatMap(
                across -> Axis.between(from[2], to[2]).map(out -> new Stretch(flip, along, across, out))));
    }

    /** From the stretched piece back to what was flipped. */
    public Stretch inverse() {
        return new Stretch(Flip.NONE, along.inverse(), across.inverse(), out.inverse());
    }

    /** What is done to the piece before. */
    public Flip flip() {
        return flip;
    }

    /** Where a point of the piece comes to lie. */
    Vector3D point(Vector3D local) {
        Vector3D flipped = flip.of(local);
        return Vector3D.of(along.moved(flipped.getX()), across.moved(flipped.getY()), out.moved(flipped.getZ()));
    }

    /** Whether a solid can be stretched that belongs to a piece with this pose. */
    public boolean suits(Solid solid, Pose pose) {
        return suits(along, flip.of(0, pose.along()), solid, pose)
                && suits(across, flip.of(1, pose.across()), solid, pose)
                && suits(out, flip.of(2, pose.out()), solid, pose);
    }

    /** Whether all points lie in parts, given in the world. */
    boolean holds(List<Vector3D> points, Pose pose) {
        for (Vector3D point : points) {
            Vector3D local = flip.of(pose.toLocal(point));
            if (!along.holds(local.getX()) || !across.holds(local.getY()) || !out.holds(local.getZ())) {
                return false;
            }
        }
        return true;
    }

    private static boolean suits(Axis axis, Vector3D.Unit direction, Solid solid, Pose pose) {
        if (axis.isOnePart()) {
            return true;
        }
        for (Cell cell : solid.cells()) {
            if (!suits(axis, direction, cell, pose)) {
                return false;
            }
        }
        return true;
    }

    /** Whether no corner lies between two parts, and each face that reaches from one part to another runs along the axis. */
    private static boolean suits(Axis axis, Vector3D.Unit direction, Cell cell, Pose pose) {
        Vector3D[] points = cell.points();
        double start = Plain.dot(direction, pose.origin());
        int[] parts = new int[points.length];
        for (int i = 0; i < points.length; i++) {
            double place = Plain.dot(direction, points[i]) - start;
            if (!axis.holds(place)) {
                return false;
            }
            parts[i] = axis.part(place);
        }
        for (int face = 0; face < cell.sides(); face++) {
            boolean straight = Math.abs(Plain.dot(direction, cell.plane(face).normal())) < STRAIGHT;
            if (!straight && isAcross(cell.loops()[face], parts)) {
                return false;
            }
        }
        return true;
    }

    private static boolean isAcross(int[] loop, int[] parts) {
        for (int point : loop) {
            if (parts[point] != parts[loop[0]]) {
                return true;
            }
        }
        return false;
    }
}
