package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import longshoulder.core.brief.Value;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Stroke;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;

/** Where the views of a sheet lie, and which hidden edges they show. */
class SheetLayoutTest {

    private static final PictorialLook LOOK = new PictorialLook(32, 20, 0);

    private static Project project(String kind) {
        return Project.ofKind(Kinds.find(kind).orElseThrow(), "", Showing.TENTH_MILLIMETRES);
    }

    /** Ids of the pieces whose hidden edges a drawing has. */
    private static Set<String> seenThrough(Projection drawing) {
        return drawing.strokes().stream().filter(stroke -> stroke.kind() == Stroke.Kind.HIDDEN).map(Stroke::piece)
                .collect(Collectors.toSet());
    }

    private static SheetLayout cabinet() {
        Plan cabinet = Planner.plan(new Edit.Give("front", new Value.Chosen("two-doors")).applyTo(project("cabinet")));
        assertThat(cabinet.pieces()).hasSizeGreaterThan(18);
        return new SheetLayout(cabinet);
    }

    @Test
    void fewPieces_areAllSeenThrough() {
        SheetLayout table = new SheetLayout(Planner.plan(project("table")));
        Projection front = table.draw(View.FRONT, "");
        assertThat(seenThrough(front)).contains("apron-front", "apron-left", "leg-front-left");
        assertThat(table.lit(front, View.FRONT, "apron-front")).isSameAs(front);
    }

    /** Of a thicket only the one that is lit, and another when that one is. */
    @Test
    void manyPieces_onlyTheLitOneIsSeenThrough() {
        SheetLayout cabinet = cabinet();
        Projection none = cabinet.draw(View.FRONT, "");
        assertThat(seenThrough(none)).isEmpty();
        Projection upper = cabinet.lit(none, View.FRONT, "rail-upper-back");
        assertThat(seenThrough(upper)).containsExactly("rail-upper-back");
        Projection lower = cabinet.lit(upper, View.FRONT, "rail-lower-back");
        assertThat(seenThrough(lower)).containsExactly("rail-lower-back");
        assertThat(seenThrough(cabinet.lit(lower, View.FRONT, ""))).isEmpty();
    }

    /** Lit from the beginning or later: the same lines, though in another order. */
    @Test
    void litLater_drawsWhatLitAtOnceDraws() {
        SheetLayout cabinet = cabinet();
        for (View view : List.of(View.FRONT, View.END, View.PLAN)) {
            Projection later = cabinet.lit(cabinet.draw(view, "rail-lower-back"), view, "rail-upper-back");
            assertThat(later.strokes())
                    .containsExactlyInAnyOrderElementsOf(cabinet.draw(view, "rail-upper-back").strokes());
        }
    }

    /** What is drawn lies where it was said to lie before anything was drawn. */
    @Test
    void placed_beforeItIsDrawn_whereItIsDrawn() {
        for (double apart : new double[]{0, 0.6}) {
            PictorialLook look = LOOK.apart(apart);
            SheetLayout cabinet = cabinet();
            for (PlacedView place : cabinet.place(238, 159, look)) {
                Projection drawing = place.isPictorial() ? cabinet.draw(look) : cabinet.draw(place.view(), "");
                Area drawn = place.drawn(drawing).area();
                assertThat(drawn.left()).isCloseTo(place.area().left(), within(1e-6));
                assertThat(drawn.top()).isCloseTo(place.area().top(), within(1e-6));
                assertThat(drawn.right()).isCloseTo(place.area().right(), within(1e-6));
                assertThat(drawn.bottom()).isCloseTo(place.area().bottom(), within(1e-6));
            }
        }
    }
}
