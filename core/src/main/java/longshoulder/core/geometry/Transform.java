package longshoulder.core.geometry;

import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * From where one piece stands to where another does that is equal, but for a stretch or a flip.
 *
 * @param parallel whether both stand parallel and nothing is flipped, as mostly: then directions stay as they are
 * @param by how far, if they are equal and parallel
 */
record Transform(Pose from, Optional<Stretch> stretch, Pose to, boolean parallel, Vector3D by) {

    static Transform of(Pose from, Pose to) {
        return of(from, Optional.empty(), to);
    }

    static Transform of(Pose from, Optional<Stretch> stretch, Pose to) {
        boolean flipped = stretch.filter(one -> !one.flip().isNone()).isPresent();
        return new Transform(from, stretch, to, !flipped && from.isParallel(to), to.origin().subtract(from.origin()));
    }

    /** Without a turn. */
    static Transform by(Vector3D by) {
        return of(Pose.WORLD, new Pose(by, Pose.WORLD.along(), Pose.WORLD.across(), Pose.WORLD.out()));
    }

    /** From the same to one that stands elsewhere. */
    Transform to(Pose other) {
        return of(from, stretch, other);
    }

    /** Whether all stays where it is. */
    boolean isNone() {
        return stretch.isEmpty() && from.equals(to);
    }

    /** Whether all is moved the same way. */
    boolean isMove() {
        return stretch.isEmpty() && parallel;
    }

    /** Whether a box along the world's axes stays one. */
    boolean keepsBoxes() {
        return isMove() || from.isAlongAxes() && to.isAlongAxes();
    }

    Vector3D point(Vector3D point) {
        return isMove() ? point.add(by) : to.toWorld(local(point));
    }

    /** Where a point comes to lie as the piece sees it. */
    Vector3D local(Vector3D point) {
        Vector3D local = from.toLocal(point);
        return stretch.isEmpty() ? local : stretch.get().point(local);
    }

    Vector3D direction(Vector3D direction) {
        return parallel ? direction : turned(direction);
    }

    private Vector3D turned(Vector3D direction) {
        Vector3D local = flip().of(Vector3D.of(Plain.dot(direction, from.along()), Plain.dot(direction, from.across()),
                Plain.dot(direction, from.out())));
        return to.along().multiply(local.getX()).add(to.across().multiply(local.getY()))
                .add(to.out().multiply(local.getZ()));
    }

    private Flip flip() {
        return stretch.map(Stretch::flip).orElse(Flip.NONE);
    }

    /** The numbers of points round a face, which still have to be anticlockwise from outside. */
    int[] loop(int[] loop) {
        if (!flip().mirrors()) {
            return loop;
        }
        int[] reversed = new int[loop.length];
        for (int i = 0; i < loop.length; i++) {
            reversed[i] = loop[loop.length - 1 - i];
        }
        return reversed;
    }

    Polygon polygon(Polygon polygon) {
        List<Vector3D> corners = flip().mirrors() ? polygon.corners().reversed() : polygon.corners();
        return new Polygon(plane(polygon.plane(), corners.getFirst()), corners.stream().map(this::point).toList());
    }

    /** @param on a point in the plane, of the face whose plane it is */
    HalfSpace plane(HalfSpace plane, Vector3D on) {
        if (isMove()) {
            return plane.moved(Plain.dot(plane.normal(), by));
        }
        Vector3D.Unit normal = parallel ? plane.normal() : turned(plane.normal()).normalize();
        return new HalfSpace(normal, Plain.dot(normal, point(on)), plane.round());
    }
}
