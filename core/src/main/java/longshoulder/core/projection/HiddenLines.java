package longshoulder.core.projection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import longshoulder.core.geometry.Boundary;
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

    private final List<DrawnPart> pieces;
    private final View view;
    private final Predicate<String> seenThrough;
    private final List<Cast> casts = new ArrayList<>();
    private final List<Stroke> strokes = new ArrayList<>();

    /** What a piece hides, and the box round it in the picture. */
    private record Cast(List<Shadow> shadows, Extent box) {

        static Cast of(DrawnPart piece, View view) {
            List<Shadow> shadows = new ArrayList<>(piece.hiding().size());
            Extent box = Extent.NOTHING;
            for (Hiding cell : piece.hiding()) {
                Shadow shadow = new Shadow(cell, view);
                shadows.add(shadow);
                box = box.union(shadow.box());
            }
            return new Cast(shadows, box);
        }
    }

    /** @param seenThrough whether the hidden stretches of a piece are wanted, by its id */
    HiddenLines(List<DrawnPart> pieces, View view, Predicate<String> seenThrough) {
        this.pieces = pieces;
        this.view = view;
        this.seenThrough = seenThrough;
        pieces.forEach(piece -> casts.add(Cast.of(piece, view)));
    }

    List<Stroke> strokes() {
        return strokes(pieces);
    }

    /** Those of one piece alone. */
    List<Stroke> strokes(String piece) {
        return strokes(pieces.stream().filter(one -> one.piece().equals(piece)).toList());
    }

    private List<Stroke> strokes(List<DrawnPart> drawn) {
        for (DrawnPart piece : drawn) {
            NearbyShadows near = near(Extent.of(piece.cutShape().bounds().corners(), view));
            for (Boundary.Arris arris : piece.cutShape().lines().arrises()) {
                switch (arris.sight(view.toEye())) {
                    case OPEN -> cut(piece.piece(), arris.edge(), near);
                    case HIDDEN -> add(piece.piece(), arris.edge(), 0, 1, Stroke.Kind.HIDDEN);
                    case COVERED -> {
                    }
                }
            }
            for (Boundary.Bend bend : piece.cutShape().lines().bends()) {
                if (bend.isOutline(view.toEye())) {
                    cut(piece.piece(), bend.edge(), near);
                }
            }
        }
        return strokes;
    }

    /** The shadows that may fall on what has this box. */
    private NearbyShadows near(Extent box) {
        List<Shadow> near = new ArrayList<>();
        for (Cast cast : casts) {
            if (cast.box.meets(box, Shadow.SEAM)) {
                for (Shadow shadow : cast.shadows) {
                    if (shadow.mayHide(box)) {
                        near.add(shadow);
                    }
                }
            }
        }
        return new NearbyShadows(near);
    }

    private void cut(String piece, Boundary.Edge edge, NearbyShadows near) {
        Vector2D flatFrom = view.flat(edge.from());
        Vector2D flatTo = view.flat(edge.to());
        Extent box = Extent.of(flatFrom, flatTo);
        if (box.width() * box.width() + box.height() * box.height() < SHORTEST * SHORTEST) {
            return;
        }
        List<double[]> hidden = new ArrayList<>();
        for (int i = near.next(box, 0); i >= 0; i = near.next(box, i + 1)) {
            double[] part = near.get(i).hidden(edge.from(), edge.to());
            if (part[0] <= 0 && part[1] >= 1) {
                // Nothing of it is seen, whatever else stands before it: most edges of tenons end here, and what hides one of
                // them hides the next.
                near.putFirst(i);
                add(piece, edge, 0, 1, Stroke.Kind.HIDDEN);
                return;
            }
            if (part[0] < part[1]) {
                hidden.add(part);
            }
        }
        if (hidden.size() > 1) {
            hidden.sort(BY_BEGINNING);
        }
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

    private void add(String piece, Boundary.Edge edge, double start, double end, Stroke.Kind kind) {
        if (end <= start || kind == Stroke.Kind.HIDDEN && !seenThrough.test(piece)) {
            return;
        }
        Vector3D from = Plain.between(edge.from(), edge.to(), start);
        Vector3D to = Plain.between(edge.from(), edge.to(), end);
        if (Plain.squaredDistance(from, to) > SHORTEST * SHORTEST) {
            strokes.add(new Stroke(piece, view.flat(from), view.flat(to), kind));
        }
    }
}
