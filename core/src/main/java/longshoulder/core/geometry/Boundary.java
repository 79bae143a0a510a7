package longshoulder.core.geometry;

import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * What a solid ends at: its skin as loops that lie edge to edge, and the lines that a drawing shows of it.
 *
 * @param points the corners, in millimetres
 * @param skin the faces as flat convex polygons, which need not lie edge to edge
 * @param loops for each face of the skin its corners and the others' that lie on its edges, by their numbers among the points,
 *        anticlockwise from outside; empty for one that is no more than a line
 * @param lines that a drawing shows
 * @param parts how many there are that share no corner: more than one where a piece falls apart
 */
public record Boundary(List<Vector3D> points, Skin skin, List<int[]> loops, Lines lines, int parts) {

    public Boundary {
        points = List.copyOf(points);
        loops = List.copyOf(loops);
    }

    /** That of a solid. */
    public static Boundary of(Solid solid) {
        return new BoundaryBuilder(solid).build();
    }

    /** The same on an equal piece that stands elsewhere. */
    Boundary moved(Transform transform) {
        return new Boundary(points.stream().map(transform::point).toList(), skin.moved(transform),
                loops.stream().map(transform::loop).toList(), lines.moved(transform), parts);
    }

    /** Its edges in a piece's own frame of reference. */
    public Outline outline(Pose pose) {
        return new Outline(lines.arrises().stream().map(Arris::edge)
                .map(edge -> new Edge(pose.toLocal(edge.from()), pose.toLocal(edge.to()))).toList());
    }

    /**
     * The lines of a skin that a drawing shows.
     *
     * @param arrises where it bends; collinear stretches are joined
     * @param bends where it bends so little that only an outline shows them, as between the chords of a curve
     */
    public record Lines(List<Arris> arrises, List<Bend> bends) {

        public Lines {
            arrises = List.copyOf(arrises);
            bends = List.copyOf(bends);
        }

        /** All of them, as they lie. */
        public Stream<Edge> edges() {
            return Stream.concat(arrises.stream().map(Arris::edge), bends.stream().map(Bend::edge));
        }

        Lines moved(Transform transform) {
            return new Lines(arrises.stream().map(arris -> arris.moved(transform)).toList(),
                    bends.stream().map(bend -> bend.moved(transform)).toList());
        }
    }

    /**
     * An edge that a drawing shows, with the directions of the two faces that meet in it.
     *
     * @param one and the other: nothing where the faces change along it
     */
    public record Arris(Edge edge, Vector3D one, Vector3D other, Shape shape) {

        /** What is round an edge. */
        public enum Shape {
            /** More air than wood, as along the edges of a board. */
            PROUD,
            /** More wood than air, as along the floor of a mortise. */
            HOLLOW,
            /** Now this, now that. */
            CHANGING
        }

        /** How an edge lies to an eye, for all that its own two faces tell. */
        public enum Sight {
            /** It may be seen. */
            OPEN,
            /** One of its faces is seen edge on and covers it with its own nearer edge, which is drawn in the same place. */
            COVERED,
            /** Its own wood hides it. */
            HIDDEN
        }

        /** An edge along which the faces change. */
        static Arris changing(Edge edge) {
            return new Arris(edge, Vector3D.ZERO, Vector3D.ZERO, Shape.CHANGING);
        }

        private Arris moved(Transform transform) {
            return new Arris(edge.moved(transform), transform.direction(one), transform.direction(other), shape);
        }

        /** How it lies to an eye that is infinitely far away. */
        public Sight sight(Vector3D toEye) {
            double first = Plain.dot(one, toEye);
            double second = Plain.dot(other, toEye);
            double most = Math.max(first, second);
            double least = Math.min(first, second);
            return switch (shape) {
                case PROUD -> most < -Tolerance.DIRECTION
                        ? Sight.HIDDEN
                        : most <= Tolerance.DIRECTION ? Sight.COVERED : Sight.OPEN;
                case HOLLOW -> least < -Tolerance.DIRECTION ? Sight.HIDDEN : Sight.OPEN;
                case CHANGING -> Sight.OPEN;
            };
        }
    }

    /** An edge between two faces that pass smoothly into each other, with their directions. */
    public record Bend(Edge edge, Vector3D one, Vector3D other) {

        private Bend moved(Transform transform) {
            return new Bend(edge.moved(transform), transform.direction(one), transform.direction(other));
        }

        /** Whether it is an outline to an eye: one face looks at it, the other away. */
        public boolean isOutline(Vector3D toEye) {
            return Plain.dot(one, toEye) > Tolerance.DIRECTION != Plain.dot(other, toEye) > Tolerance.DIRECTION;
        }
    }

    /** A straight edge between two corners. */
    public record Edge(Vector3D from, Vector3D to) {
        private static boolean near(Vector3D one, Vector3D other, double within) {
            return Plain.squaredDistance(one, other) < within * within;
        }

        private Edge moved(Transform transform) {
            return new Edge(transform.point(from), transform.point(to));
        }

        boolean sameAs(Vector3D a, Vector3D b, double within) {
            return near(from, a, within) && near(to, b, within) || near(from, b, within) && near(to, a, within);
        }
    }
}
