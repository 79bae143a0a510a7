package longshoulder.core.geometry;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * The numeric tolerance of the model. Not a workshop clearance: those are data of a design and have nothing to do with
 * how doubles round.
 */
public final class Tolerance {

    /**
     * Two points nearer than this, in millimetres, are the same point: a nanometre, far above the noise of doubles and far
     * below the smallest difference that two figures of a design can have.
     */
    public static final double LENGTH = 1e-6;

    /** Two unit normals whose sine or difference stays below this are the same direction. */
    public static final double DIRECTION = 1e-9;

    /** Solids that share less than this, in mm³, only touch: it is the noise of doubles. */
    public static final double VOLUME = 0.01;

    /** Whether two directions run along one line, whichever way. By their sine: the cosine of so small an angle is 1 to a double. */
    public static boolean isParallel(Vector3D.Unit one, Vector3D.Unit other) {
        return one.cross(other).norm() < DIRECTION;
    }

    private Tolerance() {}
}
