package longshoulder.core.drawing;

import java.util.List;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A face of a piece that looks at the eye.
 *
 * @param corners in the picture, in millimetres
 * @param facing how squarely it faces the eye, from 0 (edge on) to 1
 * @param lift how much it looks upwards in the world, from −1 to 1: for shading
 */
public record Patch(String piece, List<Vector2D> corners, double facing, double lift) {

    public Patch {
        corners = List.copyOf(corners);
    }
}
