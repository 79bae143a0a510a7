package longshoulder.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import longshoulder.core.finding.Finding;
import longshoulder.core.finding.Remedy;
import longshoulder.core.kind.Designs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is offered against a finding ends it. */
class WorkingRemediesTest {

    private static Finding finding(Plan plan, String code) {
        return plan.findings().stream().filter(one -> one.code().equals(code)).findFirst().orElseThrow();
    }

    /** The foot gets thicker to both sides, so that the leg stands past its face all the same: that mends nothing. */
    @Test
    void of_leavesOutWhatDoesNotEndTheFinding() {
        Plan plan = Designs.plan("trestle", "leg.width", "86", "leg.thickness", "61", "foot.thickness", "54");
        Finding off = finding(plan, "rail-off-post");
        List<Remedy> working = WorkingRemedies.of(plan, off);
        assertThat(working.size()).isLessThan(off.remedies().size());
        assertThat(working).allSatisfy(remedy -> assertThat(
                Planner.plan(remedy.edit().applyTo(plan.project())).findings()).noneMatch(
                        other -> other.code().equals(off.code()) && other.about().getFirst()
                                .equals(off.about().getFirst())));
    }

    /** What mends a finding is offered, with another way beside it where there is one. */
    @ParameterizedTest
    @CsvSource({"tenons-collide, tenon.length, 45", "no-chisel, tenon.thickness, 9", "floor-thin, mortise.depth, 56"})
    void of_keepsWhatDoes(String code, String size, String millimetres) {
        Plan plan = Designs.plan("table", "tenon.meeting", "full", size, millimetres);
        assertThat(WorkingRemedies.of(plan, finding(plan, code))).isNotEmpty();
    }
}
