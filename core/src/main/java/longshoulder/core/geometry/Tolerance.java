package longshoulder.core.geometry;

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

    private Tolerance() {}
}
