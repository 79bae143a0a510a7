package longshoulder.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.canvas.Canvas;
import javafx.stage.Stage;
import longshoulder.core.frame.Dimension;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.PartCanvas;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Where the canvas of a view lies on the sheet, and that what is drawn on it comes to lie where it belongs. */
@ExtendWith(ApplicationExtension.class)
class PartCanvasTest {

    private static final double WIDTH = 900;
    private static final double HEIGHT = 500;

    @Start
    void start(Stage stage) {
        stage.show();
    }

    @Test
    void everyView_liesOnItsCanvas_withTheLinesOfItsFigures() {
        Plan plan = Planner.plan(Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES));
        Look look = new Look(32, 20, 0);
        List<PlacedView> views = new SheetLayout(plan, look).place(WIDTH, HEIGHT, look, "");
        assertThat(views).hasSize(4);
        for (PlacedView view : views) {
            List<DimensionLine> lines = plan.frame().dimensions().stream()
                    .filter(dimension -> dimension.view().equals(view.view()))
                    .map((Dimension dimension) -> DimensionLine.of(view, dimension, 30, 16)).toList();
            Canvas canvas = cleared(view, lines);
            Bounds box = canvas.getBoundsInParent();
            assertThat(new BoundingBox(0, 0, WIDTH, HEIGHT).contains(box)).isTrue();
            assertThat(box.getMinX() % 8).isZero();
            assertThat(box.getMinY() % 8).isZero();
            assertThat(box.contains(view.box().getMinX(), view.box().getMinY(), view.box().getWidth(),
                    view.box().getHeight())).isTrue();
            assertThat(lines).allSatisfy(line -> assertThat(box.contains(line.box().getMinX(), line.box().getMinY(),
                    line.box().getWidth(), line.box().getHeight())).isTrue());
        }
    }

    private static Canvas cleared(PlacedView view, List<DimensionLine> lines) {
        return WaitForAsyncUtils.waitForAsyncFx(5000, () -> {
            PartCanvas canvas = new PartCanvas();
            canvas.clear(view.boxWith(lines), WIDTH, HEIGHT);
            return canvas.node();
        });
    }

    /** Drawn once more, nothing is left of what was there. */
    @Test
    void whatIsDrawn_liesWhereTheSheetSays() {
        Plan plan = Planner.plan(Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES));
        Look look = new Look(32, 20, 0);
        PlacedView front = new SheetLayout(plan, look).place(WIDTH, HEIGHT, look, "").get(1);
        double x = front.box().getMinX() + 20;
        double y = front.box().getMinY() + 20;
        WaitForAsyncUtils.waitForAsyncFx(5000, () -> {
            PartCanvas canvas = new PartCanvas();
            int column = (int) Math.floor(x - Math.floor((front.box().getMinX() - 4) / 8) * 8);
            int row = (int) Math.floor(y - Math.floor((front.box().getMinY() - 4) / 8) * 8);
            canvas.clear(front.box(), WIDTH, HEIGHT).line(Palette.ink(), 3, false).draw(x - 10, y, x + 10, y);
            canvas.clear(front.box(), WIDTH, HEIGHT);
            assertThat(canvas.node().snapshot(null, null).getPixelReader().getColor(column, row))
                    .isNotEqualTo(Palette.ink());
            var brush = canvas.clear(front.box(), WIDTH, HEIGHT).line(Palette.ink(), 3, false);
            brush.draw(x - 10, y, x + 10, y);
            brush.dry();
            assertThat(canvas.node().snapshot(null, null).getPixelReader().getColor(column, row))
                    .isEqualTo(Palette.ink());
            return true;
        });
    }
}
