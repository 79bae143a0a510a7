package longshoulder.core.geometry;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Where a piece stands: a right-handed frame of reference in the world.
 *
 * @param origin the corner at x = y = z = 0, in millimetres
 * @param along unit axis x, along the grain
 * @param across unit axis y, across the width; the face edge is at least y
 * @param out unit axis z, through the thickness; the face side is at greatest z
 */
public record Pose(Vector3D origin, Vector3D.Unit along, Vector3D.Unit across, Vector3D.Unit out) {

    /** The world's own frame. */
    public static final Pose WORLD = of(Vector3D.ZERO, Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z);

    public Pose {
        if (along.cross(across).dot(out) < 1 - Tolerance.DIRECTION) {
            throw new IllegalArgumentException("The axes (%s, %s, %s) are not right-handed and square to each other."
                    .formatted(along, across, out));
        }
    }

    /** The frame with these two axes; x follows from them. */
    public static Pose of(Vector3D origin, Vector3D.Unit across, Vector3D.Unit out) {
        return new Pose(origin, across.cross(out).normalize(), across, out);
    }

    /** A point of the piece in the world. */
    public Vector3D toWorld(double x, double y, double z) {
        return Vector3D.of(origin.getX() + x * along.getX() + y * across.getX() + z * out.getX(),
                origin.getY() + x * along.getY() + y * across.getY() + z * out.getY(),
                origin.getZ() + x * along.getZ() + y * across.getZ() + z * out.getZ());
    }

    public Vector3D toWorld(Vector3D local) {
        return toWorld(local.getX(), local.getY(), local.getZ());
    }

    /** A point of the world as the piece sees it. */
    public Vector3D toLocal(Vector3D world) {
        Vector3D offset = world.subtract(origin);
        return Vector3D.of(Plain.dot(offset, along), Plain.dot(offset, across), Plain.dot(offset, out));
    }

    /** The x at which the line along the grain at (y, z) passes the boundary of a half space. */
    public double run(HalfSpace plane, double y, double z) {
        return -plane.distance(toWorld(0, y, z)) / plane.normal().dot(along);
    }

    /** Whether both have the same axes. */
    boolean isParallel(Pose other) {
        return along.equals(other.along) && across.equals(other.across) && out.equals(other.out);
    }

    /** Whether its axes run exactly along the world's. */
    boolean isAlongAxes() {
        return Plain.isAxis(along) && Plain.isAxis(across);
    }
}
