package longshoulder.core.kind;

import static org.assertj.core.api.Assertions.assertThat;

import longshoulder.core.cutlist.CutList;
import longshoulder.core.marking.Rod;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/**
 * Any kind after up to four edits of any sort, beyond its parameters too, and then one of its parameters: a sound plan or a finding
 * of level stop, never an exception; cut list, rods and sentences can be made of it.
 */
class EditedKindPropertiesTest {

    /** Always the same edits: which others to try is for longer runs than a build. */
    @Property(tries = 800, seed = "2611")
    void anyEdits_planOrStop(@ForAll("edited") Project project) {
        assertSoundOrStopped(project);
    }

    static void assertSoundOrStopped(Project project) {
        Plan plan = Planner.plan(project);
        if (plan.pieces().isEmpty()) {
            return;
        }
        KindPropertiesTest.assertSolidsSound(plan);
        assertThat(CutList.of(plan).lines()).isNotEmpty();
        plan.pieces().stream().filter(piece -> piece.piece().isReal())
                .forEach(piece -> assertThat(Rod.of(plan, piece.id()).marks()).isNotEmpty());
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        plan.findings().forEach(finding -> assertThat(words.say(finding)).doesNotContain("{"));
    }

    @Provide
    Arbitrary<Project> edited() {
        return Combinators.combine(Arbitraries.of(Kinds.all()), Arbitraries.longs())
                .as(RandomEdits::design);
    }
}
