package longshoulder.core.projection;

import java.util.List;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.View;

/**
 * A cell as it is painted.
 *
 * @param faces those of its faces that are not inside the wood
 * @param inlays painted over them
 * @param outline in the picture
 */
record Painted(String piece, Cell cell, List<Polygon> faces, List<Inlay> inlays, Silhouette outline) {

    /** Cells are cut no thinner than this, in millimetres. */
    private static final double THIN = 0.01;

    static Painted of(String piece, Cell cell, List<Polygon> faces, List<Inlay> inlays, View view) {
        return new Painted(piece, cell, faces, inlays, Silhouette.of(cell.corners(), view));
    }

    /** Whether a plane leaves something of it on both sides. */
    boolean isCutBy(HalfSpace plane) {
        return cell.corners().stream().anyMatch(corner -> plane.distance(corner) < -THIN)
                && cell.corners().stream().anyMatch(corner -> plane.distance(corner) > THIN);
    }

    /** The part on the inner side of a plane that cuts it. */
    Painted within(HalfSpace keep, View view) {
        return of(piece, cell.clip(keep).orElse(cell),
                faces.stream().flatMap(face -> face.clip(keep).stream()).toList(),
                inlays.stream().flatMap(inlay -> inlay.clip(keep).stream()).toList(), view);
    }
}
