package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
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
    public static Congruence of(List<Mesh.Edge> one, List<Mesh.Edge> other) {
        if (one.size() != other.size()) {
            return DIFFERENT;
        }
        if (one.equals(other) || coincide(one, other)) {
            return SAME;
        }
        List<Mesh.Edge> a = centred(one);
        Ordered b = new Ordered(centred(other));
        if (!b.isLike(new Ordered(a))) {
            return DIFFERENT;
        }
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

    /** Whether both have the same edges at the same places in the same order: what is made alike mostly has. */
    private static boolean coincide(List<Mesh.Edge> one, List<Mesh.Edge> other) {
        for (int i = 0; i < one.size(); i++) {
            if (!one.get(i).sameAs(other.get(i).from(), other.get(i).to(), NEAR)) {
                return false;
            }
        }
        return true;
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
    public static Set<HalfTurn> halfTurns(List<Mesh.Edge> piece) {
        List<Mesh.Edge> edges = centred(piece);
        Ordered ordered = new Ordered(edges);
        Set<HalfTurn> turns = EnumSet.noneOf(HalfTurn.class);
        for (HalfTurn turn : HalfTurn.values()) {
            if (matches(edges, ordered, turn.signs, false)) {
                turns.add(turn);
            }
        }
        return turns;
    }

    private static List<Mesh.Edge> centred(List<Mesh.Edge> edges) {
        List<Vector3D> points = new ArrayList<>();
        edges.forEach(edge -> points.addAll(List.of(edge.from(), edge.to())));
        Bounds bounds = Bounds.of(points);
        Vector3D middle = bounds.isNothing() ? Vector3D.ZERO : bounds.least().lerp(bounds.greatest(), 0.5);
        return edges.stream().map(edge -> new Mesh.Edge(edge.from().subtract(middle), edge.to().subtract(middle)))
                .toList();
    }

    private static boolean matches(List<Mesh.Edge> a, Ordered b, int signs, boolean swap) {
        // Most turns are ruled out by where the ends of all edges lie on average, without a look at any pair.
        if (mapped(average(a), signs, swap).distance(average(b.edges)) > NEAR) {
            return false;
        }
        for (Mesh.Edge edge : a) {
            if (!b.has(mapped(edge.from(), signs, swap), mapped(edge.to(), signs, swap))) {
                return false;
            }
        }
        return true;
    }

    /** Edges in the order of how far their ends lie from the middle together, which no turn and no mirroring changes. */
    private static final class Ordered {

        private final List<Mesh.Edge> edges;
        private final double[] far;

        Ordered(List<Mesh.Edge> all) {
            edges = all.stream().sorted(Comparator.comparingDouble(edge -> far(edge.from(), edge.to()))).toList();
            far = edges.stream().mapToDouble(edge -> far(edge.from(), edge.to())).toArray();
        }

        private static double far(Vector3D from, Vector3D to) {
            return Math.sqrt(Plain.dot(from, from)) + Math.sqrt(Plain.dot(to, to));
        }

        /** Whether one of them runs between two points. */
        boolean has(Vector3D from, Vector3D to) {
            double wanted = far(from, to);
            int first = Arrays.binarySearch(far, wanted - 2 * NEAR);
            for (int i = first < 0 ? -first - 1 : first; i < far.length && far[i] < wanted + 2 * NEAR; i++) {
                if (edges.get(i).sameAs(from, to, NEAR)) {
                    return true;
                }
            }
            return false;
        }

        /** Whether two could be the same from any side. */
        boolean isLike(Ordered other) {
            for (int i = 0; i < far.length; i++) {
                if (Math.abs(far[i] - other.far[i]) > 2 * NEAR) {
                    return false;
                }
            }
            return true;
        }
    }

    private static Vector3D average(List<Mesh.Edge> edges) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (Mesh.Edge edge : edges) {
            x += edge.from().getX() + edge.to().getX();
            y += edge.from().getY() + edge.to().getY();
            z += edge.from().getZ() + edge.to().getZ();
        }
        double ends = Math.max(1, 2.0 * edges.size());
        return Vector3D.of(x / ends, y / ends, z / ends);
    }

    private static Vector3D mapped(Vector3D p, int signs, boolean swap) {
        double y = swap ? p.getZ() : p.getY();
        double z = swap ? p.getY() : p.getZ();
        return Vector3D.of((signs & 1) == 0 ? p.getX() : -p.getX(), (signs & 2) == 0 ? y : -y,
                (signs & 4) == 0 ? z : -z);
    }
}
