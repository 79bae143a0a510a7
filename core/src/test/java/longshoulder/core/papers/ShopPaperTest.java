package longshoulder.core.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import longshoulder.core.boards.Goal;
import longshoulder.core.boards.Search;
import longshoulder.core.Tables;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Paper;
import longshoulder.core.drawing.TextMeasure;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What stands on the shop paper, and that all of it lies on its pages. */
class ShopPaperTest {

    private static final TextMeasure MEASURE = (text, size, bold) -> 0.5 * size * text.length();
    private static final Stamp STAMP = new Stamp("Test", "abc123", "2026-12-01");

    static List<String> kinds() {
        return Kinds.all().stream().map(Kind::id).toList();
    }

    private static Plan plan(String kind, Showing showing) {
        return Planner.plan(Project.ofKind(Kinds.find(kind).orElseThrow(), "", showing));
    }

    private static List<Page> pages(Plan plan, Paper paper) {
        Words words = Words.showing(plan.project().showing(), Locale.GERMAN);
        return ShopPaper.pages(new DrawingContext(plan, words, MEASURE), paper, STAMP,
                Search.usual(Goal.COST, () -> false).first(), done -> {});
    }

    private static List<Mark.Text> texts(Page page) {
        return page.groups().stream().flatMap(group -> group.marks().stream()).filter(Mark.Text.class::isInstance)
                .map(Mark.Text.class::cast).toList();
    }

    private static String said(List<Page> pages) {
        return pages.stream().flatMap(page -> texts(page).stream()).map(Mark.Text::text)
                .collect(Collectors.joining("\n"));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyPage_hasItsStamp_andNothingLiesBeyondIt(String kind) {
        for (Paper paper : Paper.values()) {
            List<Page> pages = pages(plan(kind, Showing.SIXTY_FOURTHS), paper);
            assertThat(pages).hasSizeGreaterThan(3);
            for (int i = 0; i < pages.size(); i++) {
                Page page = pages.get(i);
                assertThat(page.width()).isEqualTo(paper.longSide());
                assertThat(said(List.of(page))).contains("Test", "abc123   2026-12-01   " + (i + 1) + " / ");
                assertInside(page);
            }
        }
    }

    private static void assertInside(Page page) {
        for (Page.Group group : page.groups()) {
            for (Mark mark : group.marks()) {
                if (mark instanceof Mark.Text text) {
                    double width = MEASURE.width(text.text(), text.size(), text.bold());
                    double before = switch (text.align()) {
                        case LEFT -> 0;
                        case MIDDLE -> width / 2;
                        case RIGHT -> width;
                    };
                    double left = group.placement().x(text.at()) - before;
                    assertThat(left).as(text.text()).isGreaterThan(0);
                    assertThat(left + width).as(text.text()).isLessThan(page.width());
                    assertThat(group.placement().y(text.at())).as(text.text()).isBetween(0.0, page.height());
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyLineOfTheCutList_isThere(String kind) {
        Plan plan = plan(kind, Showing.TENTH_MILLIMETRES);
        String said = said(pages(plan, Paper.A4));
        Words words = Words.showing(Showing.TENTH_MILLIMETRES, Locale.GERMAN);
        for (CutLine line : CutList.of(plan).lines()) {
            assertThat(said).contains(words.figure(line.rough().length().value()),
                    words.figure(line.finished().length().value()));
        }
    }

    /** A plain table: front, back and sides are joined alike, so one drawing names all eight. */
    @Test
    void jointsThatAreMadeAlike_areDrawnOnce() {
        List<AlikeJoints> alike = AlikeJoints.of(plan("table", Showing.TENTH_MILLIMETRES));
        assertThat(alike.stream().mapToInt(group -> group.joints().size()).sum()).isEqualTo(8);
        assertThat(alike).hasSize(1);
    }

    @Test
    void findings_areSaidOnTheCover() {
        Plan plan = Tables.plan();
        Words words = Words.showing(Showing.TENTH_MILLIMETRES, Locale.GERMAN);
        String cover = said(pages(plan, Paper.A4).subList(0, 1)).replace('\n', ' ');
        assertThat(plan.findings()).isNotEmpty()
                .allSatisfy(finding -> assertThat(cover).contains(words.say(finding)));
    }
}
