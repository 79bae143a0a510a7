package longshoulder.desktop.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import longshoulder.core.drawing.DimensionLine;
import longshoulder.core.drawing.PictorialLook;
import longshoulder.core.drawing.PlacedView;
import longshoulder.core.drawing.SheetLayout;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.Pixels;
import org.junit.jupiter.api.Test;

/** Where the pictures of the views lie on the sheet, what is on them, and which are painted anew. */
class PaintedSheetTest {

    private static final double WIDTH = 900;
    private static final double HEIGHT = 500;
    private static final PictorialLook LOOK = new PictorialLook(32, 20, 0);
    private static final Plan PLAN = Planner
            .plan(Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES));

    private static SheetSetting setting(double pixels, String lit) {
        return new SheetSetting(WIDTH, HEIGHT, pixels, LOOK, lit, Palette.Theme.LIGHT, SheetSetting.Views.ALL);
    }

    private static PaintedSheet painted(SheetSetting setting) {
        return PaintedSheet.of(PLAN, setting, Optional.empty());
    }

    @Test
    void everyView_liesOnItsPicture_withTheLinesOfItsFigures() {
        PaintedSheet sheet = painted(setting(1, ""));
        assertThat(sheet.views()).hasSize(SheetLayout.VIEWS);
        for (int i = 0; i < sheet.views().size(); i++) {
            PlacedView view = sheet.views().get(i);
            Rectangle2D place = sheet.pictures().get(i).place();
            assertThat(new Rectangle2D(0, 0, WIDTH, HEIGHT).contains(place)).isTrue();
            assertThat(place.contains(Pixels.of(view.area()))).isTrue();
            List<DimensionLine> lines = sheet.painted().get(i).lines();
            assertThat(lines).allSatisfy(line -> {
                assertThat(line.dimension().view()).isEqualTo(view.view());
                assertThat(place.contains(Pixels.of(line.area(view.placement())))).isTrue();
            });
        }
        assertThat(sheet.painted().stream().mapToInt(view -> view.lines().size()).sum())
                .isEqualTo(PLAN.frame().dimensions().size());
    }

    /** The edge of the top lies where the view says, on a screen with more pixels as well. */
    @Test
    void edges_lieWhereTheSheetSays() {
        for (double pixels : new double[]{1, 1.25, 1.5, 2}) {
            PaintedSheet sheet = painted(setting(pixels, ""));
            Rectangle2D box = Pixels.of(sheet.views().get(1).area());
            Picture front = sheet.pictures().get(1);
            int column = (int) Math.round((box.getMinX() + box.getWidth() / 2 - front.place().getMinX()) * pixels);
            int row = (int) Math.rint((box.getMinY() - front.place().getMinY()) * pixels);
            boolean ink = false;
            for (int near = row - 1; near <= row + 1; near++) {
                ink |= front.argb(column, near) == 0xff1e2d36;
            }
            assertThat(ink).as("at %s pixels", pixels).isTrue();
            assertThat(front.argb(column, row - 4)).isZero();
        }
    }

    @Test
    void turned_paintsThePictorialViewAlone() {
        PaintedSheet before = painted(setting(1, ""));
        PaintedSheet after = PaintedSheet.of(PLAN, setting(1, "").lookedAt(LOOK.turned(10, 0)), Optional.of(before));
        assertThat(after.pictures().subList(0, 3)).isEqualTo(before.pictures().subList(0, 3));
        assertThat(after.pictures().getLast()).isNotSameAs(before.pictures().getLast());
        assertThat(after.views().getLast().view()).isNotEqualTo(before.views().getLast().view());
    }

    @Test
    void anotherPieceLit_paintsAllViews_ofTheSameDrawings() {
        PaintedSheet before = painted(setting(1, ""));
        PaintedSheet after = PaintedSheet.of(PLAN, setting(1, "apron-front"), Optional.of(before));
        assertThat(after.layout()).isSameAs(before.layout());
        assertThat(after.views().getLast().projection()).isSameAs(before.views().getLast().projection());
        assertThat(after.pictures()).doesNotContainAnyElementsOf(before.pictures());
    }

    @Test
    void withoutRoom_nothingIsPainted() {
        PaintedSheet sheet = painted(new SheetSetting(0, 0, 1, LOOK, "", Palette.Theme.LIGHT, SheetSetting.Views.ALL));
        assertThat(sheet.views()).isEmpty();
        assertThat(sheet.pictures()).isEmpty();
        assertThat(PaintedSheet.of(PLAN, setting(1, ""), Optional.of(sheet)).pictures()).hasSize(SheetLayout.VIEWS);
    }
}
