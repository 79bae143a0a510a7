package longshoulder.core.kind;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The same as {@link KindPropertiesTest} for all kinds of few pieces: a class of its own, so that both run at once. */
class PlainKindPropertiesTest {

    @ParameterizedTest
    @MethodSource("longshoulder.core.kind.KindPropertiesTest#plainKinds")
    void anyValuesWithinBounds_planOrStop(Kind kind) {
        KindPropertiesTest.assertSoundOrStopped(kind);
    }
}
