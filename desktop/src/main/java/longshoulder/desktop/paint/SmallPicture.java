package longshoulder.desktop.paint;

import longshoulder.core.projection.Projection;
import longshoulder.core.plan.Plan;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Placement;
import longshoulder.core.drawing.ViewMarks;

/** A drawing without figures, as large as it can be in a little room. */
public record SmallPicture(Projection drawing, Plan plan) {

    private static final double MARGIN = 4;

    /**
     * Paints it in the middle of so much room; touches nothing of the window.
     *
     * @param width in pixels of the layout
     * @param pixels of the screen to one of the layout
     */
    public Picture painted(double width, double height, double pixels) {
        Placement placed = Placement.fitting(drawing.extent(),
                Pixels.toArea(MARGIN, MARGIN, width - 2 * MARGIN, height - 2 * MARGIN));
        Page.Group group = new Page.Group(placed, new ViewMarks(plan, "").fine(drawing));
        return Picture.of(width, height, pixels, brush -> group.draw(new ScreenPen(brush)));
    }
}
