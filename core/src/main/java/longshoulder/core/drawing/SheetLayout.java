package longshoulder.core.drawing;

import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.core.projection.DrawnPart;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Projection;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Places four views on a sheet: the plan above the front, the end to the right of it, all at one scale so that edges
 * line up across them, and the pictorial view in the corner that is left. What is high stands larger with all three in a row: then
 * the plan lies right of the end, and the pictorial view above the plan.
 */
public final class SheetLayout {

    /** How many views there are: the flat ones and the pictorial one. */
    public static final int VIEWS = 4;

    /** Room for figures left of the front view, and between two views; all in millimetres of paper. */
    private static final double LEFT = 29.6;
    private static final double BETWEEN = 34.9;
    private static final double RIGHT = 9;
    /** Before a plan that lies right of the end. */
    private static final double BEFORE_PLAN = 24;
    /** In a row the views have to be larger by so much; else they stay where most drawings have them. */
    private static final double ROW_GAIN = 1.1;
    /** More room on a sheet that is no larger than it need be: figures of thin pieces stand beside them. */
    private static final double SPARE = 24;
    private static final double ABOVE_PLAN = 4.2;
    private static final double ABOVE_FRONT = 22.2;
    private static final double BELOW = 20.6;
    /** Round the pictorial view. */
    private static final double BESIDE_END = 6.4;
    private static final double BESIDE = 4.2;
    private static final double ABOVE = 2.6;
    private static final double UNDER = 6.9;
    /** From the box round a view down to the line of its caption: from above, and of the others. */
    private static final double UNDER_PLAN = 4.8;
    private static final double UNDER_OTHERS = 17.5;

    /** Round the pictorial view where it has the whole sheet. */
    private static final double ALONE = 8;

    /** Quite apart, a piece stands farther from the middle by this share. */
    private static final double FARTHEST = 0.9;

    /** Of more pieces than these all hidden edges together are a thicket: those of the lit piece alone are drawn. */
    private static final int MOST_SEEN_THROUGH = 18;

    private static final List<View> FLAT = List.of(View.FRONT, View.END, View.PLAN);

    private final Plan plan;
    private final List<DrawnPart> shown;
    /** In the order of the flat views. */
    private final List<Extent> flat;
    /** The pieces as they last stood apart. */
    private volatile Apart apart;

    /** Pieces that stand apart by a share. */
    private record Apart(double share, List<DrawnPart> shown) {}

    public SheetLayout(Plan plan) {
        this.plan = plan;
        shown = DrawnPart.all(plan);
        apart = new Apart(0, shown);
        flat = FLAT.stream().map(view -> Projection.extentOf(shown, view)).toList();
    }

    public Plan plan() {
        return plan;
    }

    /** Whether a piece's hidden edges are drawn: those of all pieces, but of many pieces only those of the lit one. */
    static Predicate<String> seenThrough(Plan plan, String lit) {
        return isThicket(plan) ? lit::equals : piece -> true;
    }

    private static boolean isThicket(Plan plan) {
        return plan.pieces().size() > MOST_SEEN_THROUGH;
    }

    /**
     * Draws a flat view.
     *
     * @param lit the piece that is seen through the others where not all are
     */
    public Projection draw(View view, String lit) {
        return Projection.ofParts(shown, view, seenThrough(plan, lit));
    }

    /** A projection of a flat view as it is when another piece is lit. */
    public Projection lit(Projection projection, View view, String lit) {
        return isThicket(plan) ? projection.seenThrough(shown, view, lit) : projection;
    }

    /** Draws the pictorial view. */
    public Projection draw(PictorialLook look) {
        return Projection.visibleOf(apart(look.apart()), look.eye());
    }

    /** Draws a piece with those that it is joined to, and nothing that stands before them. */
    public Projection drawNear(PictorialLook look, String piece) {
        return Projection.visibleOf(near(look, piece), look.eye());
    }

    /** A piece and those that it is joined to; all of them where there is no such piece. */
    private List<DrawnPart> near(PictorialLook look, String piece) {
        List<DrawnPart> parts = apart(look.apart());
        if (!plan.has(piece)) {
            return parts;
        }
        Set<String> joined = plan.joints().stream().map(Joint::meeting)
                .map(meeting -> List.of(meeting.tenonPiece().id(), meeting.mortisePiece().id()))
                .filter(pair -> pair.contains(piece)).flatMap(List::stream).collect(Collectors.toSet());
        return parts.stream().filter(part -> part.piece().equals(piece) || joined.contains(part.piece())).toList();
    }

    /** Each piece stands off from the middle of all by a share of its own distance, so that none passes another. */
    private List<DrawnPart> apart(double share) {
        if (share == 0) {
            // Together, they hide each other's joints.
            return shown;
        }
        Apart known = apart;
        if (known.share != share) {
            Vector3D middle = middle(plan.pieces().stream().map(piece -> piece.cutShape().bounds())
                    .reduce(Bounds::union).orElseThrow());
            known = new Apart(share, shown.stream().map(piece -> piece
                    .shifted(middle(piece.cutShape().bounds()).subtract(middle).multiply(share * FARTHEST))).toList());
            apart = known;
        }
        return known.shown;
    }

    private static Vector3D middle(Bounds box) {
        return box.least().lerp(box.greatest(), 0.5);
    }

    /** How wide the front and the end are together, and how high the front and the plan, in millimetres of the piece. */
    private double across() {
        return flat.get(0).width() + flat.get(1).width();
    }

    private double down() {
        return flat.get(0).height() + flat.get(2).height();
    }

    /** The largest scale of the flat views on a sheet. */
    double largestScale(double width, double height) {
        return Math.max(Placement.LEAST_SCALE,
                isInRow(width, height) ? scaleInRow(width, height) : scaleStacked(width, height));
    }

    private boolean isInRow(double width, double height) {
        return scaleInRow(width, height) > ROW_GAIN * scaleStacked(width, height);
    }

    private double scaleStacked(double width, double height) {
        return Math.min((width - LEFT - BETWEEN - RIGHT) / across(),
                (height - ABOVE_PLAN - ABOVE_FRONT - BELOW) / down());
    }

    private double scaleInRow(double width, double height) {
        return Math.min((width - LEFT - BETWEEN - BEFORE_PLAN - RIGHT) / (across() + flat.get(2).width()),
                (height - ABOVE_FRONT - BELOW) / flat.get(0).height());
    }

    /** The least sheet for the flat views at a scale. */
    Area leastPage(double scale) {
        return new Area(0, 0, LEFT + BETWEEN + RIGHT + SPARE + scale * across(),
                ABOVE_PLAN + ABOVE_FRONT + BELOW + scale * down());
    }

    /** Where the views lie on a sheet, as large as they can; nothing is drawn of them yet. The pictorial view is the last. */
    public List<PlacedView> place(double width, double height, PictorialLook look) {
        return place(width, height, largestScale(width, height), look);
    }

    /**
     * Where the pictorial view lies if it has the whole sheet.
     *
     * @param piece the one that it is as large as can be of; empty for all of them
     */
    public List<PlacedView> placeAlone(double width, double height, PictorialLook look, String piece) {
        List<DrawnPart> parts = near(look, piece);
        List<DrawnPart> near = parts.stream().filter(part -> part.piece().equals(piece)).toList();
        Extent all = Projection.extentOf(parts, look.eye());
        Extent extent = near.isEmpty() ? all : Projection.extentOf(near, look.eye());
        return List.of(PlacedView.blank(look.eye(), PlacedView.PICTORIAL, all, Placement.fitting(extent,
                new Area(ALONE, ALONE, Math.max(1, width - 2 * ALONE), Math.max(1, height - 2 * ALONE)))));
    }

    /** The same at a scale of the flat views. */
    List<PlacedView> place(double width, double height, double scale, PictorialLook look) {
        return isInRow(width, height) && scale <= scaleInRow(width, height)
                ? inRow(width, height, scale, look)
                : stacked(width, height, scale, look);
    }

    private List<PlacedView> inRow(double width, double height, double scale, PictorialLook look) {
        Extent front = flat.get(0);
        Extent end = flat.get(1);
        Extent plane = flat.get(2);
        double spareX = (width - LEFT - BETWEEN - BEFORE_PLAN - RIGHT - (across() + plane.width()) * scale) / 4;
        double spareY = (height - ABOVE_FRONT - BELOW - scale * front.height()) / 2;
        double bottom = height - BELOW - spareY;
        double frontLeft = LEFT + spareX;
        double endLeft = frontLeft + scale * front.width() + BETWEEN + spareX;
        double planLeft = endLeft + scale * end.width() + BEFORE_PLAN + spareX;
        double corner = planLeft - BEFORE_PLAN / 2;
        double planTop = bottom - scale * plane.height();
        return List.of(PlacedView.blank(View.PLAN, "view.plan", plane, at(plane, scale, planLeft, bottom)),
                PlacedView.blank(View.FRONT, "view.front", front, at(front, scale, frontLeft, bottom)),
                PlacedView.blank(View.END, "view.end", end, at(end, scale, endLeft, bottom)),
                fit(look.eye(), Projection.extentOf(apart(look.apart()), look.eye()),
                        new Area(corner, ABOVE, width - BESIDE - corner, planTop - ABOVE_FRONT / 2 - ABOVE)));
    }

    /** With the lower left corner of what is drawn at a place. */
    private static Placement at(Extent extent, double scale, double left, double bottom) {
        return new Placement(scale, left - scale * extent.left(), bottom + scale * extent.low());
    }

    private List<PlacedView> stacked(double width, double height, double scale, PictorialLook look) {
        Extent front = flat.get(0);
        Extent end = flat.get(1);
        Extent plane = flat.get(2);
        double spareX = (width - LEFT - BETWEEN - RIGHT - across() * scale) / 3;
        double spareY = (height - ABOVE_PLAN - ABOVE_FRONT - BELOW - down() * scale) / 2;
        double left = LEFT + spareX - scale * front.left();
        double endLeft = LEFT + spareX * 2 + scale * front.width() + BETWEEN;
        double floor = height - BELOW - spareY + scale * front.low();
        double planLow = ABOVE_PLAN + spareY + scale * plane.height();
        double corner = endLeft - BETWEEN / 2;
        double beyondEnd = endLeft + scale * end.width() + BESIDE_END;
        View eye = look.eye();
        Extent pictorial = Projection.extentOf(apart(look.apart()), eye);
        return List.of(
                PlacedView.blank(View.PLAN, "view.plan", plane,
                        new Placement(scale, left, planLow + scale * plane.low())),
                PlacedView.blank(View.FRONT, "view.front", front, new Placement(scale, left, floor)),
                PlacedView.blank(View.END, "view.end", end,
                        new Placement(scale, endLeft - scale * end.left(), floor)),
                larger(fit(eye, pictorial, new Area(corner, ABOVE, width - BESIDE - corner, planLow + UNDER - ABOVE)),
                        fit(eye, pictorial,
                                new Area(beyondEnd, ABOVE, width - BESIDE - beyondEnd, floor - ABOVE))));
    }

    /** What is flat leaves more room beside its end than above it. */
    private static PlacedView larger(PlacedView one, PlacedView other) {
        return other.placement().scale() > one.placement().scale() ? other : one;
    }

    private static PlacedView fit(View eye, Extent box, Area area) {
        return PlacedView.blank(eye, PlacedView.PICTORIAL, box, Placement.fitting(box, area));
    }

    /** The line of a view's caption, on the page. */
    public static double captionLine(PlacedView view) {
        return view.area().bottom() + (view.name().equals("view.plan") ? UNDER_PLAN : UNDER_OTHERS);
    }
}
