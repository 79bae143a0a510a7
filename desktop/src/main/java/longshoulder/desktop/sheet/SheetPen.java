package longshoulder.desktop.sheet;

import java.util.List;
import java.util.function.Function;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import longshoulder.core.drawing.Patch;
import longshoulder.core.drawing.Stroke;
import longshoulder.desktop.look.Palette;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

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
        List<Stroke> strokes = view.drawing().strokes();
        if (hiddenEdges) {
            pen.setLineDashes(4, 3);
            pen.setLineWidth(HIDDEN);
            strokes.stream().filter(stroke -> stroke.kind() == Stroke.Kind.HIDDEN)
                    .forEach(stroke -> line(view, stroke, Palette.QUIET));
            pen.setLineDashes();
        }
        pen.setLineWidth(VISIBLE);
        strokes.stream().filter(stroke -> stroke.kind() == Stroke.Kind.VISIBLE)
                .forEach(stroke -> line(view, stroke, Palette.INK));
        pen.setLineWidth(LIT);
        strokes.stream().filter(stroke -> stroke.kind() == Stroke.Kind.VISIBLE && stroke.piece().equals(lit))
                .forEach(stroke -> line(view, stroke, Palette.LIT));
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

    private void line(PlacedView view, Stroke stroke, Color colour) {
        Vector2D from = stroke.from();
        Vector2D to = stroke.to();
        pen.setStroke(colour);
        pen.strokeLine(view.sheetX(from), view.sheetY(from), view.sheetX(to), view.sheetY(to));
    }
}
