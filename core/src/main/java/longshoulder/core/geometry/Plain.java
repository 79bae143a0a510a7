package longshoulder.core.geometry;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Sums of products in plain doubles, for what is asked a million times a second. The library's own carry an extended precision
 * that millimetres of furniture do not need, and take ten times as long: their noise is 1e-12 mm, a millionth of
 * {@link Tolerance#LENGTH}.
 */
public final class Plain {

    private Plain() {}

    /** a · b. */
    public static double dot(Vector3D a, Vector3D b) {
        return a.getX() * b.getX() + a.getY() * b.getY() + a.getZ() * b.getZ();
    }

    /** a × b. */
    public static Vector3D cross(Vector3D a, Vector3D b) {
        return Vector3D.of(a.getY() * b.getZ() - a.getZ() * b.getY(), a.getZ() * b.getX() - a.getX() * b.getZ(),
                a.getX() * b.getY() - a.getY() * b.getX());
    }

    /** The square of the distance between two points. */
    public static double squaredDistance(Vector3D a, Vector3D b) {
        double x = a.getX() - b.getX();
        double y = a.getY() - b.getY();
        double z = a.getZ() - b.getZ();
        return x * x + y * y + z * z;
    }

    /** The point that lies at a share of the way from one to another. */
    public static Vector3D between(Vector3D from, Vector3D to, double share) {
        double rest = 1 - share;
        return Vector3D.of(rest * from.getX() + share * to.getX(), rest * from.getY() + share * to.getY(),
                rest * from.getZ() + share * to.getZ());
    }

    /** Whether a direction is that of one of the world's axes. */
    static boolean isAxis(Vector3D.Unit direction) {
        int zeros = (direction.getX() == 0 ? 1 : 0) + (direction.getY() == 0 ? 1 : 0) + (direction.getZ() == 0 ? 1 : 0);
        return zeros == 2;
    }
}
