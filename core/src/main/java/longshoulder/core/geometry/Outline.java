package longshoulder.core.geometry;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * The edges of a piece in its own frame of reference (x along the grain), by which shapes are compared. What a comparison asks for is
 * worked out once: a piece is compared with many others, by checks and by the cut list.
 */
public final class Outline {

    private final List<Boundary.Edge> edges;
    /** Two threads may both compute it; the results are equal, so no lock is needed. */
    private volatile @Nullable Centred centred;

    public Outline(List<Boundary.Edge> edges) {
        this.edges = List.copyOf(edges);
    }

    public List<Boundary.Edge> edges() {
        return edges;
    }

    /** The box round them. */
    public Bounds bounds() {
        Vector3D[] ends = new Vector3D[2 * edges.size()];
        for (int i = 0; i < edges.size(); i++) {
            ends[2 * i] = edges.get(i).from();
            ends[2 * i + 1] = edges.get(i).to();
        }
        return Bounds.of(Arrays.asList(ends));
    }

    /** Whether both have the same edges at the same places in the same order, within a distance: what is made alike mostly has. */
    boolean coincides(Outline other, double within) {
        if (edges.size() != other.edges.size()) {
            return false;
        }
        for (int i = 0; i < edges.size(); i++) {
            if (!edges.get(i).sameAs(other.edges.get(i).from(), other.edges.get(i).to(), within)) {
                return false;
            }
        }
        return true;
    }

    /** The same of the stretched piece. */
    Outline stretched(Stretch stretch) {
        return new Outline(edges.stream()
                .map(edge -> new Boundary.Edge(stretch.point(edge.from()), stretch.point(edge.to()))).toList());
    }

    Centred centred() {
        Centred known = centred;
        if (known == null) {
            known = new Centred(edges);
            centred = known;
        }
        return known;
    }

    /** The edges about the middle of the box round them. */
    static final class Centred {

        private final List<Boundary.Edge> edges;
        private final Vector3D average;
        /** Worked out twice it is the same. */
        private volatile @Nullable Ranked ranked;

        private Centred(List<Boundary.Edge> all) {
            Bounds bounds = Bounds.of(all.stream().flatMap(edge -> Stream.of(edge.from(), edge.to())).toList());
            Vector3D middle = bounds.isNothing() ? Vector3D.ZERO : bounds.least().lerp(bounds.greatest(), 0.5);
            edges = all.stream()
                    .map(edge -> new Boundary.Edge(edge.from().subtract(middle), edge.to().subtract(middle))).toList();
            average = edges.stream().map(edge -> edge.from().add(edge.to())).reduce(Vector3D.ZERO, Vector3D::add)
                    .multiply(1 / Math.max(1, 2.0 * edges.size()));
        }

        List<Boundary.Edge> edges() {
            return edges;
        }

        /** Where the ends of all edges lie on average. */
        Vector3D average() {
            return average;
        }

        /** Whether these are as many others, within a distance: at once where they come in the same order, as those of what is made alike do. */
        boolean has(List<Boundary.Edge> others, double within) {
            for (int i = 0; i < edges.size(); i++) {
                if (!edges.get(i).sameAs(others.get(i).from(), others.get(i).to(), within)) {
                    return new Ranked(others).isLike(ranked(), within)
                            && others.stream().allMatch(edge -> ranked().has(edge, within));
                }
            }
            return true;
        }

        private Ranked ranked() {
            Ranked known = ranked;
            if (known == null) {
                known = new Ranked(edges);
                ranked = known;
            }
            return known;
        }
    }

    /** Edges in the order of how far their ends lie from the middle together, which no turn and no mirroring changes. */
    private static final class Ranked {

        private final List<Boundary.Edge> edges;
        private final double[] far;

        private Ranked(List<Boundary.Edge> all) {
            edges = all.stream().sorted(Comparator.comparingDouble(Ranked::far)).toList();
            far = edges.stream().mapToDouble(Ranked::far).toArray();
        }

        private static double far(Boundary.Edge edge) {
            return Math.sqrt(Plain.dot(edge.from(), edge.from())) + Math.sqrt(Plain.dot(edge.to(), edge.to()));
        }

        /** Whether two could be the same from any side. */
        boolean isLike(Ranked other, double within) {
            for (int i = 0; i < far.length; i++) {
                if (Math.abs(far[i] - other.far[i]) > 2 * within) {
                    return false;
                }
            }
            return true;
        }

        boolean has(Boundary.Edge edge, double within) {
            double wanted = far(edge);
            int first = Arrays.binarySearch(far, wanted - 2 * within);
            for (int i = first < 0 ? -first - 1 : first; i < far.length && far[i] < wanted + 2 * within; i++) {
                if (edges.get(i).sameAs(edge.from(), edge.to(), within)) {
                    return true;
                }
            }
            return false;
        }
    }
}
