package longshoulder.core.drawing;

import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;

/** The picture with its overall sizes. */
class OverallDrawingTest {

    private static final OverallDrawing TABLE = new OverallDrawing(new DrawingContext(Planner.plan(table()),
            Words.showing(Showing.TENTH_MILLIMETRES), (text, size, bold) -> text.length() * size / 2));

    @Test
    void figures_areTheOverallSizesEachOnce() {
        assertThat(TABLE.figures(0.1)).extracting(OverallFigure::parameter)
                .containsExactlyInAnyOrder("overall.length", "overall.depth", "overall.height");
    }

    /** What is measured is as long as it is in such a view: 1500 turned by 32° and seen from 24° above. */
    @Test
    void lines_areAsLongAsWhatTheyMeasureInTheView() {
        double across = Math.cos(Math.toRadians(32));
        double down = Math.sin(Math.toRadians(32)) * Math.sin(Math.toRadians(24));
        OverallFigure length = TABLE.figures(0.1).stream()
                .filter(figure -> figure.parameter().equals("overall.length")).findFirst().orElseThrow();
        double expected = length.amount().value().toMillimetres() * Math.hypot(across, down);
        for (List<Vector2D> ends : List.of(length.measured(), length.line())) {
            assertThat(ends.get(0).distance(ends.get(1))).isCloseTo(expected, within(1e-6));
        }
    }

    /** All lines and figures have room on the page. */
    @Test
    void page_holdsAllFigures() {
        double scale = TABLE.largestScale(150, 110);
        Placement at = TABLE.placement(150, 110, scale);
        for (OverallFigure figure : TABLE.figures(scale)) {
            figure.line().stream().map(at::onPage).forEach(end -> {
                assertThat(end.getX()).isBetween(0.0, 150.0);
                assertThat(end.getY()).isBetween(0.0, 110.0);
            });
        }
    }
}
