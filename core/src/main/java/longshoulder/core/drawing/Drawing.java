package longshoulder.core.drawing;

import java.util.List;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.PlannedPiece;

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
        return ofShown(pieces.stream().map(Shown::of).toList(), view);
    }

    /** The same without hidden edges, for pictorial views. */
    public static Drawing visible(List<PlannedPiece> pieces, View view) {
        return visibleOf(pieces.stream().map(Shown::of).toList(), view);
    }

    /** Draws anything, seen in a view, with hidden edges. */
    public static Drawing ofShown(List<Shown> shown, View view) {
        return new Drawing(new PaintOrder(shown, view).patches(),
                Overlaps.removed(new HiddenLines(shown, view, true).strokes()));
    }

    /** The same without hidden edges. */
    public static Drawing visibleOf(List<Shown> shown, View view) {
        return new Drawing(new PaintOrder(shown, view).patches(), new HiddenLines(shown, view, false).strokes());
    }

    /** How many pieces it shows. */
    public long pieces() {
        return strokes.stream().map(Stroke::piece).distinct().count();
    }

    /** The box round all its lines. */
    public Extent extent() {
        double x0 = Double.POSITIVE_INFINITY;
        double y0 = Double.POSITIVE_INFINITY;
        double x1 = Double.NEGATIVE_INFINITY;
        double y1 = Double.NEGATIVE_INFINITY;
        for (Stroke stroke : strokes) {
            x0 = Math.min(x0, Math.min(stroke.from().getX(), stroke.to().getX()));
            y0 = Math.min(y0, Math.min(stroke.from().getY(), stroke.to().getY()));
            x1 = Math.max(x1, Math.max(stroke.from().getX(), stroke.to().getX()));
            y1 = Math.max(y1, Math.max(stroke.from().getY(), stroke.to().getY()));
        }
        return strokes.isEmpty() ? new Extent(0, 0, 0, 0) : new Extent(x0, y0, x1, y1);
    }
}
