package longshoulder.core.plan;

import static longshoulder.core.Tables.plan;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** When two plans are the same. */
class PlanTest {

    @Test
    void ofOneProject_equal() {
        assertThat(Planner.plan(table())).isEqualTo(plan()).hasSameHashCodeAs(plan());
    }

    @Test
    void ofOtherSizes_orOtherwiseSet_different() {
        assertThat(plan("overall.length", "1600")).isNotEqualTo(plan());
        assertThat(Planner.plan(table(), plan("overall.length", "1600").frame())).isNotEqualTo(plan());
    }
}
