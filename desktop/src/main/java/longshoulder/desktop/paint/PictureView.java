package longshoulder.desktop.paint;

import java.nio.IntBuffer;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/** Shows a picture at its place in a region, pixel by pixel. */
public final class PictureView extends ImageView {

    /** The image grows by so many pixels at a time. */
    private static final int STEP = 128;

    private @Nullable PixelBuffer<IntBuffer> shown;
    private @Nullable Picture last;

    public PictureView() {
        setMouseTransparent(true);
        setSmooth(false);
        // It lies where its picture says, and asks for no layout of the window when another is shown.
        setManaged(false);
    }

    /** Shows another picture. */
    @SuppressWarnings("ReferenceEquality") // a picture is never changed
    public void show(Picture picture) {
        setVisible(true);
        if (picture == last) {
            return;
        }
        last = picture;
        // Between two pixels of the screen what lies just beyond the picture is seen too: nothing of an earlier one may be left there.
        Rectangle2D cleared = new Rectangle2D(0, 0, picture.columns() + 1, picture.rows() + 1);
        PixelBuffer<IntBuffer> pixels = room(picture.columns() + 1, picture.rows() + 1);
        picture.copyTo(pixels.getBuffer().array(), pixels.getWidth());
        pixels.updateBuffer(all -> cleared);
        setViewport(new Rectangle2D(0, 0, picture.columns(), picture.rows()));
        setFitWidth(picture.place().getWidth());
        setFitHeight(picture.place().getHeight());
        relocate(picture.place().getMinX(), picture.place().getMinY());
    }

    /** One image serves for all pictures, and grows with them: the toolkit keeps what it made of images for long. */
    private PixelBuffer<IntBuffer> room(int columns, int rows) {
        if (shown == null || shown.getWidth() < columns || shown.getHeight() < rows) {
            int width = rounded(Math.max(columns, shown == null ? 0 : shown.getWidth()));
            int height = rounded(Math.max(rows, shown == null ? 0 : shown.getHeight()));
            shown = new PixelBuffer<>(width, height, IntBuffer.allocate(width * height),
                    PixelFormat.getIntArgbPreInstance());
            setImage(new WritableImage(shown));
        }
        return shown;
    }

    private static int rounded(int pixels) {
        return (pixels + STEP - 1) / STEP * STEP;
    }

    /** Shows nothing. */
    public void clear() {
        setVisible(false);
    }

    /** Does something whenever a node comes to a screen with more or fewer pixels: what is shown there is painted anew. */
    public static void whenPixelsChange(Node node, Runnable repaint) {
        node.sceneProperty().flatMap(Scene::windowProperty).flatMap(Window::renderScaleXProperty)
                .addListener((observed, was, is) -> repaint.run());
    }

    /** Pixels of the screen to one of the layout where a node is shown. */
    public static double pixels(Node node) {
        Scene scene = node.getScene();
        Window window = scene == null ? null : scene.getWindow();
        // What is shown larger than it is laid out has more pixels.
        double larger = node.getLocalToSceneTransform().getMxx();
        return window == null ? 1 : larger * window.getRenderScaleX();
    }
}
