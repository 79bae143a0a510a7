package longshoulder.desktop.control;

import longshoulder.core.drawing.DimensionLine;
import longshoulder.core.drawing.Placement;
import longshoulder.desktop.paint.Pixels;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** Lays the field of a figure where its line wants it. */
public final class FigureHandle {

    private FigureHandle() {}

    /** In the middle of the figure's place, on whole pixels. */
    public static void place(FigureField field, DimensionLine line, Placement at) {
        double width = field.figureWidth();
        double height = field.figureHeight();
        Vector2D middle = line.figureAt(at, Pixels.toMillimetres(width), Pixels.toMillimetres(height));
        field.relocate(Math.rint(Pixels.of(middle.getX()) - width / 2),
                Math.rint(Pixels.of(middle.getY()) - height / 2));
    }
}
