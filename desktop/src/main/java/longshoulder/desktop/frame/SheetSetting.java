package longshoulder.desktop.frame;

import javafx.scene.layout.Region;
import longshoulder.core.drawing.PictorialLook;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.PictureView;

/**
 * What a sheet is painted for, besides its plan.
 *
 * @param width in pixels of the layout
 * @param pixels of the screen to one of the layout
 * @param look at the pictorial view
 * @param lit id of the piece that is lit; empty for none
 * @param views which of the views are shown
 */
record SheetSetting(double width, double height, double pixels, PictorialLook look, String lit, Palette.Theme theme,
        Views views) {

    /** What the sheet shows. */
    enum Views {
        ALL,
        /** The pictorial view alone, as large as can be. */
        PICTURE,
        /** The same, near the lit piece. */
        NEAR
    }

    private static final double LEAST = 10;

    /** As a region stands now. */
    static SheetSetting of(Region region, PictorialLook look, String lit, Views views) {
        return new SheetSetting(region.getWidth(), region.getHeight(), PictureView.pixels(region), look, lit,
                Palette.theme(), views);
    }

    /** Whether there is no room to paint anything, as before the window is shown. */
    boolean isNoRoom() {
        return width < LEAST || height < LEAST;
    }

    SheetSetting lookedAt(PictorialLook other) {
        return new SheetSetting(width, height, pixels, other, lit, theme, views);
    }
}
