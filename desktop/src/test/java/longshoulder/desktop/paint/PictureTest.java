package longshoulder.desktop.paint;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Rectangle2D;
import javafx.scene.image.PixelReader;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Where pictures lie, and that a view shows them pixel by pixel, one after the other. */
@ExtendWith(ApplicationExtension.class)
class PictureTest {

    @Start
    void start(Stage stage) {
        stage.show();
    }

    private static Picture square(Color colour, double from, double to) {
        return Picture.of(new Rectangle2D(from, from, to - from, to - from), 400, 300, 1,
                brush -> brush.face(colour, new double[]{from, to, to, from}, new double[]{from, from, to, to}));
    }

    /** It begins and ends on whole pixels at every usual scale, so that nothing is blurred when it is shown. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 1.25, 1.5, 1.75, 2})
    void picture_coversItsPart_onWholePixels(double pixels) {
        Rectangle2D part = new Rectangle2D(103.3, 51.7, 80.2, 40.9);
        Rectangle2D place = Picture.of(part, 400, 300, pixels, brush -> {}).place();
        assertThat(place.contains(part)).isTrue();
        assertThat(place.getWidth()).isLessThan(part.getWidth() + 24);
        for (double edge : new double[]{place.getMinX(), place.getMinY(), place.getMaxX(), place.getMaxY()}) {
            assertThat(edge * pixels % 1).isZero();
        }
    }

    @Test
    void picture_isCutOffAtTheEdgeOfItsRegion() {
        Rectangle2D place = Picture.of(new Rectangle2D(-50, 10, 900, 500), 400, 300, 1, brush -> {}).place();
        assertThat(place.getMinX()).isZero();
        assertThat(place.getMaxX()).isEqualTo(400);
        assertThat(place.getMaxY()).isEqualTo(300);
    }

    /** What is seen of a picture that is shown after another one, so far off to the right and down. */
    private static PixelReader shown(Picture before, Picture after, double off) {
        return WaitForAsyncUtils.waitForAsyncFx(5000, () -> {
            PictureView view = new PictureView();
            Pane pane = new Pane(view);
            pane.resize(400, 300);
            view.show(before);
            pane.snapshot(null, null);
            view.setTranslateX(off);
            view.setTranslateY(off);
            view.show(after);
            return pane.snapshot(null, null).getPixelReader();
        });
    }

    /** A smaller picture after a larger one, elsewhere: nothing is left of the first. */
    @Test
    void view_showsTheLastPictureAlone() {
        PixelReader pixels = shown(square(Color.RED, 20, 260), square(Color.BLUE, 100, 150), 0);
        assertThat(pixels.getColor(125, 125)).isEqualTo(Color.BLUE);
        assertThat(pixels.getColor(100, 100)).isEqualTo(Color.BLUE);
        assertThat(pixels.getColor(149, 149)).isEqualTo(Color.BLUE);
        assertThat(pixels.getColor(99, 99)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(150, 150)).isEqualTo(Color.WHITE);
        assertThat(pixels.getColor(200, 200)).isEqualTo(Color.WHITE);
    }

    /** Shown between two pixels of the screen, a smaller picture has nothing of the larger one before it at its edges. */
    @Test
    void view_betweenPixels_showsNothingOfTheLastPicture() {
        PixelReader pixels = shown(square(Color.RED, 0, 200), square(Color.BLUE, 0, 100), 0.5);
        for (int beyond = 98; beyond < 110; beyond++) {
            assertThat(pixels.getColor(beyond, 50).getRed()).as("right %d", beyond)
                    .isLessThanOrEqualTo(pixels.getColor(beyond, 50).getGreen());
            assertThat(pixels.getColor(50, beyond).getRed()).as("below %d", beyond)
                    .isLessThanOrEqualTo(pixels.getColor(50, beyond).getGreen());
        }
        assertThat(pixels.getColor(50, 50)).isEqualTo(Color.BLUE);
    }

    @Test
    void view_cleared_showsNothing_untilTheNext() {
        Color[] seen = WaitForAsyncUtils.waitForAsyncFx(5000, () -> {
            FramedPicture frame = new FramedPicture(40, 40);
            frame.resize(40, 40);
            Picture red = square(Color.RED, 0, 40);
            Color[] colours = new Color[3];
            frame.show(red);
            colours[0] = frame.snapshot(null, null).getPixelReader().getColor(20, 20);
            frame.clear();
            colours[1] = frame.snapshot(null, null).getPixelReader().getColor(20, 20);
            frame.show(red);
            colours[2] = frame.snapshot(null, null).getPixelReader().getColor(20, 20);
            return colours;
        });
        assertThat(seen).containsExactly(Color.RED, Color.WHITE, Color.RED);
    }
}
