package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import longshoulder.core.Tables;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;

/** Where findings are marked on the sheet, and in which words. */
class FindingSpotTest {

    /** Legs so thin that their mortises meet, and walls are left thin. */
    private static final Plan PLAN = Planner
            .plan(Tables.table("leg.width", "30"));
    private static final Words WORDS = Words.showing(PLAN.project().showing());
    private static final DrawingContext CONTEXT = new DrawingContext(PLAN, WORDS, (text, size, bold) -> 0);
    private static final SheetLayout LAYOUT = new SheetLayout(PLAN);
    private static final List<PlacedView> VIEWS = LAYOUT.place(240, 130, PictorialLook.FIRST).stream()
            .map(view -> view.drawn(view.isPictorial()
                    ? LAYOUT.draw(PictorialLook.FIRST)
                    : LAYOUT.draw(view.view(), "")))
            .toList();

    @Test
    void everyFinding_isSaid_inAViewThatIsFlat() {
        List<FindingSpot> spots = FindingSpot.of(CONTEXT, VIEWS);
        assertThat(spots).isNotEmpty().extracting(FindingSpot::finding).isEqualTo(PLAN.findings());
        assertThat(spots).allSatisfy(spot -> {
            assertThat(spot.words()).isEqualTo(WORDS.say(spot.finding()));
            assertThat(VIEWS).filteredOn(view -> !view.isPictorial()).anySatisfy(view -> assertThat(
                    contains(view.area(), spot.at())).isTrue());
        });
    }

    /** A side's joint with the front leg: in the view from the end, where the front leg stands. */
    @Test
    void aJoint_isMarkedWhereItIs_inTheViewThatLooksAtTheFaceOfItsRail() {
        PlacedView end = VIEWS.stream().filter(view -> view.view().equals(View.END)).findFirst().orElseThrow();
        Bounds leg = PLAN.piece("leg-front-left").piece().body().bounds();
        double one = end.onPage(leg.least()).getX();
        double other = end.onPage(leg.greatest()).getX();
        assertThat(FindingSpot.of(CONTEXT, VIEWS)).filteredOn(spot -> isAbout(spot, "apron-left/leg-front-left"))
                .isNotEmpty().allSatisfy(spot -> {
                    assertThat(contains(end.area(), spot.at())).isTrue();
                    assertThat(spot.at().getX()).isBetween(Math.min(one, other), Math.max(one, other));
                });
    }

    private static boolean isAbout(FindingSpot spot, String id) {
        return spot.finding().about().stream().findFirst().filter(id::equals).isPresent();
    }

    @Test
    void withoutViews_allFindingsAreInTheCorner() {
        assertThat(FindingSpot.of(CONTEXT, List.of())).isNotEmpty()
                .allSatisfy(spot -> assertThat(spot.at().getX()).isEqualTo(spot.at().getY()));
    }

    private static boolean contains(Area area, Vector2D at) {
        return at.getX() >= area.left() && at.getX() <= area.right() && at.getY() >= area.top()
                && at.getY() <= area.bottom();
    }

    /** On the sheet that is printed each has its number, and none covers another. */
    @Test
    void symbols_areAllThere_noneOnAnother() {
        List<Page.Group> symbols = new SheetDrawing(CONTEXT, PictorialLook.FIRST).fitted(277, 190).groups().stream()
                .filter(group -> group.marks().getFirst() instanceof Mark.FindingSymbol).toList();
        assertThat(symbols).extracting(group -> ((Mark.FindingSymbol) group.marks().getFirst()).number())
                .isEqualTo(IntStream.rangeClosed(1, PLAN.findings().size()).mapToObj(String::valueOf).toList());
        for (Page.Group one : symbols) {
            assertThat(symbols).filteredOn(other -> !other.equals(one)).allSatisfy(
                    other -> assertThat(Math.hypot(other.placement().x() - one.placement().x(),
                            other.placement().y() - one.placement().y())).isGreaterThan(6));
        }
    }

    /** A sheet that stands alone explains its numbers below its views: on any page, and on one as large as it needs. */
    @Test
    void sheetAlone_listsItsFindingsUnderTheViews() {
        Drawing drawing = new SheetWithFindings(CONTEXT, PictorialLook.FIRST);
        for (Page page : List.of(drawing.fitted(277, 190), drawing.fitted(190, 277), drawing.atScale(0.1))) {
            List<Page.Group> texts = page.groups().stream()
                    .filter(group -> group.marks().getFirst() instanceof Mark.Text)
                    .toList();
            String all = texts.stream().map(group -> ((Mark.Text) group.marks().getFirst()).text())
                    .collect(Collectors.joining(" "));
            assertThat(PLAN.findings()).isNotEmpty()
                    .allSatisfy(finding -> assertThat(all)
                            .contains(SheetWithFindings.sentence(CONTEXT.words(), finding)));
            assertThat(texts).allSatisfy(text -> assertThat(text.placement().y()).isBetween(0.0, page.height()));
            assertThat(page.groups().stream().filter(group -> group.marks().getFirst() instanceof Mark.FindingSymbol))
                    .hasSize(2 * PLAN.findings().size());
        }
    }
}
