package longshoulder.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The skin of a solid in triangles, as other programs read it.
 *
 * @param points the corners, in millimetres
 * @param triangles three indices into the points each, anticlockwise from outside; closed: every directed edge of a
 *        triangle is met by exactly one the other way
 */
public record Mesh(List<Vector3D> points, List<int[]> triangles) {

    public Mesh {
        points = List.copyOf(points);
        triangles = List.copyOf(triangles);
    }

    /** The skin of a solid. */
    public static Mesh of(Solid solid) {
        return of(Boundary.of(solid));
    }

    /** The skin that is the boundary of a solid. */
    static Mesh of(Boundary boundary) {
        List<Vector3D> points = new ArrayList<>(boundary.points());
        List<int[]> triangles = new ArrayList<>();
        for (int i = 0; i < boundary.loops().size(); i++) {
            int[] loop = boundary.loops().get(i);
            if (loop.length == boundary.skin().faces().get(i).polygon().corners().size()) {
                fan(loop, triangles);
            } else if (loop.length > 0) {
                fanFromMiddle(loop, points, triangles);
            }
        }
        NonManifoldEdgeSplit.part(points, triangles);
        return new Mesh(points, triangles);
    }

    /** Corners alone are fanned from one of them. */
    private static void fan(int[] loop, List<int[]> triangles) {
        for (int i = 1; i + 1 < loop.length; i++) {
            triangles.add(new int[]{loop[0], loop[i], loop[i + 1]});
        }
    }

    /** A loop with points on its edges is fanned from its middle. */
    private static void fanFromMiddle(int[] loop, List<Vector3D> points, List<int[]> triangles) {
        Vector3D sum = Vector3D.ZERO;
        for (int index : loop) {
            sum = sum.add(points.get(index));
        }
        int middle = points.size();
        points.add(sum.multiply(1.0 / loop.length));
        for (int i = 0; i < loop.length; i++) {
            triangles.add(new int[]{middle, loop[i], loop[(i + 1) % loop.length]});
        }
    }

    /** The volume that the triangles enclose, in mm³: an independent way to {@link Solid#volume}. */
    public double volume() {
        double sum = 0;
        for (int[] t : triangles) {
            sum += points.get(t[0]).dot(points.get(t[1]).cross(points.get(t[2])));
        }
        return sum / 6;
    }
}
