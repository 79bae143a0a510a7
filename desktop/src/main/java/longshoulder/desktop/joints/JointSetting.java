package longshoulder.desktop.joints;

import java.util.Map;
import java.util.Optional;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.SectionPlane;
import longshoulder.desktop.document.Trial;
import longshoulder.desktop.paint.Palette;

/**
 * How the sheet of the joint is set.
 *
 * @param piece id of the piece that is lit
 * @param joint id of the joint that is worked on
 * @param width of the sheet, in pixels of the layout
 * @param height of the sheet, in pixels of the layout
 * @param pixels of the screen to one of the layout
 * @param pull how far the joint is pulled apart, from 0 to 1
 * @param captions how wide the captions of the sections are, in pixels of the layout
 */
record JointSetting(String piece, String joint, Optional<Trial> trial, double width, double height, double pixels,
        double pull, View eye, Palette.Theme theme, Map<SectionPlane, Double> captions) {

    private static final double LEAST = 10;

    /** Whether there is no room to paint in. */
    boolean isNoRoom() {
        return width <= LEAST || height <= LEAST;
    }
}
