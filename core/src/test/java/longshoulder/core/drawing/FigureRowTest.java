package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FigureRowTest {

    @Test
    void spread_figuresWithRoom_standOverTheirPlaces() {
        assertThat(FigureRow.spread(new double[]{50, 200}, new double[]{20, 40}, 300)).containsExactly(40, 180);
    }

    /** 10 apart and 30 wide: both move by 10. */
    @Test
    void spread_crowd_movesApartAlike() {
        assertThat(FigureRow.spread(new double[]{100, 110}, new double[]{30, 30}, 300)).containsExactly(75, 105);
    }

    @Test
    void spread_atTheEnds_staysInTheRow() {
        assertThat(FigureRow.spread(new double[]{2, 98}, new double[]{20, 20}, 100)).containsExactly(0, 80);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 5, 12})
    void spread_anyPlaces_coversNoneAndKeepsTheOrder(int count) {
        double[] sorted = new Random(count).doubles(count, 0, 900).sorted().toArray();
        double[] widths = Arrays.stream(sorted).map(place -> 20 + place % 30).toArray();
        double[] left = FigureRow.spread(sorted, widths, 900);
        double free = 0;
        for (int i = 0; i < left.length; i++) {
            assertThat(left[i]).isGreaterThanOrEqualTo(free - 1e-9);
            free = left[i] + widths[i];
        }
        assertThat(free).isLessThanOrEqualTo(900 + 1e-9);
    }
}
