package longshoulder.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthEntryTest {

    @ParameterizedTest
    @CsvSource(quoteCharacter = '`', delimiter = '|', value = {"34 1/2 | INCH | 876.3 mm",
            "34-1/2\" | MILLIMETRE | 876.3 mm",
            "2' 10 1/2\" | MILLIMETRE | 876.3 mm", "876 | MILLIMETRE | 876 mm", "87.6cm | INCH | 876 mm",
            "0.876 m | INCH | 876 mm", "22,5 | MILLIMETRE | 22.5 mm", "1200 - 2*65 | MILLIMETRE | 1070 mm",
            "1 1/2\" + 6mm | MILLIMETRE | 44.1 mm", "2'-6\" | MILLIMETRE | 762 mm", "2' 10 | MILLIMETRE | 863.6 mm",
            "3/4 in | MILLIMETRE | 19.05 mm", "½\" | MILLIMETRE | 12.7 mm", "1½ | INCH | 38.1 mm",
            "2 × 65 | MILLIMETRE | 130 mm", "2x65 | MILLIMETRE | 130 mm", "(1200 - 65) / 2 | MILLIMETRE | 567.5 mm",
            "-5 | MILLIMETRE | -5 mm", "1200-65 | MILLIMETRE | 1135 mm", "34 - 1/2 | INCH | 850.9 mm",
            "5 ft 2 in | MILLIMETRE | 1574.8 mm", "3'' | MILLIMETRE | 76.2 mm", "2 * 1 1/2\" | MILLIMETRE | 76.2 mm",
            ".5 in | MILLIMETRE | 12.7 mm", "1/3 in | MILLIMETRE | 8.466666667 mm", "10 - 6mm | INCH | 248 mm",
            "1 m - 2*4 cm | INCH | 920 mm"})
    void read_asMakersWrite(String text, Unit bare, String expected) {
        assertThat(LengthEntry.read(text, bare).toString()).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '`', delimiter = '|', value = {"`` | 0 | Nothing was entered",
            "12 furlongs | 3 | \"furlongs\" is not a unit", "1200 - | 6 | missing at the end",
            "2 mm * 3 mm | 5 | not a length", "5 / 0 | 2 | divided by zero", "5mm / 2mm | 4 | not by a length",
            "(5 + 3 | 0 | never closed", "5) | 1 | \")\" is not expected after \"5\"", "12 $ | 3 | \"$\" cannot stand",
            "1e300 | 1 | \"e\" is not a unit", "99999999999999999999 m | 0 | more than a length can be",
            "1/0 | 1 | divided by zero", "2' 3mm | 4 | After feet come inches", "5 5 | 2 | \"5\" is not expected after",
            "NaN | 0 | not a unit", "= 5 | 0 | \"=\" cannot stand"})
    void read_nonsense_saysWhatAndWhere(String text, int position, String reason) {
        EntryException refused = catchThrowableOfType(EntryException.class,
                () -> LengthEntry.read(text, Unit.MILLIMETRE));
        assertThat(refused).hasMessageContaining(reason).hasMessageEndingWith(".");
        assertThat(refused.position()).isEqualTo(position);
    }

    @Test
    void read_tooLongOrTooDeep_isRefused() {
        assertThatThrownBy(() -> LengthEntry.read("1".repeat(10_000_000), Unit.INCH))
                .hasMessageContaining("at most 200");
        assertThatThrownBy(() -> LengthEntry.read("(".repeat(50) + "1" + ")".repeat(50), Unit.INCH))
                .hasMessageContaining("nested too deeply");
    }

    @Property(seed = "2611")
    void read_anyText_isALengthOrRefusedInWords(
            @ForAll @StringLength(max = 30) @CharRange(from = ' ', to = '~') String text) {
        try {
            LengthEntry.read(text, Unit.INCH);
        } catch (EntryException refused) {
            assertThat(refused.getMessage()).endsWith(".");
            assertThat(refused.position()).isBetween(0, text.length());
        }
    }

    @Property(seed = "2611")
    void read_shownFraction_isTheSameLength(@ForAll @IntRange(min = 1, max = 10_000) int sixtyFourths) {
        Length length = Length.ofInches(sixtyFourths, 64);
        assertThat(LengthEntry.read(Showing.SIXTY_FOURTHS.text(length), Unit.MILLIMETRE)).isEqualTo(length);
    }
}
