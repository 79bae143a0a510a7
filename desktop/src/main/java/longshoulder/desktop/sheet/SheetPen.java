package longshoulder.desktop.sheet;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.scene.paint.Color;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Hatch;
import longshoulder.core.projection.Patch;
import longshoulder.core.projection.Stroke;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.Palette;

/** Paints views into a picture: faces tinted by their wood, hidden edges dashed, visible edges on top. */
final class SheetPen {

    private static final double VISIBLE = 1.2;
    private static final double LIT = 2.0;
    private static final double HIDDEN = 0.8;
    private static final double HATCH = 0.7;

    /** In pixels. */
    private static final double HATCH_SPACING = 5;

    private final Brush brush;
    private final Function<String, Color> woods;
    private final String lit;

    /**
     * @param woods the tint of a piece by its id
     * @param lit id of the piece that is lit
     */
    SheetPen(Brush brush, Function<String, Color> woods, String lit) {
        this.brush = brush;
        this.woods = woods;
        this.lit = lit;
    }

    void draw(PlacedView view, boolean hiddenEdges) {
        draw(view, hiddenEdges, () -> {});
    }

    /** @param between what is drawn over the faces and under the edges */
    void draw(PlacedView view, boolean hiddenEdges, Runnable between) {
        view.drawing().patches().forEach(patch -> fill(view, patch));
        between.run();
        if (hiddenEdges) {
            brush.line(Palette.quiet(), HIDDEN, true);
            lines(view, stroke -> stroke.kind() == Stroke.Kind.HIDDEN);
        }
        brush.line(Palette.ink(), VISIBLE, false);
        lines(view, stroke -> stroke.kind() == Stroke.Kind.VISIBLE && !stroke.piece().equals(lit));
        brush.line(Palette.lit(), LIT, false);
        lines(view, stroke -> stroke.kind() != Stroke.Kind.HIDDEN && stroke.piece().equals(lit));
        brush.flush();
    }

    /** The same in thin lines, for small pictures. */
    void drawFine(PlacedView view) {
        view.drawing().patches().forEach(patch -> fill(view, patch));
        brush.line(Palette.ink(), HIDDEN, false);
        lines(view, stroke -> stroke.kind() == Stroke.Kind.VISIBLE);
        brush.flush();
    }

    private void lines(PlacedView view, Predicate<Stroke> wanted) {
        for (Stroke stroke : view.drawing().strokes()) {
            if (wanted.test(stroke)) {
                brush.draw(view.sheetX(stroke.from()), view.sheetY(stroke.from()), view.sheetX(stroke.to()),
                        view.sheetY(stroke.to()));
            }
        }
    }

    /** Lines over what a section cuts; of pieces that meet one rises and the other falls. */
    void hatch(PlacedView view, List<Patch> faces, String rising) {
        brush.line(Palette.quiet(), HATCH, false);
        for (Patch face : faces) {
            for (Hatch.Line line : Hatch.of(face.corners(), HATCH_SPACING / view.scale(),
                    face.piece().equals(rising))) {
                brush.draw(view.sheetX(line.from()), view.sheetY(line.from()), view.sheetX(line.to()),
                        view.sheetY(line.to()));
            }
        }
        brush.flush();
    }

    /** What was there before, in the colour of what the maker gives, dashed. */
    void ghost(PlacedView view, Projection before) {
        brush.line(Palette.given(), VISIBLE, true);
        for (Stroke stroke : before.strokes()) {
            if (stroke.kind() == Stroke.Kind.VISIBLE) {
                brush.draw(view.sheetX(stroke.from()), view.sheetY(stroke.from()), view.sheetX(stroke.to()),
                        view.sheetY(stroke.to()));
            }
        }
        brush.flush();
    }

    private void fill(PlacedView view, Patch patch) {
        int count = patch.corners().size();
        double[] xs = new double[count];
        double[] ys = new double[count];
        for (int i = 0; i < count; i++) {
            xs[i] = view.sheetX(patch.corners().get(i));
            ys[i] = view.sheetY(patch.corners().get(i));
        }
        brush.face(tint(patch), xs, ys);
    }

    private Color tint(Patch patch) {
        Color wood = patch.piece().equals(lit) ? Palette.litWood() : woods.apply(patch.piece());
        double shade = patch.lift() > 0.5 ? 0 : 0.06 + 0.16 * (1 - patch.facing());
        return wood.interpolate(Palette.shade(), shade);
    }
}
