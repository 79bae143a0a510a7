package longshoulder.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HatchTest {

    /** Lines 45° over a square of 10, a millimetre apart: as long together as the area is large. */
    @ParameterizedTest
    @CsvSource({"true", "false"})
    void hatch_linesCoverTheFace(boolean rising) {
        List<Vector2D> square = List.of(Vector2D.of(3, 4), Vector2D.of(13, 4), Vector2D.of(13, 14), Vector2D.of(3, 14));
        List<Hatch.Line> lines = Hatch.of(square, 0.1, rising);
        double length = lines.stream().mapToDouble(line -> line.from().distance(line.to())).sum();
        assertThat(length * 0.1).isCloseTo(100, within(1.0));
        assertThat(lines).allSatisfy(line -> {
            double slope = (line.to().getY() - line.from().getY()) / (line.to().getX() - line.from().getX());
            assertThat(slope).isCloseTo(rising ? 1 : -1, within(1e-6));
        });
    }

    /** Lines do not start anew at the border of two faces. */
    @Test
    void hatch_runsOnIntoTheNeighbour() {
        List<Vector2D> left = List.of(Vector2D.of(0, 0), Vector2D.of(5, 0), Vector2D.of(5, 10), Vector2D.of(0, 10));
        List<Vector2D> right = List.of(Vector2D.of(5, 0), Vector2D.of(9, 0), Vector2D.of(9, 10), Vector2D.of(5, 10));
        List<Double> leaving = ends(Hatch.of(left, 1, true));
        assertThat(leaving).isNotEmpty();
        assertThat(ends(Hatch.of(right, 1, true))).containsAll(leaving);
    }

    private static List<Double> ends(List<Hatch.Line> lines) {
        return lines.stream().flatMap(line -> Stream.of(line.from(), line.to()))
                .filter(point -> Math.abs(point.getX() - 5) < 1e-9 && point.getY() > 0.01 && point.getY() < 9.99)
                .map(point -> Math.rint(point.getY() * 1e6) / 1e6).toList();
    }
}
