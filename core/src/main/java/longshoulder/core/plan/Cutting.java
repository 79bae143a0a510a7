package longshoulder.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * How the solid of a piece comes about: its body, and one after the other what is cut out of it and added to it.
 *
 * @param alike equal for pieces that are cut alike
 */
record Cutting(Piece piece, Solid body, List<Step> steps, Likeness alike) {

    /** @param adds whether it is added, not cut out */
    record Step(Solid solid, boolean adds) {}

    Cutting {
        steps = List.copyOf(steps);
    }

    /**
     * @param own the joints at its ends
     * @param received those that others have in it
     * @param shaping what is worked off it besides
     */
    static Cutting of(Piece piece, List<Joint> own, List<Joint> received, Solid shaping) {
        List<Step> steps = new ArrayList<>();
        for (Joint joint : received) {
            if (joint.kind() != JointKind.GROOVE) {
                steps.add(new Step(joint.removes(), false));
            }
        }
        for (Joint joint : own) {
            steps.add(new Step(joint.removesFromRail(), false));
            steps.add(new Step(joint.adds(), true));
        }
        // Grooves are ploughed after the tenons are cut, and run through them where they reach so far.
        for (Joint joint : received) {
            if (joint.kind() == JointKind.GROOVE) {
                steps.add(new Step(joint.removes(), false));
            }
        }
        steps.add(new Step(shaping, false));
        Solid body = piece.body();
        return new Cutting(piece, body, steps, Likeness.of(body, steps, piece.pose()));
    }

    Solid solid() {
        Solid solid = body;
        for (Step step : steps) {
            solid = step.adds ? solid.plus(step.solid) : solid.minus(step.solid);
        }
        return solid;
    }

    /** Where the corners of all that is cut lie in the piece's own frame of reference. */
    static final class Likeness {

        /** Places are compared in these steps, in millimetres: finer than any tolerance, coarser than the noise of doubles. */
        private static final double STEP = 1e-7;

        private final long[] places;
        private final int hash;

        private Likeness(long[] places) {
            this.places = places;
            this.hash = Arrays.hashCode(places);
        }

        private static Likeness of(Solid body, List<Step> steps, Pose pose) {
            long[] places = new long[1 + size(body) + steps.stream().mapToInt(step -> 1 + size(step.solid)).sum()];
            int at = put(places, 0, body, pose);
            for (Step step : steps) {
                // Neither could be the number of corners of a cell.
                places[at++] = step.adds ? 1 : -1;
                at = put(places, at, step.solid, pose);
            }
            return new Likeness(places);
        }

        private static int size(Solid solid) {
            int size = 0;
            for (Cell cell : solid.cells()) {
                size += 1 + 3 * cell.corners().size();
            }
            return size;
        }

        private static int put(long[] places, int from, Solid solid, Pose pose) {
            int at = from;
            for (Cell cell : solid.cells()) {
                places[at++] = cell.corners().size();
                for (Vector3D corner : cell.corners()) {
                    Vector3D local = pose.toLocal(corner);
                    places[at++] = Math.round(local.getX() / STEP);
                    places[at++] = Math.round(local.getY() / STEP);
                    places[at++] = Math.round(local.getZ() / STEP);
                }
            }
            return at;
        }

        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Likeness likeness && Arrays.equals(places, likeness.places);
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }
}
