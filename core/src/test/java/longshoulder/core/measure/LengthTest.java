package longshoulder.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import java.math.BigDecimal;
import java.math.RoundingMode;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {

    @Test
    void ofInches_sixtyFourth_isWhole() {
        assertThat(Length.ofInches(1, 64).picometres()).isEqualTo(396_875_000L);
        assertThat(Length.ofInches(1, 512).picometres()).isEqualTo(49_609_375L);
        assertThat(Length.ofInches(1, 64).times(1, 2).times(2)).isEqualTo(Length.ofInches(1, 64));
    }

    @Test
    void times_fraction_roundsHalfToEven() {
        assertThat(new Length(5).times(1, 2)).isEqualTo(new Length(2));
        assertThat(new Length(7).times(1, 2)).isEqualTo(new Length(4));
        assertThat(new Length(-5).times(1, 2)).isEqualTo(new Length(-2));
    }

    @Test
    void fromMillimetres_roundsHalfToEven() {
        assertThat(Length.fromMillimetres(1.0 / 1024)).isEqualTo(new Length(976_562));
        assertThat(Length.fromMillimetres(3.0 / 1024)).isEqualTo(new Length(2_929_688));
        assertThat(Length.fromMillimetres(22.5)).isEqualTo(Length.ofMicrometres(22_500));
    }

    /** Whichever way it goes, it rounds the exact value of the double, near halves and far out too. */
    @Property(seed = "2611")
    void fromMillimetres_roundsTheExactValue(
            @ForAll @LongRange(min = -9_000_000_000_000_000L, max = 9_000_000_000_000_000L) long halfPicometres,
            @ForAll @IntRange(min = -3, max = 3) int steps) {
        double value = halfPicometres / 2e9;
        value += steps * Math.ulp(value);
        BigDecimal exact = new BigDecimal(value).movePointRight(9).setScale(0, RoundingMode.HALF_EVEN);
        assertThat(Length.fromMillimetres(value)).isEqualTo(new Length(exact.longValueExact()));
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, 1e300})
    void fromMillimetres_notALength_throws(double value) {
        assertThatThrownBy(() -> Length.fromMillimetres(value)).isInstanceOf(ArithmeticException.class);
    }

    @Test
    void plus_overflow_throws() {
        Length most = new Length(Long.MAX_VALUE);
        assertThatThrownBy(() -> most.plus(new Length(1))).isInstanceOf(ArithmeticException.class);
    }

    @Property(seed = "2611")
    void parse_readsBackToString(
            @ForAll @LongRange(min = -1_000_000_000_000_000L, max = 1_000_000_000_000_000L) long picometres) {
        Length length = new Length(picometres);
        assertThat(Length.parse(length.toString())).isEqualTo(length);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "5", "1e3 mm", "5 in", " 5 mm", "--5 mm", "99999999999999 mm"})
    void parse_otherText_throws(String text) {
        assertThatThrownBy(() -> Length.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }
}
