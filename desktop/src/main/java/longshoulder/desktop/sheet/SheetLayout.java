package longshoulder.desktop.sheet;

import java.util.List;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.DrawnPart;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Places four views on the sheet: the plan above the front, the end to the right of it, all at one scale so that edges
 * line up across them, and the pictorial view in the corner that is left.
 */
final class SheetLayout {

    /** Room for figures left of the front view, and between two views. */
    private static final double LEFT = 112;
    private static final double BETWEEN = 132;
    private static final double RIGHT = 34;
    private static final double ABOVE_PLAN = 16;
    private static final double ABOVE_FRONT = 84;
    private static final double BELOW = 78;
    private static final double BESIDE_END = 24;

    /** Quite apart, a piece stands farther from the middle by this share. */
    private static final double FARTHEST = 0.9;

    /** Of more pieces than these all hidden edges together are a thicket: those of the lit piece alone are drawn. */
    private static final int MOST_SEEN_THROUGH = 18;

    /** How many there are: the flat ones and the pictorial one. */
    static final int VIEWS = 4;

    private static final List<View> FLAT = List.of(View.FRONT, View.END, View.PLAN);

    private final Plan plan;
    private final List<DrawnPart> shown;
    /** In the order of the flat views. */
    private final List<Extent> flat;
    /** The pieces as they last stood apart. */
    private volatile Apart apart;

    /** Pieces that stand apart by a share. */
    private record Apart(double share, List<DrawnPart> shown) {}

    SheetLayout(Plan plan) {
        this.plan = plan;
        shown = DrawnPart.all(plan);
        apart = new Apart(0, shown);
        flat = FLAT.stream().map(view -> Projection.extentOf(shown, view)).toList();
    }

    Plan plan() {
        return plan;
    }

    private boolean isThicket() {
        return plan.pieces().size() > MOST_SEEN_THROUGH;
    }

    /**
     * Draws a flat view.
     *
     * @param lit the piece that is seen through the others where not all are
     */
    Projection draw(View view, String lit) {
        return Projection.ofParts(shown, view, isThicket() ? lit::equals : piece -> true);
    }

    /** A drawing of a flat view as it is when another piece is lit. */
    Projection lit(Projection drawing, View view, String lit) {
        return isThicket() ? drawing.seenThrough(shown, view, lit) : drawing;
    }

    /** Draws the pictorial view. */
    Projection draw(Look look) {
        return Projection.visibleOf(apart(look.apart()), look.eye());
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
                    .reduce(SheetLayout::both).orElseThrow());
            known = new Apart(share, shown.stream().map(piece -> piece
                    .shifted(middle(piece.cutShape().bounds()).subtract(middle).multiply(share * FARTHEST))).toList());
            apart = known;
        }
        return known.shown;
    }

    private static Vector3D middle(Bounds box) {
        return box.least().lerp(box.greatest(), 0.5);
    }

    private static Bounds both(Bounds one, Bounds other) {
        return one.union(other);
    }

    /** Where the views lie on a sheet as it is set; nothing is drawn of them yet. */
    List<PlacedView> place(SheetSetting setting) {
        double width = setting.width();
        double height = setting.height();
        Extent f = flat.get(0);
        Extent e = flat.get(1);
        Extent p = flat.get(2);
        double across = f.width() + e.width();
        double down = f.height() + p.height();
        double scale = Math.max(0.01, Math.min((width - LEFT - BETWEEN - RIGHT) / across,
                (height - ABOVE_PLAN - ABOVE_FRONT - BELOW) / down));
        double spareX = (width - LEFT - BETWEEN - RIGHT - across * scale) / 3;
        double spareY = (height - ABOVE_PLAN - ABOVE_FRONT - BELOW - down * scale) / 2;
        double left = LEFT + spareX - scale * f.left();
        double endLeft = LEFT + spareX * 2 + scale * f.width() + BETWEEN;
        double floor = height - BELOW - spareY + scale * f.low();
        double planLow = ABOVE_PLAN + spareY + scale * p.height();
        double gapTop = 10;
        double corner = endLeft - BETWEEN / 2;
        View eye = setting.look().eye();
        Extent pictorial = Projection.extentOf(apart(setting.look().apart()), eye);
        return List.of(PlacedView.blank(View.PLAN, "view.plan", p, scale, left, planLow + scale * p.low()),
                PlacedView.blank(View.FRONT, "view.front", f, scale, left, floor),
                PlacedView.blank(View.END, "view.end", e, scale, endLeft - scale * e.left(), floor),
                larger(fit(eye, pictorial, corner, gapTop, width - 16, planLow + 26),
                        fit(eye, pictorial, endLeft + scale * e.width() + BESIDE_END, gapTop, width - 16, floor)));
    }

    /** What is flat leaves more room beside its end than above it. */
    private static PlacedView larger(PlacedView one, PlacedView other) {
        return other.scale() > one.scale() ? other : one;
    }

    private static PlacedView fit(View eye, Extent box, double left, double top, double right, double bottom) {
        double scale = Math.max(0.01,
                Math.min((right - left) / Math.max(1, box.width()), (bottom - top) / Math.max(1, box.height())));
        double x = (left + right) / 2 - scale * (box.left() + box.right()) / 2;
        double y = (top + bottom) / 2 + scale * (box.low() + box.high()) / 2;
        return PlacedView.blank(eye, "view.pictorial", box, scale, x, y);
    }
}
