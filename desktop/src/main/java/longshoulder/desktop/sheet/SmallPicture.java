package longshoulder.desktop.sheet;

import javafx.scene.paint.Color;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Extent;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.Picture;

/** A drawing without figures, as large as it can be in a little room. */
public record SmallPicture(Projection drawing, View eye, Plan plan) {

    private static final double MARGIN = 4;

    /**
     * Paints it in the middle of so much room; touches nothing of the window.
     *
     * @param width in pixels of the layout
     * @param pixels of the screen to one of the layout
     */
    public Picture painted(double width, double height, double pixels) {
        Extent box = drawing.extent();
        double scale = Math.min((width - 2 * MARGIN) / Math.max(1, box.width()),
                (height - 2 * MARGIN) / Math.max(1, box.height()));
        PlacedView placed = new PlacedView(eye, "view.pictorial", drawing, scale,
                width / 2 - scale * (box.left() + box.right()) / 2,
                height / 2 + scale * (box.low() + box.high()) / 2);
        return Picture.of(width, height, pixels, brush -> new SheetPen(brush, this::wood, "").drawFine(placed));
    }

    /** Wedges and loose tenons are no pieces of the cut list. */
    private Color wood(String id) {
        return plan.has(id) ? Palette.wood(plan.piece(id).wood()) : Palette.litWood();
    }
}
