package longshoulder.core.marking;

import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.kind.Designs;
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

    /** Rails at both ends of a post: all figures run from its top, 780 long; the lower rail's lower edge is 80 up. */
    @Test
    void post_mortisesAtBothEnds_runFromOneEnd() {
        Rod rod = Rod.of(Designs.plan("workbench", "stretcher.joint", "glued"), "post-front-left");
        List<Length> rails = rod.marks().stream()
                .filter(mark -> mark.joint().filter(id -> id.startsWith("rail")).isPresent())
                .map(mark -> mark.position().value()).toList();
        // shoulders of 12: the upper rail's mortise 12 to 98, the lower's 780 − 80 − 98 to 780 − 80 − 12
        assertThat(rails).containsExactly(mm("12"), mm("98"), mm("602"), mm("688"));
    }

    /** A stretcher between stretchers is a rail and a post: shoulders, and the mortise between them. */
    @Test
    void railWithAMortise_hasItsShouldersToo() {
        Plan h = Designs.plan("table", "stretchers", "h", "tenon.length", "30");
        Rod rod = Rod.of(h, "stretcher-left");
        assertThat(rod.marks().stream().filter(mark -> mark.kind() == Rod.Kind.SHOULDER)
                .map(mark -> mark.position().value())).containsExactly(mm("30"), mm("630"));
        List<Length> mortise = rod.marks().stream()
                .filter(mark -> mark.joint().filter(id -> id.startsWith("stretcher-middle"))
                        .isPresent())
                .map(mark -> mark.position().value()).toList();
        // the middle one, 25 thick with a tenon of 8, in the middle of 660
        assertThat(mortise.getLast().plus(mortise.getFirst())).isEqualTo(mm("660"));
    }

    @Test
    void panel_hasNoShoulders() {
        assertThat(Rod.of(Designs.plan("door"), "panel").marks()).extracting(Rod.Mark::kind)
                .doesNotContain(Rod.Kind.SHOULDER);
    }

    @Provide
    Arbitrary<Project> tables() {
        return Tables.sensible();
    }

    /** Running figures grow from zero to the length of the piece, whatever the table. */
    @Property(tries = 100, seed = "2611")
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
