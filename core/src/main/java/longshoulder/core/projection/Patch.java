package longshoulder.core.projection;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import longshoulder.core.geometry.Plain;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.geometry.View;
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

    /** Whether a face looks at the eye. */
    static boolean isSeen(Polygon face, View view) {
        return Plain.dot(face.plane().normal(), view.toEye()) > Tolerance.DIRECTION;
    }

    /** Whether any face looks at the eye. */
    static boolean anySeen(List<Polygon> faces, View view) {
        for (Polygon face : faces) {
            if (isSeen(face, view)) {
                return true;
            }
        }
        return false;
    }

    /** Those of a piece's faces that look at the eye. */
    static List<Patch> of(String piece, List<Polygon> faces, View view) {
        List<Patch> patches = new ArrayList<>(faces.size());
        for (Polygon face : faces) {
            if (isSeen(face, view)) {
                Vector2D[] corners = new Vector2D[face.corners().size()];
                Arrays.setAll(corners, i -> view.flat(face.corners().get(i)));
                patches.add(new Patch(piece, List.of(corners), Plain.dot(face.plane().normal(), view.toEye()),
                        face.plane().normal().getZ()));
            }
        }
        return patches;
    }
}
