package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.brief.Value;
import longshoulder.core.project.Edit;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;

/** Where a piece, its marks and what is cut away lie on the rod. */
class RodLayoutTest {

    private static Plan table() {
        return Planner.plan(Tables.table());
    }

    private static List<Mark.Hatched> waste(RodLayout layout) {
        return layout.groups().stream().flatMap(group -> group.marks().stream())
                .filter(Mark.Hatched.class::isInstance).map(Mark.Hatched.class::cast).toList();
    }

    /** A front apron of 1336 with tenons of 38: shoulders at 38 and 1298. */
    @Test
    void atFullSize_placesAreTheRunningFiguresThemselves() {
        Plan plan = table();
        RodLayout layout = RodLayout.atScale(plan, "apron-front", 1, RodLayout.TOP);
        for (int i = 0; i < layout.places().size(); i++) {
            assertThat(layout.places().get(i) - RodLayout.SIDE)
                    .isCloseTo(layout.rod().marks().get(i).position().value().toMillimetres(), within(1e-9));
        }
        assertThat(layout.groups()).allSatisfy(group -> assertThat(group.placement().scale()).isEqualTo(1));
    }

    /** The faces of the piece are as wide as it is. */
    @Test
    void atFullSize_widthsAreTrue() {
        RodLayout layout = RodLayout.atScale(table(), "apron-front", 1, RodLayout.TOP);
        assertThat(layout.foot() - RodLayout.TOP).isCloseTo(95, within(1e-9));
    }

    /** Above and below both tenons of an apron its blank is waste. */
    @Test
    void besideTenons_theBlankIsWaste() {
        assertThat(waste(RodLayout.filling(table(), "apron-front", 300, 43))).hasSize(2);
    }

    /** The rails and bars of a glazed door share the rebate of its stiles: it is hatched once. */
    @Test
    void whatJointsTakeTogether_isHatchedOnce() {
        Project door = Project.ofKind(Kinds.find("door").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        for (String[] choice : new String[][]{{"construction", "rebated"}, {"filling", "glass"},
                {"bars.across", "two"}}) {
            door = new Edit.Give(choice[0], new Value.Chosen(choice[1])).applyTo(door);
        }
        for (Page.Group face : RodLayout.filling(Planner.plan(door), "stile-left", 300, 43).groups()) {
            assertThat(face.marks()).filteredOn(Mark.Hatched.class::isInstance).doesNotHaveDuplicates();
        }
    }
}
