package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.geometry.Boundary.Arris.Shape;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * Where the faces of a skin meet: the edges that a drawing shows, with collinear stretches joined, and the bends so slight that only
 * an outline shows them.
 */
final class Arrises {

    /** By the cosine: faces that meet at less than 0.8° are chords of one curve, and no line is drawn between them. */
    private static final double SMOOTH = Math.cos(Math.toRadians(0.8));

    /** By the cosine: faces of something round that meet at less than 31° are its facets, of which it has at least twelve. */
    private static final double FACETS = Math.cos(Math.toRadians(31));

    /** What bends less than this, by the cosine, is flat but for the noise of doubles. */
    private static final double FLAT = 1 - 1e-10;

    private final List<Vector3D> points;
    private final List<Stretch> all = new ArrayList<>();
    /** The stretches that begin at each point, and those of the sharp ones that begin or end there. */
    private final List<List<Stretch>> from = new ArrayList<>();
    private final List<List<Stretch>> sharpAt = new ArrayList<>();
    /** Whether all stretches that were joined lie between the same two faces, as far as they were looked at. */
    private boolean alike;

    /** What runs straight from one point to another with a greater number, between faces with these normals. */
    private static final class Stretch {

        private final int from;
        private final int to;
        private final Vector3D first;
        private final boolean round;
        /** Whether the first face is walked round from the lesser point to the greater. */
        private final boolean upwards;
        private @Nullable Vector3D second;
        private int faces = 1;
        private boolean sharp;
        private boolean joined;

        Stretch(int from, int to, HalfSpace first, boolean upwards) {
            this.from = from;
            this.to = to;
            this.first = first.normal();
            this.round = first.round();
            this.upwards = upwards;
        }

        void meets(HalfSpace face) {
            second = face.normal();
            faces++;
            sharp |= Plain.dot(face.normal(), first) < (round && face.round() ? FACETS : SMOOTH);
        }

        boolean liesBetweenTheFacesOf(Stretch other) {
            return faces == 2 && second != null && other.second != null
                    && (isLike(first, other.first) && isLike(second, other.second)
                            || isLike(first, other.second) && isLike(second, other.first));
        }

        private static boolean isLike(Vector3D one, Vector3D other) {
            return Plain.squaredDistance(one, other) < Tolerance.DIRECTION * Tolerance.DIRECTION;
        }

        int otherEnd(int end) {
            return end == from ? to : from;
        }
    }

    Arrises(List<Vector3D> points) {
        this.points = points;
        for (int i = 0; i < points.size(); i++) {
            from.add(new ArrayList<>(2));
            sharpAt.add(new ArrayList<>(2));
        }
    }

    /** Takes in a face: the points round it, and its plane. */
    void add(int[] loop, HalfSpace face) {
        for (int i = 0; i < loop.length; i++) {
            int one = loop[i];
            int other = loop[(i + 1) % loop.length];
            meet(Math.min(one, other), Math.max(one, other), face, one < other);
        }
    }

    private void meet(int lesser, int greater, HalfSpace face, boolean upwards) {
        for (Stretch known : from.get(lesser)) {
            if (known.to == greater) {
                known.meets(face);
                return;
            }
        }
        Stretch stretch = new Stretch(lesser, greater, face, upwards);
        from.get(lesser).add(stretch);
        all.add(stretch);
    }

    /** Those between faces that pass smoothly into each other. */
    List<Boundary.Bend> bends() {
        List<Boundary.Bend> bends = new ArrayList<>();
        for (Stretch stretch : all) {
            Vector3D other = stretch.second;
            if (!stretch.sharp && stretch.faces == 2 && other != null && Plain.dot(stretch.first, other) < FLAT) {
                bends.add(new Boundary.Bend(new Boundary.Edge(points.get(stretch.from), points.get(stretch.to)),
                        stretch.first,
                        other));
            }
        }
        return bends;
    }

    /** Those where faces meet at an angle that is seen. */
    List<Boundary.Arris> sharp() {
        List<Stretch> sharp = all.stream().filter(stretch -> stretch.sharp).toList();
        for (Stretch stretch : sharp) {
            sharpAt.get(stretch.from).add(stretch);
            sharpAt.get(stretch.to).add(stretch);
        }
        List<Boundary.Arris> arrises = new ArrayList<>();
        for (Stretch stretch : sharp) {
            if (!stretch.joined) {
                arrises.add(joined(stretch));
            }
        }
        return arrises;
    }

    private Boundary.Arris joined(Stretch stretch) {
        stretch.joined = true;
        alike = stretch.faces == 2;
        int start = farEnd(stretch, stretch.from);
        int end = farEnd(stretch, stretch.to);
        Boundary.Edge edge = new Boundary.Edge(points.get(start), points.get(end));
        Vector3D second = stretch.second;
        return alike && second != null
                ? new Boundary.Arris(edge, stretch.first, second,
                        isHollow(stretch, second) ? Shape.HOLLOW : Shape.PROUD)
                : Boundary.Arris.changing(edge);
    }

    /** Whether the second face rises before the first. */
    private boolean isHollow(Stretch stretch, Vector3D second) {
        Vector3D way = points.get(stretch.to).subtract(points.get(stretch.from));
        double rise = Plain.dot(second, Plain.cross(stretch.first, way));
        return stretch.upwards ? rise > 0 : rise < 0;
    }

    private int farEnd(Stretch start, int end) {
        int tip = end;
        Stretch onward = onward(start, tip);
        while (onward != null && !onward.joined) {
            onward.joined = true;
            alike &= onward.liesBetweenTheFacesOf(start);
            tip = onward.otherEnd(tip);
            onward = onward(onward, tip);
        }
        return tip;
    }

    private @Nullable Stretch onward(Stretch stretch, int tip) {
        Stretch onward = null;
        for (Stretch next : sharpAt.get(tip)) {
            if (next != stretch && areStraight(stretch, next)) {
                onward = next;
            }
        }
        return onward;
    }

    private boolean areStraight(Stretch one, Stretch other) {
        Vector3D a = points.get(one.to).subtract(points.get(one.from));
        Vector3D b = points.get(other.to).subtract(points.get(other.from));
        double dot = Plain.dot(a, b);
        double lengths = Plain.dot(a, a) * Plain.dot(b, b);
        return dot * dot > (1 - 2 * Tolerance.DIRECTION) * lengths;
    }
}
