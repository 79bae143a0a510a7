package longshoulder.core.geometry;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * All points p with normal · p ≤ offset.
 *
 * @param normal unit, pointing out of the half space
 * @param offset distance of the boundary from the origin along the normal, in millimetres
 * @param round whether the boundary stands for a part of something round: no line is drawn between two such
 */
public record HalfSpace(Vector3D.Unit normal, double offset, boolean round) {

    /** One whose boundary is flat. */
    public HalfSpace(Vector3D.Unit normal, double offset) {
        this(normal, offset, false);
    }

    /** The half space whose boundary passes through a point. */
    public static HalfSpace through(Vector3D point, Vector3D normal) {
        Vector3D.Unit unit = normal.normalize();
        return new HalfSpace(unit, Plain.dot(unit, point));
    }

    /** Signed distance of a point from the boundary: negative inside. */
    public double distance(Vector3D point) {
        return Plain.dot(normal, point) - offset;
    }

    /** The same boundary, moved outwards by a distance. */
    public HalfSpace moved(double outwards) {
        return new HalfSpace(normal, offset + outwards, round);
    }

    /** The same, as a part of something round. */
    HalfSpace rounded() {
        return new HalfSpace(normal, offset, true);
    }

    /** The point in which three boundaries cut each other; they must not be parallel to one line. */
    public static Vector3D meet(HalfSpace a, HalfSpace b, HalfSpace c) {
        Vector3D bc = Plain.cross(b.normal, c.normal);
        Vector3D sum = bc.multiply(a.offset).add(Plain.cross(c.normal, a.normal).multiply(b.offset))
                .add(Plain.cross(a.normal, b.normal).multiply(c.offset));
        return sum.multiply(1 / Plain.dot(a.normal, bc));
    }

    /** Everything else. */
    public HalfSpace complement() {
        return new HalfSpace(normal.negate(), -offset, round);
    }

    /** Whether both have the same boundary, facing opposite ways. */
    public boolean faces(HalfSpace other) {
        return Plain.dot(normal, other.normal) < -1 + Tolerance.DIRECTION
                && Math.abs(offset + other.offset) < Tolerance.LENGTH;
    }
}
