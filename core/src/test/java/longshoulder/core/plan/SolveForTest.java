package longshoulder.core.plan;

import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import longshoulder.core.Tables;
import longshoulder.core.brief.Parameter;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A derived length is given, and a size follows. */
class SolveForTest {

    private static SolveFor shoulder(String piece, String wanted) {
        return new SolveFor(plan -> plan.has(piece) ? plan.piece(piece).shoulderLength() : Optional.empty(),
                mm(wanted));
    }

    private static Parameter.Measure size(Project project, String name) {
        return (Parameter.Measure) Edit.parameter(project, name);
    }

    /** Shoulder 1260 = 1500 − 2 · 60 − 2 · 60: 1300 by the length 40 more, by overhang or legs 20 less. */
    @ParameterizedTest
    @CsvSource({"overall.length, 1540", "overhang.ends, 40", "leg.width, 40"})
    void shoulder_byAnySizeThatItHangsOn(String by, String after) {
        Plan plan = Tables.plan();
        SolveFor.Solution solution = shoulder("apron-front", "1300").by(plan, size(plan.project(), by));
        assertThat(solution.after()).isEqualTo(mm(after));
        Plan solved = Planner.plan(solution.edit().applyTo(plan.project()));
        assertThat(solved.piece("apron-front").shoulderLength().map(Amount::value)).contains(mm("1300"));
    }

    /** The width of a coped door from the length of its rail with both tongues: 352 + 2 · 60 − 2 · 10 = 452. */
    @Test
    void copedDoor_fromTheLengthOfItsRail() {
        Project door = Tables.give("construction", "cope-and-stick")
                .applyTo(Project.ofKind(Kinds.find("door").orElseThrow(), "", Showing.TENTH_MILLIMETRES));
        Plan plan = Planner.plan(door);
        SolveFor length = new SolveFor(any -> Optional.of(any.piece("rail-top").length()), mm("352"));
        assertThat(length.by(plan, size(door, "size.width")).after()).isEqualTo(mm("452"));
    }

    /** With leaning legs nothing is exact: it comes out to a thousandth of a millimetre. */
    @Test
    void leaning_comesOut() {
        Plan plan = Tables.plan("splay.front", "7°", "splay.side", "5°");
        Project solved = shoulder("apron-front", "1111").by(plan, size(plan.project(), "overall.length")).edit()
                .applyTo(plan.project());
        Length found = Planner.plan(solved).piece("apron-front").shoulderLength().orElseThrow().value();
        assertThat(found.toMillimetres()).isCloseTo(1111, within(1e-3));
    }

    @Test
    void whatChangesNothing_orCannotBe_isRefused() {
        Plan plan = Tables.plan();
        assertThatThrownBy(() -> shoulder("apron-front", "1300").by(plan, size(plan.project(), "overall.depth")))
                .isInstanceOfSatisfying(EditRefused.class,
                        refused -> assertThat(refused.reason().key()).isEqualTo("refused.solve.free"));
        assertThatThrownBy(() -> shoulder("apron-front", "2000").by(plan, size(plan.project(), "leg.width")))
                .isInstanceOfSatisfying(EditRefused.class,
                        refused -> assertThat(refused.reason().key()).isEqualTo("refused.solve.bounds"));
    }

    /** Overall sizes stand first among those that can follow. */
    @Test
    void free_overallFirst() {
        Plan plan = Tables.plan();
        assertThat(SolveFor.free(plan.project(), plan.piece("apron-front").shoulderLength().orElseThrow()))
                .extracting(Parameter::name).containsExactly("overall.length", "overhang.ends", "leg.width");
    }
}
