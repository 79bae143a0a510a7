package longshoulder.desktop.panel;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Rectangle2D;
import javafx.scene.paint.Color;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Patch;
import longshoulder.core.projection.Stroke;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.View;
import longshoulder.core.marking.Rod;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.Palette;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * One face of a piece at its place on the rod.
 *
 * @param extent of the face, in millimetres
 * @param scale pixels of the rod to a millimetre along the piece
 * @param upright the same across it
 * @param begin where the rod begins, in pixels
 * @param top of the face
 */
record RodStrip(Brush brush, Extent extent, double scale, double upright, double begin, double top) {

    private double x(Vector2D point) {
        return begin + scale * (point.getX() - extent.left());
    }

    private double y(Vector2D point) {
        return top + upright * (extent.high() - point.getY());
    }

    void draw(Projection drawing, Color wood) {
        for (Patch patch : drawing.patches()) {
            brush.face(wood, patch.corners().stream().mapToDouble(this::x).toArray(),
                    patch.corners().stream().mapToDouble(this::y).toArray());
        }
        brush.line(Palette.quiet(), 0.8, true);
        lines(drawing, Stroke.Kind.HIDDEN);
        brush.line(Palette.ink(), 1.2, false);
        lines(drawing, Stroke.Kind.VISIBLE);
        brush.flush();
    }

    /** Hatches what joints take out of this face; what several take together, such as a rebate, once. */
    void waste(Stream<Solid> removed, View view) {
        removed.flatMap(solid -> waste(solid, view).stream()).distinct()
                .forEach(part -> hatch(part.getMinX(), part.getMinY(), part.getMaxX(), part.getMaxY()));
    }

    /** What runs out of the piece, such as a plough, is waste no farther than the piece goes. */
    private Optional<Rectangle2D> waste(Solid removed, View view) {
        List<Vector2D> corners = removed.cells().stream().flatMap(cell -> cell.faces().stream())
                .flatMap(face -> face.corners().stream()).map(view::flat).toList();
        double end = begin + scale * extent.width();
        double foot = top + upright * extent.height();
        double left = Math.max(begin, corners.stream().mapToDouble(this::x).min().orElse(0));
        double right = Math.min(end, corners.stream().mapToDouble(this::x).max().orElse(0));
        double high = Math.max(top, corners.stream().mapToDouble(this::y).min().orElse(0));
        double low = Math.min(foot, corners.stream().mapToDouble(this::y).max().orElse(0));
        return left < right && high < low
                ? Optional.of(new Rectangle2D(left, high, right - left, low - high))
                : Optional.empty();
    }

    /** Beyond the shoulders the blank is hatched as waste; the tenons are then painted over it. */
    void hatchEnds(Rod rod) {
        double end = begin + scale * extent.width();
        double low = top + upright * extent.height();
        rod.marks().stream().filter(mark -> mark.kind() == Rod.Kind.SHOULDER).forEach(mark -> {
            double shoulder = begin + scale * mark.position().value().toMillimetres();
            boolean first = shoulder < (begin + end) / 2;
            hatch(first ? begin : shoulder, top, first ? shoulder : end, low);
        });
    }

    private void hatch(double left, double top, double right, double bottom) {
        brush.hatch(Palette.quiet(), left, top, right, bottom);
        brush.line(Palette.quiet(), 0.7, false);
        brush.draw(left, top, right, top);
        brush.draw(left, bottom, right, bottom);
        brush.draw(left, top, left, bottom);
        brush.draw(right, top, right, bottom);
        brush.flush();
    }

    private void lines(Projection drawing, Stroke.Kind kind) {
        for (Stroke stroke : drawing.strokes()) {
            if (stroke.kind() == kind) {
                brush.draw(x(stroke.from()), y(stroke.from()), x(stroke.to()), y(stroke.to()));
            }
        }
    }
}
