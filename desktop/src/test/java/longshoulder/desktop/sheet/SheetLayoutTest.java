package longshoulder.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import longshoulder.core.brief.Value;
import longshoulder.core.drawing.Stroke;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.look.Palette;
import org.junit.jupiter.api.Test;

/** Which hidden edges a sheet shows. */
class SheetLayoutTest {

    private static final Look LOOK = new Look(32, 20, 0);

    private static Project project(String kind) {
        return Project.ofKind(Kinds.find(kind).orElseThrow(), "", Showing.TENTH_MILLIMETRES);
    }

    /** Ids of the pieces whose hidden edges the view from the front has. */
    private static Set<String> seenThrough(SheetLayout layout, String lit) {
        List<PlacedView> views = layout.place(new SheetSetting(900, 600, 1, LOOK, lit, Palette.Theme.LIGHT));
        return views.stream().filter(view -> view.view().equals(View.FRONT))
                .flatMap(view -> view.drawing().strokes().stream())
                .filter(stroke -> stroke.kind() == Stroke.Kind.HIDDEN).map(Stroke::piece).collect(Collectors.toSet());
    }

    @Test
    void fewPieces_areAllSeenThrough() {
        SheetLayout table = new SheetLayout(Planner.plan(project("table")), LOOK);
        assertThat(seenThrough(table, "")).contains("apron-front", "apron-left", "leg-front-left");
    }

    /** Of a thicket only the one that is lit, and another when that one is. */
    @Test
    void manyPieces_onlyTheLitOneIsSeenThrough() {
        Plan cabinet = Planner.plan(new Edit.Give("front", new Value.Chosen("two-doors")).applyTo(project("cabinet")));
        assertThat(cabinet.pieces()).hasSizeGreaterThan(18);
        SheetLayout layout = new SheetLayout(cabinet, LOOK);
        assertThat(seenThrough(layout, "")).isEmpty();
        assertThat(seenThrough(layout, "rail-upper-back")).containsExactly("rail-upper-back");
        assertThat(seenThrough(layout, "rail-lower-back")).containsExactly("rail-lower-back");
        assertThat(seenThrough(layout, "")).isEmpty();
    }
}
