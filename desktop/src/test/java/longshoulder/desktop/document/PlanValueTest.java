package longshoulder.desktop.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;

/** How often something is made of plans, of what, and when it is shown. */
class PlanValueTest {

    private final HeldBackground held = new HeldBackground();
    private final Workbench bench = new Workbench(
            Planner.plan(Project.ofKind(Kinds.find("stand").orElseThrow(), "", Showing.TENTH_MILLIMETRES)),
            Optional.empty(), held.background());
    private Optional<String> setting = Optional.of("small");
    private final List<String> made = new ArrayList<>();
    private final List<String> shown = new ArrayList<>();
    private final PlanValue<String, String> value = new PlanValue<>(bench, () -> setting, this::make, shown::add);

    private String make(Plan plan, String as, Optional<String> before) {
        made.add(as + before.map(known -> " after " + known).orElse(""));
        return as;
    }

    private void set(String other) {
        setting = Optional.of(other);
        value.refresh();
    }

    private void edit(int width) {
        bench.edit(new Edit.Give("leg.width", new Value.Measured(Length.ofMillimetres(width))));
    }

    @Test
    void begin_showsAtOnce() {
        value.begin();
        assertThat(shown).containsExactly("small");
        held.doAll();
        assertThat(made).containsExactly("small");
    }

    /** With the plan, once, and shown in the same moment as the plan. */
    @Test
    void edit_isMadeWithThePlan_once() {
        value.begin();
        List<String> atPlan = new ArrayList<>();
        bench.planProperty().addListener((observed, was, is) -> atPlan.addAll(made));
        edit(41);
        held.doAll();
        value.refresh();
        assertThat(made).containsExactly("small", "small");
        assertThat(atPlan).containsExactly("small", "small");
    }

    @Test
    void setOtherwise_isMadeInTheBackground_fromWhatWasMadeOfTheSamePlan() {
        value.begin();
        set("large");
        assertThat(shown).containsExactly("small");
        held.doAll();
        assertThat(shown).containsExactly("small", "large");
        assertThat(made).containsExactly("small", "large after small");
    }

    /** What is made is shown although more is wanted by then, so that a drawing that is being turned moves; then the last is made. */
    @Test
    void setSeveralTimes_showsTheFirst_andThenTheLast() {
        value.begin();
        set("1");
        set("2");
        set("3");
        held.doAll();
        assertThat(shown).containsExactly("small", "1", "3");
    }

    /** The next plan is made for how things are set by then, and nothing of the last plan is used for it. */
    @Test
    void nextPlan_isMadeForHowThingsAreSetNow() {
        value.begin();
        set("large");
        held.doAll();
        edit(41);
        held.doAll();
        assertThat(made).containsExactly("small", "large after small", "large");
        assertThat(shown).endsWith("large", "large");
    }

    @Test
    void setOtherwiseWhileThePlanIsMade_isMadeAnewOfThatPlan() {
        value.begin();
        edit(41);
        setting = Optional.of("large");
        held.doAll();
        assertThat(made).containsExactly("small", "small", "large after small");
        assertThat(shown).endsWith("large");
    }

    @Test
    void hidden_nothingIsMade_untilItIsSeenAgain() {
        value.begin();
        setting = Optional.empty();
        value.refresh();
        edit(41);
        held.doAll();
        assertThat(made).containsExactly("small");
        set("small");
        held.doAll();
        assertThat(made).containsExactly("small", "small");
        assertThat(shown).containsExactly("small", "small");
    }
}
