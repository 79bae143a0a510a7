package longshoulder.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RatioTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1/4 | 1/4", "2 / 8 | 1/4", "0.25 | 1/4", "0,25 | 1/4", "25% | 1/4",
            "12,5 % | 1/8", "6 | 6", "12/2 | 6", "2.5 | 5/2", "0 | 0", "100 % | 1"})
    void read_whateverWayItIsWritten(String typed, String shown) {
        assertThat(Ratio.read(typed)).hasToString(shown);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a quarter", "1/0", "-1", "1/-4", "1/2/3", "1.2.3", "9999999", "1/4 mm"})
    void read_anythingElse_isRefusedWithWhatToWrite(String typed) {
        assertThatThrownBy(() -> Ratio.read(typed)).isInstanceOf(EntryException.class).hasMessageContaining("1/4");
    }

    @Property(seed = "2611")
    void toString_isReadBack(@ForAll @IntRange(max = 9999) int numerator,
            @ForAll @IntRange(min = 1, max = 9999) int denominator) {
        Ratio ratio = new Ratio(numerator, denominator);
        assertThat(Ratio.read(ratio.toString())).isEqualTo(ratio).isEqualByComparingTo(ratio);
        assertThat((double) Integer.signum(ratio.compareTo(new Ratio(1, 3))))
                .isEqualTo(Math.signum(ratio.toDouble() - 1 / 3.0));
    }

    /** A part and the rest are the whole, and the whole of which a part is that part is the same again. */
    @Property(seed = "2611")
    void of_andWhole_areEachOthersInverse(@ForAll @IntRange(min = 1, max = 99) int numerator,
            @ForAll @IntRange(min = 100, max = 200) int denominator, @ForAll @LongRange(max = 3000) long millimetres) {
        Ratio ratio = new Ratio(numerator, denominator);
        Length whole = Length.ofMillimetres(millimetres).times(denominator);
        assertThat(ratio.of(whole)).isEqualTo(Length.ofMillimetres(millimetres * numerator));
        assertThat(ratio.of(whole).plus(ratio.rest().of(whole))).isEqualTo(whole);
        assertThat(ratio.whole(ratio.of(whole))).isEqualTo(whole);
    }
}
