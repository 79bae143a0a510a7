package longshoulder.core.projection;

import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** A straight line of a drawing, in true size (millimetres). */
public record Stroke(String piece, Vector2D from, Vector2D to, Kind kind) {

    /** What a line stands for. */
    public enum Kind {
        /** An edge that is seen. */
        VISIBLE,
        /** An edge that is seen and falls on one of another piece, which is drawn: needed only where its own piece is picked out. */
        DOUBLED,
        /** An edge behind something. */
        HIDDEN
    }

    Stroke as(Kind other) {
        return new Stroke(piece, from, to, other);
    }
}
