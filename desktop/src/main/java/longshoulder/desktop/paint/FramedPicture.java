package longshoulder.desktop.paint;

import javafx.scene.layout.Pane;

/** Room for a picture of a fixed size, so that nothing moves when it comes. */
public final class FramedPicture extends Pane {

    private final PictureView view = new PictureView();

    /** @param width in pixels of the layout */
    public FramedPicture(double width, double height) {
        super();
        setMinSize(width, height);
        setPrefSize(width, height);
        setMaxSize(width, height);
        setMouseTransparent(true);
        getChildren().add(view);
    }

    /** Shows another picture. */
    public void show(Picture picture) {
        view.show(picture);
    }

    /** Shows nothing. */
    public void clear() {
        view.clear();
    }
}
