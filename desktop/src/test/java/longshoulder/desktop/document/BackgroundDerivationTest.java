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

/** How often something is made of plans, and of what. */
class BackgroundDerivationTest {

    private final Workbench bench = new Workbench(
            Planner.plan(Project.ofKind(Kinds.find("stand").orElseThrow(), "", Showing.TENTH_MILLIMETRES)),
            Optional.empty());
    private final List<String> made = new ArrayList<>();
    private final BackgroundDerivation<String, String> prepared = new BackgroundDerivation<>(bench, "small",
            this::make);

    private String make(Plan plan, String setting, Optional<String> before) {
        made.add(setting + before.map(known -> " after " + known).orElse(""));
        return setting;
    }

    private void edit() {
        bench.edit(new Edit.Give("leg.width", new Value.Measured(Length.ofMillimetres(41))));
    }

    @Test
    void madeBeforeThePlanIsShown_andOnce() {
        edit();
        assertThat(made).containsExactly("small");
        assertThat(prepared.with("small")).isEqualTo("small");
        assertThat(prepared.with("small")).isEqualTo("small");
        assertThat(made).containsExactly("small");
    }

    @Test
    void setOtherwise_isMadeAnew_fromWhatWasMadeOfTheSamePlan() {
        edit();
        assertThat(prepared.with("large")).isEqualTo("large");
        assertThat(made).containsExactly("small", "large after small");
    }

    /** The next plan is prepared as things are set by then, and nothing of the last plan is used for it. */
    @Test
    void nextPlan_isPreparedAsThingsAreSetNow() {
        assertThat(prepared.with("large")).isEqualTo("large");
        edit();
        assertThat(prepared.with("large")).isEqualTo("large");
        assertThat(made).containsExactly("large", "large");
    }
}
