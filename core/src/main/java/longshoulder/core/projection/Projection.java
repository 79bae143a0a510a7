package longshoulder.core.projection;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import longshoulder.core.geometry.CutShape;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.tasks.Tasks;

/**
 * A view of some pieces: what a pen has to draw, in true size.
 *
 * @param patches faces that look at the eye, farthest first: painted in this order, nearer ones cover farther ones
 * @param strokes edges, cut into visible and hidden stretches
 * @param extent the box round all its lines
 */
public record Projection(List<Patch> patches, List<Stroke> strokes, Extent extent) {

    public Projection {
        patches = List.copyOf(patches);
        strokes = List.copyOf(strokes);
    }

    private Projection(List<Patch> patches, List<Stroke> strokes) {
        this(patches, strokes, extentOf(strokes));
    }

    private static Extent extentOf(List<Stroke> strokes) {
        Extent.Growing box = new Extent.Growing();
        strokes.forEach(stroke -> {
            box.add(stroke.from());
            box.add(stroke.to());
        });
        return strokes.isEmpty() ? new Extent(0, 0, 0, 0) : box.box();
    }

    /** Draws all pieces as they stand, seen in a view, with hidden edges. */
    public static Projection of(Plan plan, View view) {
        return ofParts(DrawnPart.all(plan), view, piece -> true);
    }

    /** The same without hidden edges, for pictorial views. */
    public static Projection visible(Plan plan, View view) {
        return visibleOf(DrawnPart.all(plan), view);
    }

    /** Draws a piece by itself, with its joints cut, in each of some views. All its faces are of one wood, and lie in no order. */
    public static List<Projection> alone(PlannedPiece piece, List<View> views) {
        DrawnPart parts = DrawnPart.alone(piece);
        List<Polygon> faces = parts.outside().stream().flatMap(one -> one.faces().stream()).toList();
        return views.stream().map(view -> new Projection(OcclusionCulling.of(Patch.of(piece.id(), faces, view)),
                lines(List.of(parts), view, id -> true))).toList();
    }

    /**
     * Draws anything, seen in a view; of lines that fall on each other one.
     *
     * @param seenThrough whether the hidden edges of a piece are drawn, by its id
     */
    public static Projection ofParts(List<DrawnPart> parts, View view, Predicate<String> seenThrough) {
        return Tasks.both(() -> new PaintOrder(parts, view).patches(), () -> lines(parts, view, seenThrough),
                Projection::new);
    }

    private static List<Stroke> lines(List<DrawnPart> parts, View view, Predicate<String> seenThrough) {
        return Overlaps.removed(new HiddenLines(parts, view, seenThrough).strokes());
    }

    /** The same without hidden edges, and with all lines that fall on each other. */
    public static Projection visibleOf(List<DrawnPart> parts, View view) {
        return Tasks.both(() -> new PaintOrder(parts, view).patches(),
                () -> new HiddenLines(parts, view, piece -> false).strokes(), Projection::new);
    }

    /** This drawing with the hidden edges of one of its pieces and of no other; of none if there is no such piece. */
    public Projection seenThrough(List<DrawnPart> parts, View view, String piece) {
        Stream<Stroke> seen = strokes.stream().filter(stroke -> stroke.kind() != Stroke.Kind.HIDDEN);
        Stream<Stroke> hidden = new HiddenLines(parts, view, piece::equals).strokes(piece).stream()
                .filter(stroke -> stroke.kind() == Stroke.Kind.HIDDEN);
        return new Projection(patches, Overlaps.removed(Stream.concat(seen, hidden).toList()), extent);
    }

    /**
     * The box round what would be drawn: the outermost edges are always seen, so that nothing has to be hidden to know it. Where
     * edges have to be looked at, the processors share the pieces.
     */
    public static Extent extentOf(List<DrawnPart> parts, View view) {
        List<CutShape> cutShapes = parts.stream().map(DrawnPart::cutShape).filter(cutShape -> !cutShape.isNothing())
                .toList();
        // A box along the axes is known without a look at its edges: to hand that out would take longer.
        Stream<Extent> boxes = view.isAlongAxes()
                ? cutShapes.stream().map(cutShape -> Extent.of(cutShape.bounds().corners(), view))
                : Tasks.each(cutShapes, cutShape -> extentOf(cutShape, view)).stream();
        return boxes.reduce(Extent::union).orElse(new Extent(0, 0, 0, 0));
    }

    private static Extent extentOf(CutShape cutShape, View view) {
        Extent.Growing box = new Extent.Growing();
        cutShape.lines().edges().forEach(edge -> {
            box.add(edge.from(), view);
            box.add(edge.to(), view);
        });
        return box.box();
    }
}
