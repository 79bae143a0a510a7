package longshoulder.core.geometry;

/**
 * The numeric tolerance of the model. Not a workshop clearance: those are data of a design and have nothing to do with
 * how doubles round.
 */
public final class Tolerance {

    /** Two points nearer than this, in millimetres, are the same point: 0.1 µm, far below any tool and far above noise. */
    public static final double LENGTH = 1e-4;

    /** Two unit normals whose sine or difference stays below this are the same direction. */
    public static final double DIRECTION = 1e-9;

    private Tolerance() {}
}
