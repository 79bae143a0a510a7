package longshoulder.desktop.sheet;

import java.util.function.Function;
import java.util.function.Predicate;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import longshoulder.core.drawing.Patch;
import longshoulder.core.drawing.Stroke;
import longshoulder.desktop.look.Palette;

/** Draws views on a canvas: faces tinted by their wood, hidden edges dashed, visible edges on top. */
final class SheetPen {

    private static final double VISIBLE = 1.2;
    private static final double LIT = 2.0;
    private static final double HIDDEN = 0.8;

    private final GraphicsContext pen;
    private final Function<String, Color> woods;
    private final String lit;

    /**
     * @param woods the tint of a piece by its id
     * @param lit id of the piece that is lit
     */
    SheetPen(GraphicsContext pen, Function<String, Color> woods, String lit) {
        this.pen = pen;
        this.woods = woods;
        this.lit = lit;
    }

    void draw(PlacedView view, boolean hiddenEdges) {
        view.drawing().patches().forEach(patch -> fill(view, patch));
        if (hiddenEdges) {
            pen.setLineDashes(4, 3);
            lines(view, stroke -> stroke.kind() == Stroke.Kind.HIDDEN, HIDDEN, Palette.QUIET);
            pen.setLineDashes();
        }
        lines(view, stroke -> stroke.kind() == Stroke.Kind.VISIBLE, VISIBLE, Palette.INK);
        lines(view, stroke -> stroke.kind() == Stroke.Kind.VISIBLE && stroke.piece().equals(lit), LIT, Palette.LIT);
    }

    /** All lines of a kind as one path: a path is painted at once, single lines one by one. */
    private void lines(PlacedView view, Predicate<Stroke> wanted, double width, Color colour) {
        pen.setLineWidth(width);
        pen.setStroke(colour);
        pen.beginPath();
        for (Stroke stroke : view.drawing().strokes()) {
            if (wanted.test(stroke)) {
                pen.moveTo(view.sheetX(stroke.from()), view.sheetY(stroke.from()));
                pen.lineTo(view.sheetX(stroke.to()), view.sheetY(stroke.to()));
            }
        }
        pen.stroke();
    }

    private void fill(PlacedView view, Patch patch) {
        Color wood = patch.piece().equals(lit) ? Palette.LIT_WOOD : woods.apply(patch.piece());
        double shade = patch.lift() > 0.5 ? 0 : 0.06 + 0.16 * (1 - patch.facing());
        pen.setFill(wood.interpolate(Palette.INK, shade));
        double[] xs = patch.corners().stream().mapToDouble(view::sheetX).toArray();
        double[] ys = patch.corners().stream().mapToDouble(view::sheetY).toArray();
        pen.fillPolygon(xs, ys, xs.length);
        // A hairline of the same colour closes the seams between cells.
        pen.setStroke(pen.getFill());
        pen.setLineWidth(0.6);
        pen.strokePolygon(xs, ys, xs.length);
    }
}
