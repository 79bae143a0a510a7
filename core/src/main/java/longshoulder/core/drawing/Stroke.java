package longshoulder.core.drawing;

import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** A straight line of a drawing, in true size (millimetres). */
public record Stroke(String piece, Vector2D from, Vector2D to, Kind kind) {

    /** What a line stands for. */
    public enum Kind {
        VISIBLE, HIDDEN
    }
}
