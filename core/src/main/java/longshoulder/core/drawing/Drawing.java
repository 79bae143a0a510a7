package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A view of some pieces: what a pen has to draw, in true size.
 *
 * @param patches faces that look at the eye, farthest first: painted in this order, nearer ones cover farther ones
 * @param strokes edges, cut into visible and hidden stretches
 */
public record Drawing(List<Patch> patches, List<Stroke> strokes) {

    public Drawing {
        patches = List.copyOf(patches);
        strokes = List.copyOf(strokes);
    }

    /** Draws pieces as they stand, seen in a view. */
    public static Drawing of(List<PlannedPiece> pieces, View view) {
        return new Drawing(new PaintOrder(pieces, view).patches(),
                Overlaps.removed(new HiddenLines(pieces, view, true).strokes()));
    }

    /** The same without hidden edges, for pictorial views. */
    public static Drawing visible(List<PlannedPiece> pieces, View view) {
        return new Drawing(new PaintOrder(pieces, view).patches(), new HiddenLines(pieces, view, false).strokes());
    }

    /** The box round all its lines. */
    public Extent extent() {
        List<Vector2D> ends = new ArrayList<>();
        strokes.forEach(stroke -> ends.addAll(List.of(stroke.from(), stroke.to())));
        double x0 = ends.stream().mapToDouble(Vector2D::getX).min().orElse(0);
        double y0 = ends.stream().mapToDouble(Vector2D::getY).min().orElse(0);
        double x1 = ends.stream().mapToDouble(Vector2D::getX).max().orElse(0);
        double y1 = ends.stream().mapToDouble(Vector2D::getY).max().orElse(0);
        return new Extent(x0, y0, x1, y1);
    }
}
