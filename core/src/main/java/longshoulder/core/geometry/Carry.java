package longshoulder.core.geometry;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * From where one piece stands to where an equal one does.
 *
 * @param by how far, if both stand parallel, as most do: then directions stay as they are
 */
record Carry(Pose from, Pose to, boolean parallel, Vector3D by) {

    static Carry of(Pose from, Pose to) {
        return new Carry(from, to, from.isParallel(to), to.origin().subtract(from.origin()));
    }

    /** Without a turn. */
    static Carry by(Vector3D by) {
        return of(Pose.WORLD, new Pose(by, Pose.WORLD.along(), Pose.WORLD.across(), Pose.WORLD.out()));
    }

    Vector3D point(Vector3D point) {
        return parallel ? point.add(by) : to.toWorld(from.toLocal(point));
    }

    Vector3D direction(Vector3D direction) {
        if (parallel) {
            return direction;
        }
        return to.along().multiply(Plain.dot(direction, from.along()))
                .add(to.across().multiply(Plain.dot(direction, from.across())))
                .add(to.out().multiply(Plain.dot(direction, from.out())));
    }

    HalfSpace plane(HalfSpace plane) {
        if (parallel) {
            return plane.moved(Plain.dot(plane.normal(), by));
        }
        HalfSpace carried = HalfSpace.through(point(plane.normal().multiply(plane.offset())),
                direction(plane.normal()));
        return plane.round() ? carried.rounded() : carried;
    }
}
