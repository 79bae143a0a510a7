package longshoulder.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShowingTest {

    @ParameterizedTest
    @CsvSource({"WHOLE_MILLIMETRES, 599.5 mm, 600 mm", "HALF_MILLIMETRES, 599.3 mm, 599.5 mm",
            "TENTH_MILLIMETRES, 622.428 mm, 622.4 mm", "SIXTY_FOURTHS, 876.3 mm, 34 1/2 in",
            "SIXTEENTHS, 12.7 mm, 1/2 in", "THIRTY_SECONDS, -0.79375 mm, -1/32 in", "SIXTY_FOURTHS, 0 mm, 0 in",
            "TENTH_MILLIMETRES, -0.25 mm, -0.2 mm"})
    void text_roundsOnceHalfToEven(Showing showing, String length, String expected) {
        assertThat(showing.text(Length.parse(length))).isEqualTo(expected);
    }

    @Test
    void chainError_saysByHowMuchShownFiguresMiss() {
        Length third = Length.ofInches(1, 128);
        assertThat(Showing.SIXTY_FOURTHS.chainError(List.of(third, third))).isEqualTo(Length.ofInches(-1, 64));
        assertThat(Showing.SIXTY_FOURTHS.chainError(List.of(third.times(2), third.times(2)))).isEqualTo(Length.ZERO);
    }

    /** A clearance of a twentieth is not shown as none, and what can be shown is shown as everywhere. */
    @Test
    void finely_keepsWhatRoundingWouldSpoil() {
        assertThat(Showing.TENTH_MILLIMETRES.finely(Length.ofMicrometres(-50))).isEqualTo("-0.05");
        assertThat(Showing.TENTH_MILLIMETRES.finely(Length.ofMillimetres(6))).isEqualTo("6");
        assertThat(Showing.SIXTY_FOURTHS.finely(Length.ofMicrometres(250))).isEqualTo("0.0098");
        assertThat(Showing.SIXTY_FOURTHS.finely(Length.ofInches(3, 8))).isEqualTo("3/8");
    }

    @Test
    void parse_readsEveryCode() {
        for (Showing showing : Showing.values()) {
            assertThat(Showing.parse(showing.code())).isEqualTo(showing);
        }
    }
}
