package longshoulder.core.geometry;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Tells whether two pieces have the same shape, mirrored shapes, or different ones, from their skins alone.
 *
 * <p>Both are given in their own frame of reference (x along the grain). Tried are all turns and mirrorings that carry
 * the grain onto itself and the box round one piece onto the box round the other: at most 16. Pieces are the same only
 * if a <em>turn</em> carries every edge of one onto an edge of the other.
 */
public enum Congruence {
    SAME, MIRRORED, DIFFERENT;

    private static final double NEAR = 10 * Tolerance.LENGTH;

    /** Compares two pieces by their edges, each in its own frame of reference. */
    public static Congruence of(Outline one, Outline other) {
        if (one.edges().size() != other.edges().size()) {
            return DIFFERENT;
        }
        // Pieces that are made alike share one outline.
        if (one.equals(other) || one.coincides(other, NEAR)) {
            return SAME;
        }
        Outline.Centred a = one.centred();
        Outline.Centred b = other.centred();
        boolean mirrored = false;
        for (int signs = 0; signs < 8; signs++) {
            for (int swap = 0; swap < 2; swap++) {
                boolean turn = Integer.bitCount(signs) % 2 == swap;
                if ((turn || !mirrored) && matches(a, b, signs, swap == 1)) {
                    if (turn) {
                        return SAME;
                    }
                    mirrored = true;
                }
            }
        }
        return mirrored ? MIRRORED : DIFFERENT;
    }

    /** Turning a piece half round: end for end with its face side up or down, or over about its length. */
    public enum HalfTurn {
        OVER(6), END_FOR_END_FACE_UP(3), END_FOR_END_FACE_DOWN(5);

        /** Which axes change their sign: 1 along, 2 across, 4 through. */
        private final int signs;

        HalfTurn(int signs) {
            this.signs = signs;
        }
    }

    /** The half turns that carry a piece onto itself, given by its edges in its own frame of reference. */
    public static Set<HalfTurn> halfTurns(Outline piece) {
        Set<HalfTurn> turns = EnumSet.allOf(HalfTurn.class);
        turns.removeIf(turn -> !matches(piece.centred(), piece.centred(), turn.signs, false));
        return turns;
    }

    /** The same of a piece with this pose that is given by its solid. Mostly its weight lies to one side, and no skin has to be made. */
    public static Set<HalfTurn> halfTurns(Solid piece, Pose pose) {
        Bounds box = Bounds.of(piece.cells().stream().flatMap(cell -> cell.corners().stream()).map(pose::toLocal)
                .toList());
        Vector3D off = box.isNothing()
                ? Vector3D.ZERO
                : pose.toLocal(piece.centreOfMass()).subtract(box.least().lerp(box.greatest(), 0.5));
        boolean outOfMiddle = Arrays.stream(HalfTurn.values())
                .noneMatch(turn -> mapped(off, turn.signs, false).distance(off) < NEAR);
        return outOfMiddle ? EnumSet.noneOf(HalfTurn.class) : halfTurns(Boundary.of(piece).outline(pose));
    }

    private static boolean matches(Outline.Centred a, Outline.Centred b, int signs, boolean swap) {
        // Most turns are ruled out by where the ends of all edges lie on average, without a look at any pair.
        return mapped(a.average(), signs, swap).distance(b.average()) <= NEAR
                && b.has(a.edges().stream().map(edge -> new Boundary.Edge(mapped(edge.from(), signs, swap),
                        mapped(edge.to(), signs, swap))).toList(), NEAR);
    }

    private static Vector3D mapped(Vector3D p, int signs, boolean swap) {
        double y = swap ? p.getZ() : p.getY();
        double z = swap ? p.getY() : p.getZ();
        return Vector3D.of((signs & 1) == 0 ? p.getX() : -p.getX(), (signs & 2) == 0 ? y : -y,
                (signs & 4) == 0 ? z : -z);
    }
}
