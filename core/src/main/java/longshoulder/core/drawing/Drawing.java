package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A view of some pieces: what a pen has to draw, in true size.
 *
 * @param patches faces that look at the eye, farthest first: painted in this order, nearer ones cover farther ones
 * @param strokes edges, cut into visible and hidden stretches
 * @param extent the box round all its lines
 */
public record Drawing(List<Patch> patches, List<Stroke> strokes, Extent extent) {

    public Drawing {
        patches = List.copyOf(patches);
        strokes = List.copyOf(strokes);
    }

    private Drawing(List<Patch> patches, List<Stroke> strokes) {
        this(patches, strokes, strokes.stream().map(stroke -> Extent.of(stroke.from(), stroke.to()))
                .reduce(Extent::and).orElse(new Extent(0, 0, 0, 0)));
    }

    /** Draws all pieces as they stand, seen in a view. */
    public static Drawing of(Plan plan, View view) {
        return ofShown(Shown.all(plan), view);
    }

    /** The same without hidden edges, for pictorial views. */
    public static Drawing visible(Plan plan, View view) {
        return visibleOf(Shown.all(plan), view);
    }

    /** Draws a piece by itself, with its joints cut, in each of some views. All its faces are of one wood, and lie in no order. */
    public static List<Drawing> alone(PlannedPiece piece, List<View> views) {
        Shown shown = Shown.alone(piece);
        List<Polygon> faces = shown.outside().stream().flatMap(one -> one.faces().stream()).toList();
        return views.stream().map(view -> new Drawing(Uncovered.of(Patch.of(piece.id(), faces, view)),
                lines(List.of(shown), view))).toList();
    }

    /** Draws anything, seen in a view, with hidden edges. */
    public static Drawing ofShown(List<Shown> shown, View view) {
        return new Drawing(new PaintOrder(shown, view).patches(), lines(shown, view));
    }

    private static List<Stroke> lines(List<Shown> shown, View view) {
        return Overlaps.removed(new HiddenLines(shown, view, true).strokes());
    }

    /** The same without hidden edges. */
    public static Drawing visibleOf(List<Shown> shown, View view) {
        return new Drawing(new PaintOrder(shown, view).patches(), new HiddenLines(shown, view, false).strokes());
    }

    /** This drawing, which was made without hidden edges, with those of one of its pieces. */
    public Drawing seenThrough(List<Shown> shown, View view, String piece) {
        List<Stroke> more = new ArrayList<>(strokes);
        new HiddenLines(shown, view, true).strokes(piece).stream()
                .filter(stroke -> stroke.kind() == Stroke.Kind.HIDDEN).forEach(more::add);
        return new Drawing(patches, Overlaps.removed(more), extent);
    }

    /** The box round what would be drawn: the outermost edges are always seen, so that nothing has to be hidden to know it. */
    public static Extent extentOf(List<Shown> shown, View view) {
        List<Vector3D> corners = shown.stream().flatMap(piece -> piece.solid().cells().stream())
                .flatMap(cell -> cell.corners().stream()).toList();
        return corners.isEmpty() ? new Extent(0, 0, 0, 0) : Extent.of(corners, view);
    }
}
