package longshoulder.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;

/** What the lines of the cut list say, in finished and in rough sizes. */
class CutRowTest {

    private static final Plan PLAN = Planner
            .plan(Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES));

    private static CutRow row(String piece, boolean rough) {
        return CutRow.all(PLAN, rough).stream().filter(row -> row.pieces().contains(piece)).findFirst().orElseThrow();
    }

    @Test
    void everyPiece_standsInOneLine() {
        List<String> listed = CutRow.all(PLAN, false).stream().flatMap(row -> row.pieces().stream()).toList();
        assertThat(listed).doesNotHaveDuplicates()
                .hasSameElementsAs(PLAN.pieces().stream().map(PlannedPiece::id).collect(Collectors.toSet()));
    }

    @Test
    void said_whatItIs_whichOnes_ofWhat_andHowLarge() {
        CutRow leg = row("leg-front-left", false);
        assertThat(leg.role()).isEqualTo("leg");
        assertThat(leg.about().replace('\u00a0', ' ')).startsWith("A1").contains(" · ");
        assertThat(leg.figures()).hasSize(3);
        assertThat(leg.spoken()).contains("leg", leg.figures().get(0), leg.figures().get(1), leg.figures().get(2));
    }

    @Test
    void rough_isLargerThanFinished_andSaysTheSameOfThePiece() {
        CutRow finished = row("apron-front", false);
        CutRow rough = row("apron-front", true);
        for (int size = 0; size < 3; size++) {
            assertThat(Double.parseDouble(rough.figures().get(size)))
                    .isGreaterThan(Double.parseDouble(finished.figures().get(size)));
        }
        assertThat(rough.outline()).isEqualTo(finished.outline());
    }
}
