package longshoulder.core.kind;

import longshoulder.core.project.Project;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** The same as {@link KindPropertiesTest} for all kinds of few pieces: a class of its own, so that both run at once. */
class PlainKindPropertiesTest {

    @Property(tries = 16000)
    void anyValuesWithinBounds_planOrStop(@ForAll("designs") Project project) {
        KindPropertiesTest.assertSoundOrStopped(project);
    }

    @Provide
    Arbitrary<Project> designs() {
        return KindPropertiesTest.designs(kind -> !KindPropertiesTest.MANY_PIECES.contains(kind.id()));
    }
}
