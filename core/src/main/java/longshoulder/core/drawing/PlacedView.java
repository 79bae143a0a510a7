package longshoulder.core.drawing;

import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.View;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Patch;
import longshoulder.core.projection.Projection;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A view at its place on a page.
 *
 * @param name key of its caption, such as {@code view.front}; empty for none
 */
public record PlacedView(View view, String name, Projection projection, Placement placement) {

    static final String PICTORIAL = "view.pictorial";

    /**
     * A place of which nothing is drawn yet.
     *
     * @param extent of what will be
     */
    static PlacedView blank(View view, String name, Extent extent, Placement placement) {
        return new PlacedView(view, name, new Projection(List.of(), List.of(), extent), placement);
    }

    /** The same with something drawn there. */
    public PlacedView drawn(Projection other) {
        return new PlacedView(view, name, other, placement);
    }

    /** Whether it is the one that can be turned. */
    public boolean isPictorial() {
        return name.equals(PICTORIAL);
    }

    /** Where a point of the world lies on the page. */
    public Vector2D onPage(Vector3D point) {
        return placement.onPage(view.flat(point));
    }

    /** The box round the projection, on the page. */
    public Area area() {
        return placement.area(projection.extent());
    }

    /** The same with the lines of its figures. */
    public Area areaWith(List<DimensionLine> lines) {
        return lines.stream().map(line -> line.area(placement)).reduce(area(), Area::union);
    }

    /** The piece that is seen at a place on the page. */
    public Optional<String> pieceAt(double pageX, double pageY) {
        Vector2D point = placement.onPiece(pageX, pageY);
        List<Patch> patches = projection.patches();
        for (int i = patches.size() - 1; i >= 0; i--) {
            if (contains(patches.get(i).corners(), point)) {
                return Optional.of(patches.get(i).piece());
            }
        }
        return Optional.empty();
    }

    private static boolean contains(List<Vector2D> corners, Vector2D point) {
        boolean left = false;
        boolean right = false;
        for (int i = 0; i < corners.size(); i++) {
            Vector2D from = corners.get(i);
            Vector2D to = corners.get((i + 1) % corners.size());
            double side = to.subtract(from).signedArea(point.subtract(from));
            left |= side > 0;
            right |= side < 0;
        }
        return left != right;
    }
}
