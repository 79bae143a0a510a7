package longshoulder.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Consumer;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.PixelReader;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Looks at the pixels. */
@ExtendWith(ApplicationExtension.class)
class BrushTest {

    @Start
    void start(Stage stage) {
        stage.show();
    }

    /** Draws on white and gives the pixels. */
    private static PixelReader drawn(Consumer<Brush> drawing) {
        return drawn(1, drawing);
    }

    private static PixelReader drawn(double scale, Consumer<Brush> drawing) {
        return WaitForAsyncUtils.waitForAsyncFx(5000, () -> {
            Canvas canvas = new Canvas(60, 40);
            canvas.getGraphicsContext2D().setFill(Color.WHITE);
            canvas.getGraphicsContext2D().fillRect(0, 0, 60, 40);
            Brush brush = new Brush(canvas, scale);
            drawing.accept(brush);
            brush.dry();
            return canvas.snapshot(null, null).getPixelReader();
        });
    }

    @Test
    void levelLine_isOneCrispRowOfPixels() {
        PixelReader pixels = drawn(brush -> brush.line(Color.BLACK, 1, false).draw(10, 20.3, 40, 20.3));
        assertThat(pixels.getColor(20, 20)).isEqualTo(Color.BLACK);
        assertThat(pixels.getColor(20, 19)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(20, 21)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(45, 20)).isEqualTo(Color.WHITE);
    }

    /** On a screen of one and a half pixels to a unit these ends once rounded so that the line was drawn on for its own length. */
    @Test
    void line_endsWhereItShould_atAnOddScale() {
        PixelReader pixels = drawn(1.5, brush -> brush.line(Color.BLACK, 1, false).draw(30, 15.6, 30, 30.6));
        assertThat(pixels.getColor(30, 25).getBrightness()).isLessThan(0.9);
        assertThat(pixels.getColor(30, 36)).isEqualTo(Color.WHITE);
    }

    /** A line of several parts that lies between two rows of pixels, as the chords of a bow do seen from the front, has no steps. */
    @Test
    void levelLine_ofSeveralParts_isStraight() {
        PixelReader pixels = drawn(brush -> {
            brush.line(Color.BLACK, 1, false).draw(10, 21 - 1e-10, 30, 21 - 1e-10);
            brush.draw(30, 21 + 1e-10, 50, 21 + 1e-10);
        });
        assertThat(pixels.getColor(20, 21)).isEqualTo(Color.BLACK);
        assertThat(pixels.getColor(40, 21)).isEqualTo(Color.BLACK);
    }

    @Test
    void dashedLine_hasGaps() {
        PixelReader pixels = drawn(brush -> brush.line(Color.BLACK, 1, true).draw(20, 2, 20, 38));
        int dark = 0;
        for (int y = 2; y < 38; y++) {
            dark += pixels.getColor(20, y).equals(Color.BLACK) ? 1 : 0;
        }
        assertThat(dark).isBetween(16, 26);
    }

    @Test
    void neighbouringFaces_leaveNoSeam() {
        PixelReader pixels = drawn(brush -> {
            brush.face(Color.RED, new double[]{5, 20.4, 20.4, 5}, new double[]{5, 5, 30, 30});
            brush.face(Color.RED, new double[]{20.4, 50, 50, 20.4}, new double[]{5, 5, 30, 30});
        });
        for (int x = 6; x < 49; x++) {
            assertThat(pixels.getColor(x, 15)).isEqualTo(Color.RED);
        }
    }

    /** The mitred moulding of a door seen small: as crisp as what is square. */
    @Test
    void mitredStrip_isPaintedOnWholePixels() {
        PixelReader pixels = drawn(brush -> {
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
        PixelReader pixels = drawn(
                brush -> brush.face(Color.RED, new double[]{10, 50, 40, 20}, new double[]{8, 8, 18, 18}));
        assertThat(pixels.getColor(30, 15)).isEqualTo(Color.RED);
        assertThat(pixels.getColor(12, 15)).isEqualTo(Color.WHITE);
    }

    /** A slanted sliver goes; one that could be seen between its lines stays. */
    @Test
    void slantedSliver_isLeftToItsNeighbours() {
        PixelReader pixels = drawn(brush -> {
            brush.face(Color.RED, new double[]{5, 45, 45, 5}, new double[]{5, 15, 15.3, 5.3});
            brush.face(Color.BLUE, new double[]{5, 45, 45, 5}, new double[]{20, 30, 32, 22});
        });
        for (int y = 5; y < 17; y++) {
            assertThat(pixels.getColor(25, y)).isEqualTo(Color.WHITE);
        }
        assertThat(pixels.getColor(25, 26)).isEqualTo(Color.BLUE);
    }

    /** Slanted lines every seven pixels, in the box and nowhere else, and ones that run on from tile to tile. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 2})
    void hatch_fillsTheBoxWithSlantedLines(double scale) {
        PixelReader pixels = drawn(scale, brush -> brush.hatch(Color.BLACK, 10, 5, 50, 35));
        for (int y = 6; y < 34; y++) {
            int lines = 0;
            for (int x = 11; x < 49; x++) {
                boolean dark = pixels.getColor(x, y).getBrightness() < 0.8;
                lines += dark && pixels.getColor(x + 1, y).getBrightness() >= 0.8 ? 1 : 0;
                assertThat(pixels.getColor(x, y)).isEqualTo(pixels.getColor(x - 1, y + 1));
            }
            assertThat(lines).isBetween(5, 6);
        }
        assertThat(pixels.getColor(8, 20)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(20, 37)).isEqualTo(Color.WHITE);
    }

    @Test
    void slantedFaces_laterOnesCoverEarlierOnes() {
        PixelReader pixels = drawn(brush -> {
            brush.face(Color.RED, new double[]{5, 30, 10}, new double[]{5, 10, 30});
            brush.face(Color.BLUE, new double[]{5, 40, 20}, new double[]{5, 5, 35});
            brush.line(Color.BLACK, 2, false).draw(5, 38, 50, 12);
        });
        assertThat(pixels.getColor(20, 12)).isEqualTo(Color.BLUE);
        assertThat(pixels.getColor(11, 25)).isEqualTo(Color.RED);
        assertThat(pixels.getColor(27, 25).getBrightness()).isLessThan(0.7);
    }
}
