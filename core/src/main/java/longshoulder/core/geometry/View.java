package longshoulder.core.geometry;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A direction of looking, without perspective.
 *
 * @param right unit vector of the world that lies to the right in the picture
 * @param up unit vector of the world that lies upwards in the picture
 * @param toEye unit vector towards the eye; right × up
 */
public record View(Vector3D.Unit right, Vector3D.Unit up, Vector3D.Unit toEye) {

    /** From the front: X to the right, Z up. */
    public static final View FRONT = of(Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Z);

    /** From the right end: Y to the right, Z up. */
    public static final View END = of(Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z);

    /** From above: X to the right, Y up. */
    public static final View PLAN = of(Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y);

    private static View of(Vector3D.Unit right, Vector3D.Unit up) {
        return new View(right, up, right.cross(up).normalize());
    }

    /**
     * A pictorial view.
     *
     * @param turn how far the eye has gone round to the right from the front, in degrees
     * @param lift how far the eye looks down from the level, in degrees, between −89 and 89
     */
    public static View pictorial(double turn, double lift) {
        double a = Math.toRadians(turn);
        double b = Math.toRadians(lift);
        Vector3D.Unit right = Vector3D.Unit.from(Math.cos(a), Math.sin(a), 0);
        Vector3D.Unit up = Vector3D.Unit.from(-Math.sin(a) * Math.sin(b), Math.cos(a) * Math.sin(b), Math.cos(b));
        return of(right, up);
    }

    /** Whether it looks along one of the world's axes, with the others level and upright in the picture. */
    public boolean isAlongAxes() {
        return Plain.isAxis(right) && Plain.isAxis(up);
    }

    /** Where a point of the world lies in the picture, in millimetres. */
    public Vector2D flat(Vector3D point) {
        return Vector2D.of(Plain.dot(right, point), Plain.dot(up, point));
    }
}
