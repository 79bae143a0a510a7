package longshoulder.desktop.lengths;

import javafx.scene.layout.Pane;
import longshoulder.core.drawing.LengthBar;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Placement;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;
import longshoulder.desktop.paint.Themed;

/** Shows a {@link LengthBar} at the scale of its list. */
final class LengthBarView extends Pane implements Themed {

    private static final double HEIGHT = Pixels.of(LengthBar.HEIGHT + 2 * LengthBar.BEYOND);
    private static final double LEAST_WIDTH = 120;

    private final LengthBar bar;
    private final double longestTenon;
    private final double longest;
    private final PictureView picture = new PictureView();

    /**
     * @param longestTenon in millimetres: so much room all bars of a list have left of their shoulders
     * @param longest how far any of them reaches to the right of its left shoulder
     */
    LengthBarView(LengthBar bar, double longestTenon, double longest) {
        this.bar = bar;
        this.longestTenon = longestTenon;
        this.longest = longest;
        setMinWidth(LEAST_WIDTH);
        setPrefHeight(HEIGHT);
        setMinHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setMouseTransparent(true);
        getChildren().add(picture);
        widthProperty().addListener((observed, was, is) -> draw());
        PictureView.whenPixelsChange(this, this::draw);
    }

    @Override
    public void recolour() {
        draw();
    }

    private void draw() {
        if (getWidth() < 1) {
            return;
        }
        double scale = Pixels.toMillimetres(getWidth() - 2) / Math.max(1, longestTenon + longest);
        Placement at = new Placement(scale, Pixels.toMillimetres(1) + longestTenon * scale,
                LengthBar.BEYOND + LengthBar.HEIGHT);
        Page.Group group = new Page.Group(at, bar.marks(scale));
        picture.show(Picture.of(getWidth(), HEIGHT, PictureView.pixels(this),
                brush -> group.draw(new ScreenPen(brush))));
    }
}
