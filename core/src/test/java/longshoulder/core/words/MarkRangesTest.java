package longshoulder.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarkRangesTest {

    @ParameterizedTest
    @CsvSource({"A1, A1", "B1 B2, B1 B2", "A1 A2 A3 A4, A1–A4", "A1 A3 A4, A1 A3 A4", "C1 C1b C3 C3b, C1 C1b C3 C3b",
            "D1 D2 D3 E4 E5, D1–D3 E4 E5", "D9 D10 D11, D9–D11", "A99999999999 A2, A99999999999 A2", "A B C, A B C"})
    void told_rangesWhereTheyFollowEachOther(String marks, String told) {
        assertThat(MarkRanges.told(List.of(marks.split(" ", -1))).replace('\u00a0', ' ')).isEqualTo(told);
    }
}
