package longshoulder.core.marking;

import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class RodTest {

    private final Plan plan = Planner.plan(Tables.worked());

    private static List<Length> positions(Rod rod) {
        return rod.marks().stream().map(mark -> mark.position().value()).toList();
    }

    @Test
    void rail_runsFromTheTipOfItsTenon() {
        Rod rod = Rod.of(plan, "apron-front");
        assertThat(positions(rod)).containsExactly(mm("0"), mm("38"), mm("1298"), mm("1336"));
        assertThat(rod.marks().stream().map(Rod.Mark::kind)).containsExactly(Rod.Kind.END, Rod.Kind.SHOULDER,
                Rod.Kind.SHOULDER, Rod.Kind.END);
        assertThat(rod.faces()).hasSize(1);
    }

    @Test
    void leg_runsFromItsTopAndShowsBothMortisedFaces() {
        Rod rod = Rod.of(plan, "leg-front-left");
        assertThat(positions(rod)).containsExactly(mm("0"), mm("12"), mm("12"), mm("83"), mm("83"), mm("725"));
        assertThat(rod.faces()).hasSize(2);
        assertThat(rod.faces()).allMatch(face -> face.joints().size() == 1);
    }

    @Test
    void top_hasEndsOnly() {
        assertThat(positions(Rod.of(plan, "top"))).containsExactly(mm("0"), mm("1500"));
    }

    @Provide
    Arbitrary<Project> tables() {
        return Tables.sensible();
    }

    /** Running figures grow from zero to the length of the piece, whatever the table. */
    @Property(tries = 100)
    void marks_runFromZeroToTheLength(@ForAll("tables") Project project) {
        Plan any = Planner.plan(project);
        any.pieces().forEach(piece -> {
            List<Length> positions = positions(Rod.of(any, piece.id()));
            assertThat(positions).isSorted();
            assertThat(positions.getFirst()).isEqualTo(Length.ZERO);
            assertThat(positions.getLast()).isEqualTo(piece.length().value());
        });
    }
}
