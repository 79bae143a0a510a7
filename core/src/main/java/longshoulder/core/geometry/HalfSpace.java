package longshoulder.core.geometry;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * All points p with normal · p ≤ offset.
 *
 * @param normal unit, pointing out of the half space
 * @param offset distance of the boundary from the origin along the normal, in millimetres
 */
public record HalfSpace(Vector3D.Unit normal, double offset) {

    /** The half space whose boundary passes through a point. */
    public static HalfSpace through(Vector3D point, Vector3D normal) {
        Vector3D.Unit unit = normal.normalize();
        return new HalfSpace(unit, unit.dot(point));
    }

    /** Signed distance of a point from the boundary: negative inside. */
    public double distance(Vector3D point) {
        return normal.dot(point) - offset;
    }

    /** Everything else. */
    public HalfSpace complement() {
        return new HalfSpace(normal.negate(), -offset);
    }

    /** Whether both have the same boundary, facing opposite ways. */
    public boolean faces(HalfSpace other) {
        return normal.dot(other.normal) < -1 + Tolerance.DIRECTION
                && Math.abs(offset + other.offset) < Tolerance.LENGTH;
    }
}
