package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Kinds;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * An overall size on the pictorial view: its line lies beside an edge of the box round the furniture, along the floor or upright at the
 * left.
 *
 * @param parameter its name in the brief
 * @param figure as the design shows it
 * @param measured both ends of what is measured, in the picture, in millimetres of the piece
 * @param line both ends of its line
 */
public record OverallFigure(String parameter, Amount amount, String figure, List<Vector2D> measured,
        List<Vector2D> line) {

    /** How far lines lie from the box, in millimetres of paper. */
    private static final double OFF = 7;
    private static final double TICK = 1.06;
    private static final double SPARE = 1.2;

    public OverallFigure {
        measured = List.copyOf(measured);
        line = List.copyOf(line);
    }

    /** The overall sizes that the frame's flat views show, each once. */
    static List<OverallFigure> of(DrawingContext context, View eye, double scale) {
        Plan plan = context.plan();
        Bounds box = plan.pieces().stream().map(PlannedPiece::cutShape).map(shape -> shape.bounds())
                .reduce(Bounds::union).orElseThrow();
        List<OverallFigure> figures = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (Dimension dimension : plan.frame().dimensions()) {
            if (dimension.amount() instanceof Amount.Given given && isOverall(plan, given.parameter())
                    && seen.add(given.parameter())) {
                figures.add(of(context, dimension, given, eye, box, OFF / scale));
            }
        }
        return figures;
    }

    private static boolean isOverall(Plan plan, String parameter) {
        return Kinds.find(plan.project().brief().kind()).flatMap(kind -> kind.parameter(parameter))
                .filter(Parameter::isOverall).isPresent();
    }

    private static OverallFigure of(DrawingContext context, Dimension dimension, Amount.Given given, View eye,
            Bounds box, double off) {
        Vector3D way = dimension.to().subtract(dimension.from());
        Vector3D least = box.least();
        Vector3D beside;
        Vector3D away;
        if (isAlong(way, Vector3D.Unit.PLUS_Z)) {
            beside = Vector3D.of(least.getX(), least.getY(), Double.NaN);
            away = Vector3D.of(-off, 0, 0);
        } else if (isAlong(way, Vector3D.Unit.PLUS_X)) {
            beside = Vector3D.of(Double.NaN, least.getY(), least.getZ());
            away = Vector3D.of(0, -2 * off, 0);
        } else {
            beside = Vector3D.of(box.greatest().getX(), Double.NaN, least.getZ());
            away = Vector3D.of(2 * off, 0, 0);
        }
        List<Vector3D> measured = List.of(moved(dimension.from(), beside), moved(dimension.to(), beside));
        return new OverallFigure(given.parameter(), given, context.words().figure(given.value()),
                measured.stream().map(eye::flat).toList(), measured.stream().map(away::add).map(eye::flat).toList());
    }

    private static boolean isAlong(Vector3D way, Vector3D.Unit axis) {
        return Math.abs(way.dot(axis)) > 0.9 * way.norm();
    }

    /** A point with those coordinates of another that are given. */
    private static Vector3D moved(Vector3D point, Vector3D beside) {
        return Vector3D.of(Double.isNaN(beside.getX()) ? point.getX() : beside.getX(),
                Double.isNaN(beside.getY()) ? point.getY() : beside.getY(),
                Double.isNaN(beside.getZ()) ? point.getZ() : beside.getZ());
    }

    /** The middle of its figure on the page. */
    public Vector2D figureAt(Placement at) {
        return at.onPage(line.get(0).lerp(line.get(1), 0.5));
    }

    /**
     * Its lines and, where a pen writes it, its figure.
     *
     * @param measure of the typeface; where it says 0 the line is not broken for the figure
     */
    List<Mark> marks(TextMeasure measure, double scale) {
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            marks.add(new Mark.Line(measured.get(i), line.get(i), Meaning.EXTENSION));
            Vector2D tick = Vector2D.of(TICK / scale, TICK / scale);
            marks.add(new Mark.Line(line.get(i).subtract(tick), line.get(i).add(tick), Meaning.GIVEN));
        }
        double width = FigureRun.width(figure, DimensionLine.SIZE, true, measure);
        Vector2D middle = line.get(0).lerp(line.get(1), 0.5);
        double length = line.get(0).distance(line.get(1));
        double free = width > 0 ? Math.min(0.5, (width / 2 + SPARE) / scale / Math.max(1, length)) : 0;
        marks.add(new Mark.Line(line.get(0), line.get(0).lerp(line.get(1), 0.5 - free), Meaning.GIVEN));
        marks.add(new Mark.Line(line.get(0).lerp(line.get(1), 0.5 + free), line.get(1), Meaning.GIVEN));
        if (width > 0) {
            marks.add(new Mark.Text(middle.subtract(Vector2D.of(0, DimensionLine.SIZE / 3 / scale)), figure,
                    DimensionLine.SIZE, true, Mark.Align.MIDDLE, Meaning.GIVEN));
        }
        return marks;
    }
}
