package longshoulder.core.kind;

import static org.assertj.core.api.Assertions.assertThat;

import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The same as {@link KindPropertiesTest} for all kinds of few pieces: a class of its own, so that both run at once. */
class PlainKindPropertiesTest {

    @ParameterizedTest
    @MethodSource("longshoulder.core.kind.KindPropertiesTest#plainKinds")
    void anyValuesWithinBounds_planOrStop(Kind kind) {
        KindPropertiesTest.assertSoundOrStopped(kind);
    }

    /** A bottom clear of the legs, and stretchers that lie flat where their tenons are mitred to those of others. */
    @ParameterizedTest
    @CsvSource({"table, 32046", "stool, 32146"})
    void figuresOfAnyValues_areFinite(String kind, int seed) {
        Plan plan = Planner.plan(RandomDesigns.design(Kinds.find(kind).orElseThrow(), seed));
        assertThat(plan.joints()).allSatisfy(joint -> assertThat(joint.figures()).isNotEmpty());
    }
}
