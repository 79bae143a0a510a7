package longshoulder.desktop.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Consumer;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Looks at the pixels. */
class BrushTest {

    /** What is drawn on white. */
    private interface Pixels {

        Color getColor(int column, int row);
    }

    private static Pixels drawn(Consumer<Brush> drawing) {
        return drawn(1, drawing);
    }

    private static Pixels drawn(double scale, Consumer<Brush> drawing) {
        Picture picture = Picture.of(60, 40, scale, drawing);
        return (column, row) -> {
            int argb = picture.argb(column, row);
            double bare = 1 - (argb >>> 24) / 255.0;
            return Color.color(Math.min(1, (argb >> 16 & 255) / 255.0 + bare),
                    Math.min(1, (argb >> 8 & 255) / 255.0 + bare), Math.min(1, (argb & 255) / 255.0 + bare));
        };
    }

    @Test
    void levelLine_isOneCrispRowOfPixels() {
        Pixels pixels = drawn(brush -> brush.line(Color.BLACK, 1, false).draw(10, 20.3, 40, 20.3));
        assertThat(pixels.getColor(20, 20)).isEqualTo(Color.BLACK);
        assertThat(pixels.getColor(20, 19)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(20, 21)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(45, 20)).isEqualTo(Color.WHITE);
    }

    /** On a screen of one and a half pixels to a unit these ends once rounded so that the line was drawn on for its own length. */
    @Test
    void line_endsWhereItShould_atAnOddScale() {
        Pixels pixels = drawn(1.5, brush -> brush.line(Color.BLACK, 1, false).draw(30, 15.6, 30, 30.6));
        assertThat(pixels.getColor(44, 40)).isEqualTo(Color.BLACK);
        assertThat(pixels.getColor(44, 45)).isEqualTo(Color.BLACK);
        assertThat(pixels.getColor(44, 49)).isEqualTo(Color.WHITE);
    }

    /** A line of several parts that lies between two rows of pixels, as the chords of a bow do seen from the front, has no steps. */
    @Test
    void levelLine_ofSeveralParts_isStraight() {
        Pixels pixels = drawn(brush -> {
            brush.line(Color.BLACK, 1, false).draw(10, 21 - 1e-10, 30, 21 - 1e-10);
            brush.draw(30, 21 + 1e-10, 50, 21 + 1e-10);
        });
        assertThat(pixels.getColor(20, 21)).isEqualTo(Color.BLACK);
        assertThat(pixels.getColor(40, 21)).isEqualTo(Color.BLACK);
    }

    @Test
    void dashedLine_hasGaps() {
        Pixels pixels = drawn(brush -> brush.line(Color.BLACK, 1, true).draw(20, 2, 20, 38));
        int dark = 0;
        for (int y = 2; y < 38; y++) {
            dark += pixels.getColor(20, y).equals(Color.BLACK) ? 1 : 0;
        }
        assertThat(dark).isBetween(16, 26);
    }

    @Test
    void neighbouringFaces_leaveNoSeam() {
        Pixels pixels = drawn(brush -> {
            brush.face(Color.RED, new double[]{5, 20.4, 20.4, 5}, new double[]{5, 5, 30, 30});
            brush.face(Color.RED, new double[]{20.4, 50, 50, 20.4}, new double[]{5, 5, 30, 30});
        });
        for (int x = 6; x < 49; x++) {
            assertThat(pixels.getColor(x, 15)).isEqualTo(Color.RED);
        }
    }

    /** Slanted faces are neither antialiased nor let over their edges: each pixel belongs to one of them. */
    @Test
    void slantedNeighbours_shareEveryPixelBetweenThem() {
        Pixels pixels = drawn(brush -> {
            brush.face(Color.RED, new double[]{5, 20.4, 30.7, 5}, new double[]{5, 5, 30, 30});
            brush.face(Color.BLUE, new double[]{20.4, 50, 50, 30.7}, new double[]{5, 5, 30, 30});
        });
        for (int y = 5; y < 30; y++) {
            for (int x = 6; x < 49; x++) {
                assertThat(pixels.getColor(x, y)).isIn(Color.RED, Color.BLUE);
            }
        }
    }

    /** The mitred moulding of a door seen small: as crisp as what is square. */
    @Test
    void mitredStrip_isPaintedOnWholePixels() {
        Pixels pixels = drawn(brush -> {
            brush.face(Color.RED, new double[]{10, 50, 48.8, 11.2}, new double[]{8.1, 8.1, 9.3, 9.3});
            brush.face(Color.BLUE, new double[]{20.2, 21.4, 21.4, 20.2}, new double[]{15, 16.2, 30, 31});
        });
        assertThat(pixels.getColor(30, 8)).isEqualTo(Color.RED);
        assertThat(pixels.getColor(30, 7)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(30, 9)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(20, 25)).isEqualTo(Color.BLUE);
        assertThat(pixels.getColor(19, 25)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(21, 25)).isEqualTo(Color.WHITE);
    }

    /** A wider one keeps its slanted ends. */
    @Test
    void mitredBoard_keepsItsMitres() {
        Pixels pixels = drawn(
                brush -> brush.face(Color.RED, new double[]{10, 50, 40, 20}, new double[]{8, 8, 18, 18}));
        assertThat(pixels.getColor(30, 15)).isEqualTo(Color.RED);
        assertThat(pixels.getColor(12, 15)).isEqualTo(Color.WHITE);
    }

    /** A slanted sliver goes; one that could be seen between its lines stays. */
    @Test
    void slantedSliver_isLeftToItsNeighbours() {
        Pixels pixels = drawn(brush -> {
            brush.face(Color.RED, new double[]{5, 45, 45, 5}, new double[]{5, 15, 15.3, 5.3});
            brush.face(Color.BLUE, new double[]{5, 45, 45, 5}, new double[]{20, 30, 32, 22});
        });
        for (int y = 5; y < 17; y++) {
            assertThat(pixels.getColor(25, y)).isEqualTo(Color.WHITE);
        }
        assertThat(pixels.getColor(25, 26)).isEqualTo(Color.BLUE);
    }

    /** Slanted lines every seven pixels of the layout, in the box and nowhere else, and ones that run on from tile to tile. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void hatch_fillsTheBoxWithSlantedLines(int scale) {
        Pixels pixels = drawn(scale, brush -> brush.hatch(Color.BLACK, 10, 5, 50, 35));
        for (int y = 6 * scale; y < 34 * scale; y++) {
            int lines = 0;
            for (int x = 11 * scale; x < 49 * scale; x++) {
                boolean dark = pixels.getColor(x, y).getBrightness() < 0.8;
                lines += dark && pixels.getColor(x + 1, y).getBrightness() >= 0.8 ? 1 : 0;
                assertThat(pixels.getColor(x, y)).isEqualTo(pixels.getColor(x - 1, y + 1));
            }
            assertThat(lines).isBetween(5, 6);
        }
        assertThat(pixels.getColor(8 * scale, 20 * scale)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(20 * scale, 37 * scale)).isEqualTo(Color.WHITE);
    }

    @Test
    void slantedFaces_laterOnesCoverEarlierOnes() {
        Pixels pixels = drawn(brush -> {
            brush.face(Color.RED, new double[]{5, 30, 10}, new double[]{5, 10, 30});
            brush.face(Color.BLUE, new double[]{5, 40, 20}, new double[]{5, 5, 35});
            brush.line(Color.BLACK, 2, false).draw(5, 38, 50, 12);
        });
        assertThat(pixels.getColor(20, 12)).isEqualTo(Color.BLUE);
        assertThat(pixels.getColor(11, 25)).isEqualTo(Color.RED);
        assertThat(pixels.getColor(27, 25).getBrightness()).isLessThan(0.7);
    }
}
