package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Parts sheets of a skin that touch along an edge, as those of two recesses do whose corners just meet: four triangles share such an
 * edge. Each sheet gets a point of its own in the middle of it, so that every edge has two triangles again. Which two belong
 * together is found by turning through the wood.
 */
final class NonManifoldEdgeSplit {

    private record Directed(int from, int to) {
        Directed turned() {
            return new Directed(to, from);
        }
    }

    private final List<Vector3D> points;
    private final List<int[]> triangles;

    private NonManifoldEdgeSplit(List<Vector3D> points, List<int[]> triangles) {
        this.points = points;
        this.triangles = triangles;
    }

    /** Parts them in place; both lists grow, and nothing is changed where no edge is used twice. */
    static void part(List<Vector3D> points, List<int[]> triangles) {
        if (anyTwice(triangles)) {
            new NonManifoldEdgeSplit(points, triangles).part();
        }
    }

    /** Whether any edge is used twice the same way round, as hardly ever one is. */
    private static boolean anyTwice(List<int[]> triangles) {
        long[] edges = new long[3 * triangles.size()];
        int count = 0;
        for (int[] corners : triangles) {
            for (int i = 0; i < corners.length; i++) {
                edges[count++] = ((long) corners[i] << Integer.SIZE) + corners[(i + 1) % corners.length];
            }
        }
        Arrays.sort(edges);
        for (int i = 1; i < count; i++) {
            if (edges[i] == edges[i - 1]) {
                return true;
            }
        }
        return false;
    }

    private void part() {
        // A triangle may lie at several such edges; cut at one, it is looked for anew at the next.
        for (Directed edge = doubled(); edge != null; edge = doubled()) {
            List<Integer> here = using(edge);
            List<Integer> there = new ArrayList<>(using(edge.turned()));
            if (here.size() != there.size()) {
                return;
            }
            for (int t : here) {
                int partner = nearest(t, there, edge);
                there.remove(Integer.valueOf(partner));
                points.add(points.get(edge.from()).lerp(points.get(edge.to()), 0.5));
                cut(t, edge, points.size() - 1);
                cut(partner, edge.turned(), points.size() - 1);
            }
        }
    }

    private @org.jspecify.annotations.Nullable Directed doubled() {
        Map<Directed, Integer> uses = new LinkedHashMap<>();
        for (int[] corners : triangles) {
            for (int i = 0; i < corners.length; i++) {
                Directed edge = new Directed(corners[i], corners[(i + 1) % corners.length]);
                if (uses.merge(edge, 1, Integer::sum) > 1) {
                    return edge;
                }
            }
        }
        return null;
    }

    private List<Integer> using(Directed edge) {
        List<Integer> using = new ArrayList<>();
        for (int t = 0; t < triangles.size(); t++) {
            int[] corners = triangles.get(t);
            for (int i = 0; i < corners.length; i++) {
                if (corners[i] == edge.from() && corners[(i + 1) % corners.length] == edge.to()) {
                    using.add(t);
                }
            }
        }
        return using;
    }

    /** The first that is met on the way through the wood. */
    private int nearest(int triangle, List<Integer> others, Directed edge) {
        int nearest = others.getFirst();
        for (int other : others) {
            if (turn(triangle, other, edge) < turn(triangle, nearest, edge)) {
                nearest = other;
            }
        }
        return nearest;
    }

    /** By how much one turns about an edge, from a triangle through the wood behind it to another, from 0 to 2π. */
    private double turn(int from, int to, Directed edge) {
        Vector3D foot = points.get(edge.from());
        Vector3D along = points.get(edge.to()).subtract(foot).normalize();
        Vector3D start = away(from, edge, foot, along);
        Vector3D inwards = along.cross(start).negate();
        Vector3D finish = away(to, edge, foot, along);
        double angle = Math.atan2(Plain.dot(finish, inwards), Plain.dot(finish, start));
        return angle <= Tolerance.DIRECTION ? angle + 2 * Math.PI : angle;
    }

    /** From the edge into a triangle, square to the edge. */
    private Vector3D away(int triangle, Directed edge, Vector3D foot, Vector3D along) {
        Vector3D way = points.get(third(triangle, edge)).subtract(foot);
        return way.subtract(along.multiply(Plain.dot(way, along))).normalize();
    }

    private int third(int triangle, Directed edge) {
        return Arrays.stream(triangles.get(triangle)).filter(at -> at != edge.from() && at != edge.to()).findFirst()
                .orElse(edge.from());
    }

    /** Into two, at a point on one of its edges. */
    private void cut(int triangle, Directed edge, int middle) {
        int third = third(triangle, edge);
        triangles.set(triangle, new int[]{edge.from(), middle, third});
        triangles.add(new int[]{middle, edge.to(), third});
    }
}
