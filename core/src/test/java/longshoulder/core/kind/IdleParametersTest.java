package longshoulder.core.kind;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What changes nothing as a brief stands, and does as soon as what it belongs to is chosen. */
class IdleParametersTest {

    private static Set<String> idle(Project project) {
        return IdleParameters.of(Kinds.find(project.brief().kind()).orElseThrow(), project.brief());
    }

    @ParameterizedTest
    @CsvSource({"table, stretcher.width, stretchers, box", "table, spread.front, splay.given, spread",
            "table, leg.foot, leg.taper, two", "cabinet, drawer.height, drawers, two",
            "door, bar.width, bars.upright, one", "door, gap.top, size.given, opening"})
    void idle_untilWhatItBelongsToIsChosen(String kind, String parameter, String choice, String option) {
        assertThat(idle(Designs.of(kind))).contains(parameter);
        assertThat(idle(Designs.of(kind, choice, option))).doesNotContain(parameter);
    }

    /** A choice that brings something in is never idle, nor what every design of the kind has. */
    @Test
    void choices_andOverallSizesAreNeverIdle() {
        for (Kind kind : Kinds.all()) {
            assertThat(idle(Designs.of(kind.id()))).as(kind.id()).doesNotContain("overall.length", "overall.height",
                    "stretchers", "splay.given", "drawers", "front", "construction", "tenon.meeting", "figures.step");
        }
    }
}
