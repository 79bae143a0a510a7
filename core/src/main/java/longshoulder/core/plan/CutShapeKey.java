package longshoulder.core.plan;

import java.util.Arrays;
import java.util.Optional;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Flip;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Stretch;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/** Where the corners of all that is cut lie in the piece's own frame of reference: equal for pieces that are cut alike. */
final class CutShapeKey {

    /** Places are compared in these steps, in millimetres: finer than any tolerance, coarser than the noise of doubles. */
    private static final double STEP = 1e-7;

    /** How many corners each cell has, and before the cells of a step what is done at it. */
    private final int[] structure;
    /** The corners' places along, across and out, one row each. */
    private final double[][] places;
    /** The same places in whole steps, by which they are compared. */
    private final long[] steps;
    private final int hash;
    /** The places in the order that no flip changes. Two threads may both compute them; the results are equal, so no lock is needed. */
    private volatile double @Nullable [][] ordered;

    CutShapeKey(Cutting cutting) {
        structure = structure(cutting);
        int corners = 0;
        for (int count : structure) {
            corners += Math.max(0, count);
        }
        places = new double[3][corners];
        fill(cutting);
        steps = new long[3 * corners];
        for (int axis = 0; axis < 3; axis++) {
            for (int i = 0; i < corners; i++) {
                steps[axis * corners + i] = Math.round(places[axis][i] / STEP);
            }
        }
        hash = 31 * Arrays.hashCode(structure) + Arrays.hashCode(steps);
    }

    private static int[] structure(Cutting cutting) {
        int size = cutting.body().cells().size();
        for (Cutting.Step step : cutting.steps()) {
            size += 1 + step.solid().cells().size();
        }
        int[] structure = new int[size];
        int at = 0;
        for (Cell cell : cutting.body().cells()) {
            structure[at++] = cell.cornerCount();
        }
        for (Cutting.Step step : cutting.steps()) {
            structure[at++] = step.kind().mark();
            for (Cell cell : step.solid().cells()) {
                structure[at++] = cell.cornerCount();
            }
        }
        return structure;
    }

    private void fill(Cutting cutting) {
        Pose pose = cutting.piece().pose();
        int at = 0;
        for (Solid solid : cutting.solids().toList()) {
            for (Cell cell : solid.cells()) {
                for (Vector3D corner : cell.corners()) {
                    Vector3D local = pose.toLocal(corner);
                    places[0][at] = local.getX();
                    places[1][at] = local.getY();
                    places[2][at++] = local.getZ();
                }
            }
        }
    }

    /** How this is carried to another; empty if they are unlike in more than a flip and a stretch. */
    Optional<Stretch> stretchTo(CutShapeKey other, Flip flip) {
        if (!Arrays.equals(structure, other.structure)) {
            return Optional.empty();
        }
        return flip.isNone()
                ? Stretch.between(flip, places, other.places)
                : Stretch.between(flip, inOrder(flip), other.ordered());
    }

    private double[][] ordered() {
        double[][] known = ordered;
        if (known == null) {
            known = inOrder(Flip.NONE);
            ordered = known;
        }
        return known;
    }

    /** The places of the flipped piece, the corners of each cell in an order that no flip changes and no stretch. */
    private double[][] inOrder(Flip flip) {
        double[][] flipped = new double[places.length][places[0].length];
        for (int axis = 0; axis < places.length; axis++) {
            for (int i = 0; i < places[axis].length; i++) {
                flipped[axis][i] = flip.sign(axis) * places[axis][i];
            }
        }
        int first = 0;
        for (int count : structure) {
            for (int i = first; i < first + count; i++) {
                sink(flipped, first, i);
            }
            first += Math.max(0, count);
        }
        return flipped;
    }

    /** Puts a corner where it belongs among those before it. */
    private static void sink(double[][] places, int first, int corner) {
        for (int i = corner; i > first && isBefore(places, i, i - 1); i--) {
            for (double[] row : places) {
                double other = row[i];
                row[i] = row[i - 1];
                row[i - 1] = other;
            }
        }
    }

    private static boolean isBefore(double[][] places, int one, int other) {
        for (double[] row : places) {
            double difference = row[one] - row[other];
            if (Math.abs(difference) > STEP) {
                return difference < 0;
            }
        }
        return false;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof CutShapeKey likeness && hash == likeness.hash
                && Arrays.equals(structure, likeness.structure) && Arrays.equals(steps, likeness.steps);
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
