package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Plain;
import longshoulder.core.geometry.View;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Cuts every edge into what is seen and what is hidden, exactly, from the solids alone.
 *
 * <p>Running time: edges × cells, most pairs dismissed by their boxes in the picture.
 */
final class HiddenLines {

    /** Stretches shorter than this, in millimetres, are not drawn. */
    private static final double SHORTEST = 0.01;

    /** Hidden parts of an edge by where they begin. A comparator of its own, for this is asked at every edge. */
    private static final Comparator<double[]> BY_BEGINNING = (one, other) -> Double.compare(one[0], other[0]);

    private final List<Shown> pieces;
    private final View view;
    private final boolean keepHidden;
    private final Shadow[] shadows;
    private final List<Stroke> strokes = new ArrayList<>();

    /** @param keepHidden whether hidden stretches are wanted, or dropped */
    HiddenLines(List<Shown> pieces, View view, boolean keepHidden) {
        this.pieces = pieces;
        this.view = view;
        this.keepHidden = keepHidden;
        List<Shadow> cast = new ArrayList<>();
        for (Shown piece : pieces) {
            piece.hiding().forEach(cell -> cast.add(new Shadow(cell, piece.hiding(), view)));
        }
        shadows = cast.toArray(Shadow[]::new);
    }

    List<Stroke> strokes() {
        for (Shown piece : pieces) {
            for (Mesh.Edge edge : piece.mesh().edges()) {
                cut(piece.piece(), edge);
            }
            for (Mesh.Bend bend : piece.mesh().bends()) {
                if (bend.isOutline(view.toEye())) {
                    cut(piece.piece(), bend.edge());
                }
            }
        }
        return strokes;
    }

    private void cut(String piece, Mesh.Edge edge) {
        Vector2D flatFrom = view.flat(edge.from());
        Vector2D flatTo = view.flat(edge.to());
        if (flatFrom.distance(flatTo) < SHORTEST) {
            return;
        }
        double left = Math.min(flatFrom.getX(), flatTo.getX());
        double right = Math.max(flatFrom.getX(), flatTo.getX());
        double low = Math.min(flatFrom.getY(), flatTo.getY());
        double high = Math.max(flatFrom.getY(), flatTo.getY());
        List<double[]> hidden = new ArrayList<>();
        for (Shadow shadow : shadows) {
            if (shadow.mayHide(left, right, low, high)) {
                double[] part = shadow.hidden(edge.from(), edge.to());
                if (part[0] <= 0 && part[1] >= 1) {
                    // Nothing of it is seen, whatever else stands before it: most edges of tenons end here.
                    add(piece, edge, 0, 1, Stroke.Kind.HIDDEN);
                    return;
                }
                if (part[0] < part[1]) {
                    hidden.add(part);
                }
            }
        }
        hidden.sort(BY_BEGINNING);
        double done = 0;
        for (double[] part : hidden) {
            if (part[1] > done) {
                add(piece, edge, done, part[0], Stroke.Kind.VISIBLE);
                add(piece, edge, Math.max(done, part[0]), part[1], Stroke.Kind.HIDDEN);
                done = part[1];
            }
        }
        add(piece, edge, done, 1, Stroke.Kind.VISIBLE);
    }

    private void add(String piece, Mesh.Edge edge, double start, double end, Stroke.Kind kind) {
        if (end <= start || kind == Stroke.Kind.HIDDEN && !keepHidden) {
            return;
        }
        Vector3D from = Plain.between(edge.from(), edge.to(), start);
        Vector3D to = Plain.between(edge.from(), edge.to(), end);
        if (Plain.squaredDistance(from, to) > SHORTEST * SHORTEST) {
            strokes.add(new Stroke(piece, view.flat(from), view.flat(to), kind));
        }
    }
}
