package longshoulder.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.Extent;
import longshoulder.core.drawing.Shown;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.core.tasks.Tasks;
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
    private final List<Shown> shown;
    /** In the order of the flat views. */
    private final List<Drawing> drawn;
    private Look look;
    private Drawing pictorial;
    private String lit = "";
    private List<Drawing> flat;

    /** Draws all views; the processors share them. */
    SheetLayout(Plan plan, Look look) {
        this.plan = plan;
        this.shown = Shown.all(plan);
        this.look = look;
        Function<View, Drawing> flatly = isThicket()
                ? view -> Drawing.visibleOf(shown, view)
                : view -> Drawing.ofShown(shown, view);
        List<Supplier<Drawing>> drawings = new ArrayList<>();
        FLAT.forEach(view -> drawings.add(() -> flatly.apply(view)));
        drawings.add(() -> picture(look));
        List<Drawing> all = Tasks.each(drawings, Supplier::get);
        drawn = all.subList(0, FLAT.size());
        flat = drawn;
        pictorial = all.getLast();
    }

    Plan plan() {
        return plan;
    }

    private boolean isThicket() {
        return plan.pieces().size() > MOST_SEEN_THROUGH;
    }

    /** Lets the lit piece be seen through the others where not all are. */
    private void light(String piece) {
        lit = piece;
        flat = Tasks.each(FLAT, view -> drawn.get(FLAT.indexOf(view)).seenThrough(shown, view, piece));
    }

    /** Each piece stands off from the middle of all by a share of its own distance, so that none passes another. */
    private Drawing picture(Look at) {
        if (at.apart() == 0) {
            return Drawing.visibleOf(shown, at.eye());
        }
        Vector3D middle = middle(plan.pieces().stream().map(piece -> piece.form().bounds()).reduce(SheetLayout::both)
                .orElseThrow());
        return Drawing.visibleOf(shown.stream().map(piece -> piece
                .shifted(middle(piece.form().bounds()).subtract(middle).multiply(at.apart() * FARTHEST))).toList(),
                at.eye());
    }

    private static Vector3D middle(Bounds box) {
        return box.least().lerp(box.greatest(), 0.5);
    }

    private static Bounds both(Bounds one, Bounds other) {
        return one.and(other);
    }

    /** The views on a sheet as it is set. */
    List<PlacedView> place(SheetSetting setting) {
        if (isThicket() && !lit.equals(setting.lit())) {
            light(setting.lit());
        }
        if (!look.equals(setting.look())) {
            look = setting.look();
            pictorial = picture(look);
        }
        double width = setting.width();
        double height = setting.height();
        Drawing front = flat.get(0);
        Drawing end = flat.get(1);
        Drawing above = flat.get(2);
        Extent f = front.extent();
        Extent e = end.extent();
        Extent p = above.extent();
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
        PlacedView placedPlan = new PlacedView(View.PLAN, "view.plan", above, scale, left, planLow + scale * p.low());
        double gapTop = 10;
        double corner = endLeft - BETWEEN / 2;
        return List.of(placedPlan, new PlacedView(View.FRONT, "view.front", front, scale, left, floor),
                new PlacedView(View.END, "view.end", end, scale, endLeft - scale * e.left(), floor),
                larger(fit(corner, gapTop, width - 16, planLow + 26),
                        fit(endLeft + scale * e.width() + BESIDE_END, gapTop, width - 16, floor)));
    }

    /** What is flat leaves more room beside its end than above it. */
    private static PlacedView larger(PlacedView one, PlacedView other) {
        return other.scale() > one.scale() ? other : one;
    }

    private PlacedView fit(double left, double top, double right, double bottom) {
        Extent b = pictorial.extent();
        double scale = Math.max(0.01,
                Math.min((right - left) / Math.max(1, b.width()), (bottom - top) / Math.max(1, b.height())));
        double x = (left + right) / 2 - scale * (b.left() + b.right()) / 2;
        double y = (top + bottom) / 2 + scale * (b.low() + b.high()) / 2;
        return new PlacedView(look.eye(), "view.pictorial", pictorial, scale, x, y);
    }
}
