package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Puts the cells of all pieces in an order in which nearer ones can be painted over farther ones.
 *
 * <p>A cell has to be painted before another unless a plane of one of the two shows that it is clear of it: that it lies on the
 * eye's side. All planes are asked, not only the first that parts the two: two cells that are apart along several axes ask for no
 * order, and an order that nothing asks for may close a circle. The order is a depth-first walk over "must be painted before".
 */
final class PaintOrder {

    /** A cell, those of its faces that are not inside the wood, and its box in the picture: left, low, right, high. */
    private record Item(String piece, Cell cell, List<Polygon> faces, double left, double low, double right,
            double high) {

        static Item of(Shown piece, int index, View view) {
            Cell cell = piece.solid().cells().get(index);
            List<Polygon> faces = piece.mesh().faces().stream().filter(face -> face.cell() == index)
                    .map(Mesh.Face::polygon).toList();
            List<Vector2D> flat = cell.corners().stream().map(view::flat).toList();
            return new Item(piece.piece(), cell, faces, flat.stream().mapToDouble(Vector2D::getX).min().orElse(0),
                    flat.stream().mapToDouble(Vector2D::getY).min().orElse(0),
                    flat.stream().mapToDouble(Vector2D::getX).max().orElse(0),
                    flat.stream().mapToDouble(Vector2D::getY).max().orElse(0));
        }

        boolean mayCover(Item other) {
            return Math.min(right, other.right) - Math.max(left, other.left) > Tolerance.LENGTH
                    && Math.min(high, other.high) - Math.max(low, other.low) > Tolerance.LENGTH;
        }
    }

    private final View view;
    private final List<Item> items = new ArrayList<>();
    private final List<Item> ordered = new ArrayList<>();
    private final boolean[] seen;

    PaintOrder(List<Shown> pieces, View view) {
        this.view = view;
        List<Solid> bodies = pieces.stream().map(Shown::body).toList();
        for (int at = 0; at < pieces.size(); at++) {
            Shown piece = pieces.get(at);
            for (int i = 0; i < piece.solid().cells().size(); i++) {
                if (!isBuried(at, piece.solid().cells().get(i), bodies)) {
                    items.add(Item.of(piece, i, view));
                }
            }
        }
        seen = new boolean[items.size()];
    }

    /** Whether a cell, such as a stopped tenon, lies wholly inside the body of another piece: nothing of it is ever seen. */
    private static boolean isBuried(int piece, Cell cell, List<Solid> bodies) {
        for (int other = 0; other < bodies.size(); other++) {
            if (other != piece && bodies.get(other).cells().stream().anyMatch(body -> body.contains(cell))) {
                return true;
            }
        }
        return false;
    }

    List<Patch> patches() {
        for (int i = 0; i < items.size(); i++) {
            visit(i);
        }
        return ordered.stream().flatMap(item -> patches(item).stream()).toList();
    }

    private void visit(int index) {
        if (seen[index]) {
            return;
        }
        seen[index] = true;
        for (int other = 0; other < items.size(); other++) {
            if (!seen[other] && items.get(other).mayCover(items.get(index))
                    && !items.get(other).cell().isClearOf(items.get(index).cell(), view.toEye())) {
                visit(other);
            }
        }
        ordered.add(items.get(index));
    }

    private List<Patch> patches(Item item) {
        List<Patch> patches = new ArrayList<>();
        for (Polygon face : item.faces()) {
            double facing = face.plane().normal().dot(view.toEye());
            if (facing > Tolerance.DIRECTION) {
                patches.add(new Patch(item.piece(), face.corners().stream().map(view::flat).toList(), facing,
                        face.plane().normal().getZ()));
            }
        }
        return patches;
    }
}
