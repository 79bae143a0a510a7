package longshoulder.core.reckoning;

import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import longshoulder.core.measure.Length;
import org.junit.jupiter.api.Test;

class AmountTest {

    private static final Label NAME = Label.of("amount.zero");
    private static final Label RULE = Label.of("rule.third");

    private static Amount given(String parameter, String millimetres) {
        return new Amount.Given(Label.of("parameter." + parameter), mm(millimetres), parameter);
    }

    @Test
    void sum_isTheSumOfItsLines() {
        Amount sum = Amount.sum(NAME).plus(given("overall.length", "1500")).minus(2, given("overhang.ends", "60"))
                .minus(given("leg.width", "1.5")).amount();
        assertThat(sum.value()).isEqualTo(mm("1378.5"));
        assertThat(sum.parts()).hasSize(3);
        assertThat(sum.rule()).isEmpty();
    }

    @Test
    void share_roundsToAPicometre() {
        Amount third = new Amount.Share(NAME, given("leg.width", "10"), 1, 3, RULE);
        assertThat(third.value()).isEqualTo(new Length(3_333_333_333L));
        assertThat(new Amount.Share(NAME, given("leg.width", "60"), 2, 3, RULE).value()).isEqualTo(mm("40"));
        assertThat(third.rule()).contains(RULE);
    }

    @Test
    void leastAndGreatest_choose() {
        List<Amount> two = List.of(given("a", "3"), given("b", "4"));
        assertThat(new Amount.Least(NAME, two, RULE).value()).isEqualTo(mm("3"));
        assertThat(new Amount.Greatest(NAME, two, RULE).value()).isEqualTo(mm("4"));
        assertThatThrownBy(() -> new Amount.Least(NAME, List.of(), RULE)).hasMessageContaining("At least one");
    }

    @Test
    void nearest_ofTwoEquallyNearTheSmaller() {
        List<Length> chisels = List.of(mm("10"), mm("8"), mm("6"));
        assertThat(new Amount.Nearest(NAME, given("a", "7"), chisels, RULE).value()).isEqualTo(mm("6"));
        assertThat(new Amount.Nearest(NAME, given("a", "7.4"), chisels, RULE).value()).isEqualTo(mm("8"));
        assertThat(new Amount.Nearest(NAME, given("a", "7.4"), List.of(), RULE).value()).isEqualTo(mm("7.4"));
    }

    @Test
    void parameters_areThoseOfTheWholeTree() {
        Amount inner = Amount.sum(NAME).plus(given("overall.length", "1500")).minus(given("leg.width", "60")).amount();
        Amount outer = new Amount.Least(NAME,
                List.of(inner, new Amount.Cut(NAME, mm("3"), given("apron.width", "9"))), RULE);
        assertThat(outer.parameters()).containsExactly("overall.length", "leg.width", "apron.width");
    }

    @Test
    void cut_countsInsteadOfWhatWasPlanned() {
        Amount cut = new Amount.Cut(NAME, mm("1258"), given("a", "1260"));
        assertThat(cut.value()).isEqualTo(mm("1258"));
        assertThat(Amount.sum(NAME).plus(cut).plus(cut).amount().value()).isEqualTo(mm("2516"));
    }
}
