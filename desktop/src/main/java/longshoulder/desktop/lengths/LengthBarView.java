package longshoulder.desktop.lengths;

import javafx.scene.layout.Pane;
import longshoulder.core.drawing.LengthBar;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.Themed;

/** Where the bar of a piece is shown. */
final class LengthBarView extends Pane implements Themed {

    static final double HEIGHT = Pixels.of(LengthBar.HEIGHT + 2 * LengthBar.BEYOND);
    private static final double LEAST_WIDTH = 120;

    private final PictureView picture = new PictureView();
    private final Runnable repaint;

    /** @param repaint paints the bar anew for the width and the colours that it has then */
    LengthBarView(Runnable repaint) {
        this.repaint = repaint;
        setMinWidth(LEAST_WIDTH);
        setPrefHeight(HEIGHT);
        setMinHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setMouseTransparent(true);
        getChildren().add(picture);
        widthProperty().addListener((observed, was, is) -> repaint.run());
        PictureView.whenPixelsChange(this, repaint);
    }

    void show(Picture painted) {
        picture.show(painted);
    }

    @Override
    public void recolour() {
        repaint.run();
    }
}
