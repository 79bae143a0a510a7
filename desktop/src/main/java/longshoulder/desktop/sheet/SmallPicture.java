package longshoulder.desktop.sheet;

import javafx.scene.canvas.Canvas;
import javafx.scene.paint.Color;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.Extent;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.Palette;

/** A drawing without figures, as large as a small canvas lets it be. */
public record SmallPicture(Drawing drawing, View eye, Plan plan) {

    private static final double MARGIN = 4;

    /** Draws it in the middle of a canvas. */
    public void on(Canvas canvas) {
        Extent box = drawing.extent();
        double scale = Math.min((canvas.getWidth() - 2 * MARGIN) / Math.max(1, box.width()),
                (canvas.getHeight() - 2 * MARGIN) / Math.max(1, box.height()));
        PlacedView placed = new PlacedView(eye, "view.pictorial", drawing, scale,
                canvas.getWidth() / 2 - scale * (box.left() + box.right()) / 2,
                canvas.getHeight() / 2 + scale * (box.low() + box.high()) / 2);
        canvas.getGraphicsContext2D().clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        new SheetPen(new Brush(canvas), this::wood, "").drawFine(placed);
    }

    /** Wedges and loose tenons are no pieces of the cut list. */
    private Color wood(String id) {
        return plan.has(id) ? Palette.wood(plan.piece(id).wood()) : Palette.litWood();
    }
}
