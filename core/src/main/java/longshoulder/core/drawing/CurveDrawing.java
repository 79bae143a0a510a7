package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.frame.Arc;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A template of a curved edge: the arc over its chord, with the offsets at even stations. At full size the line under it is 100 mm long, so
 * that a badly scaled print is found out.
 *
 * @param stations into how many the chord is divided, at least one
 */
public record CurveDrawing(Arc arc, int stations) implements Drawing {

    private static final double MARGIN = 10;
    private static final double TICK = 2;
    private static final double CHECK = 100;

    private double width() {
        return Math.max(arc.chord(), CHECK);
    }

    @Override
    public double largestScale(double pageWidth, double pageHeight) {
        return Math.max(Placement.LEAST_SCALE,
                Math.min((pageWidth - 2 * MARGIN) / width(), (pageHeight - 3 * MARGIN) / arc.sagitta()));
    }

    @Override
    public Area leastPage(double scale) {
        return new Area(0, 0, scale * width() + 2 * MARGIN, scale * arc.sagitta() + 3 * MARGIN);
    }

    @Override
    public Page page(double pageWidth, double pageHeight, double scale) {
        Placement at = new Placement(scale, MARGIN, MARGIN + scale * arc.sagitta());
        double half = Math.toDegrees(Math.asin(arc.chord() / 2 / arc.radius()));
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Arc(Vector2D.of(arc.chord() / 2, arc.sagitta() - arc.radius()), arc.radius(), 90 - half,
                2 * half, Meaning.VISIBLE_EDGE));
        marks.add(line(0, 0, arc.chord(), 0, Meaning.VISIBLE_EDGE));
        List<Double> offsets = arc.offsets(stations);
        for (int i = 0; i <= stations; i++) {
            double x = arc.chord() * i / stations;
            marks.add(line(x, -TICK / scale, x, offsets.get(i), Meaning.PENCIL_LINE));
        }
        marks.add(line(0, -MARGIN / scale, CHECK, -MARGIN / scale, Meaning.KNIFE_LINE));
        return new Page(pageWidth, pageHeight, List.of(new Page.Group(at, marks)));
    }

    private static Mark line(double fromX, double fromY, double toX, double toY, Meaning meaning) {
        return new Mark.Line(Vector2D.of(fromX, fromY), Vector2D.of(toX, toY), meaning);
    }
}
