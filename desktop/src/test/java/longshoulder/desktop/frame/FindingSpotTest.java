package longshoulder.desktop.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Value;
import longshoulder.core.drawing.PictorialLook;
import longshoulder.core.drawing.PlacedView;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.document.Workbench;
import org.junit.jupiter.api.Test;

/** Where findings are marked on the sheet, and in which words. */
class FindingSpotTest {

    /** Legs so thin that their mortises meet, and walls are left thin. */
    private static final Plan PLAN = Planner
            .plan(new Edit.Give("leg.width", new Value.Measured(Length.ofMillimetres(30)))
                    .applyTo(Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES)));
    private static final List<PlacedView> VIEWS = PaintedSheet.of(PLAN,
            new SheetSetting(900, 500, 1, new PictorialLook(32, 20, 0), "", Palette.Theme.LIGHT), Optional.empty())
            .views();

    @Test
    void everyFinding_isSaid_inAViewThatIsFlat() {
        List<FindingSpot> spots = FindingSpot.of(PLAN, VIEWS);
        assertThat(spots).isNotEmpty().extracting(FindingSpot::finding).isEqualTo(PLAN.findings());
        assertThat(spots).allSatisfy(spot -> {
            assertThat(spot.words()).isEqualTo(Workbench.words(PLAN.project()).say(spot.finding()));
            assertThat(VIEWS).filteredOn(view -> !view.isPictorial()).anySatisfy(view -> assertThat(
                    Pixels.of(view.area()).contains(spot.at().getX(), spot.at().getY())).isTrue());
        });
    }

    /** A side's joint with the front leg: in the view from the end, where the front leg stands. */
    @Test
    void aJoint_isMarkedWhereItIs_inTheViewThatLooksAtTheFaceOfItsRail() {
        PlacedView end = VIEWS.stream().filter(view -> view.view().equals(View.END)).findFirst().orElseThrow();
        Bounds leg = PLAN.piece("leg-front-left").piece().body().bounds();
        double one = Pixels.of(end.onPage(leg.least()).getX());
        double other = Pixels.of(end.onPage(leg.greatest()).getX());
        assertThat(FindingSpot.of(PLAN, VIEWS)).filteredOn(spot -> isAbout(spot, "apron-left/leg-front-left"))
                .isNotEmpty().allSatisfy(spot -> {
                    assertThat(Pixels.of(end.area()).contains(spot.at().getX(), spot.at().getY())).isTrue();
                    assertThat(spot.at().getX()).isBetween(Math.min(one, other), Math.max(one, other));
                });
    }

    private static boolean isAbout(FindingSpot spot, String id) {
        return spot.finding().about().stream().findFirst().filter(id::equals).isPresent();
    }

    @Test
    void withoutViews_allFindingsAreInTheCorner() {
        assertThat(FindingSpot.of(PLAN, List.of())).isNotEmpty()
                .allSatisfy(spot -> assertThat(spot.at().getX()).isEqualTo(spot.at().getY()));
    }
}
