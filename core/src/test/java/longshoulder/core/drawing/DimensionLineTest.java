package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;

/** Where the lines of figures lie round a view, and where their figures stand. */
class DimensionLineTest {

    private static final TextMeasure MEASURE = (text, size, bold) -> 0.5 * size * text.length();
    private static final Plan PLAN = Planner.plan(Tables.table());
    private static final DrawingContext CONTEXT = new DrawingContext(PLAN, Words.showing(PLAN.project().showing()),
            MEASURE);
    private static final PlacedView FRONT = view();

    private static PlacedView view() {
        SheetLayout layout = new SheetLayout(PLAN);
        PlacedView blank = layout.place(277, 190, PictorialLook.FIRST).stream()
                .filter(view -> view.view().equals(View.FRONT)).findFirst().orElseThrow();
        return blank.drawn(layout.draw(View.FRONT, ""));
    }

    private static DimensionLine line(String figure) {
        return CONTEXT.lines(FRONT).stream().filter(line -> line.figure().equals(figure)).findFirst().orElseThrow();
    }

    @Test
    void everyFigure_standsOffItsView_andTheFartherTheHigherItsRank() {
        Area box = FRONT.area();
        for (DimensionLine line : CONTEXT.lines(FRONT)) {
            Vector2D figure = line.figureAt(FRONT.placement(), 0, 0);
            Side side = line.dimension().side();
            double off = switch (side) {
                case ABOVE -> box.top() - figure.getY();
                case BELOW -> figure.getY() - box.bottom();
                case LEFT -> box.left() - figure.getX();
                case RIGHT -> figure.getX() - box.right();
                case INSIDE -> DimensionLine.NEAREST;
            };
            double step = side == Side.LEFT || side == Side.RIGHT
                    ? DimensionLine.STEP_DOWN
                    : DimensionLine.STEP_ACROSS;
            assertThat(off).as(line.figure())
                    .isCloseTo(DimensionLine.NEAREST + (side == Side.INSIDE ? 0 : line.dimension().rank() * step),
                            within(1e-9));
        }
    }

    /** The length of the line is that of what it measures, at the scale of the view. */
    @Test
    void lengthOfTheLine_isThatOfTheFigure() {
        DimensionLine overall = line("1500");
        double length = overall.from().distance(overall.to());
        assertThat(length).isCloseTo(1500, within(1e-6));
    }

    @Test
    void figure_standsBetweenItsTicks_orBesideThemWhereItFindsNoRoom() {
        DimensionLine overall = line("1500");
        Placement at = FRONT.placement();
        double middle = (at.x(overall.from()) + at.x(overall.to())) / 2;
        assertThat(overall.figureAt(at, 10, 4).getX()).isCloseTo(middle, within(1e-9));
        double crowded = overall.figureAt(at, 1000, 4).getX();
        assertThat(crowded + 500).isLessThan(Math.min(at.x(overall.from()), at.x(overall.to())));
    }

    /** What a pen gets: a line that leaves its figure free. */
    @Test
    void drawn_theLineLeavesRoomForTheFigure() {
        RecordingPen pen = new RecordingPen();
        new Mark.Dimensioned(line("1500")).draw(pen, FRONT.placement());
        assertThat(pen.texts).containsExactly("1500");
        double width = MEASURE.width("1500", DimensionLine.SIZE, false);
        assertThat(pen.level).hasSize(2);
        double gap = pen.level.get(1)[0] - pen.level.get(0)[1];
        assertThat(gap).isBetween(width, width + 3);
    }

    /** Notes the level lines that are no extensions, and texts. */
    private static final class RecordingPen implements Pen {

        private final List<String> texts = new ArrayList<>();
        private final List<double[]> level = new ArrayList<>();

        @Override
        public double width(String text, double size, boolean bold) {
            return MEASURE.width(text, size, bold);
        }

        @Override
        public void line(double fromX, double fromY, double toX, double toY, Meaning meaning) {
            if (fromY == toY && meaning != Meaning.EXTENSION) {
                level.add(new double[]{fromX, toX});
            }
        }

        @Override
        public void arc(double x, double y, double radius, double start, double sweep, Meaning meaning) {
            throw new AssertionError("A figure has no arcs.");
        }

        @Override
        public void face(double[] xs, double[] ys, Tint tint) {
            throw new AssertionError("A figure has no faces.");
        }

        @Override
        public void text(double x, double y, String text, double size, boolean bold, Meaning meaning) {
            texts.add(text);
        }
    }
}
