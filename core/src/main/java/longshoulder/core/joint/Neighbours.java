package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.Bounds;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Finds the pieces whose boxes some points may touch. All boxes are gone through: to compare two costs less than to look one up.
 */
final class Neighbours {

    private final List<Piece> pieces;
    private final Bounds[] boxes;

    Neighbours(List<Piece> pieces) {
        this.pieces = pieces;
        boxes = pieces.stream().map(Neighbours::box).toArray(Bounds[]::new);
    }

    private static Bounds box(Piece piece) {
        Shape shape = piece.shape();
        return Bounds.of(shape.corners(shape.start())).union(Bounds.of(shape.corners(shape.finish())));
    }

    /** Those whose boxes touch the box of these points, in their own order. */
    List<Piece> of(List<Vector3D> points) {
        Bounds around = Bounds.of(points);
        List<Piece> near = new ArrayList<>();
        for (int i = 0; i < boxes.length; i++) {
            if (boxes[i].touches(around)) {
                near.add(pieces.get(i));
            }
        }
        return near;
    }
}
