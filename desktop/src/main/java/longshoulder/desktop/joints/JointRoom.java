package longshoulder.desktop.joints;

import javafx.geometry.Rectangle2D;
import longshoulder.core.drawing.Area;
import longshoulder.desktop.paint.Pixels;

/** What stands where on the sheet of the joint: the sections beside the picture pulled apart, or above it; its slider at the foot. */
final class JointRoom {

    static final double EDGE = 20;

    /** Room for the slider at the foot of the sheet. */
    static final double PULL = 40;

    /** A sheet this much wider than high has its sections beside the picture, with this share of the width; else above it. */
    private static final double WIDE = 1.2;
    private static final double BESIDE = 0.6;
    private static final double ABOVE = 0.46;

    /** Room between captions and the foot of the sheet. */
    private static final double FOOT = 8;

    private JointRoom() {}

    private static boolean isWide(double width, double height) {
        return width > WIDE * (height - PULL);
    }

    /** Where the sections stand on a sheet. */
    static Rectangle2D sections(double width, double height) {
        return isWide(width, height)
                ? new Rectangle2D(0, 0, BESIDE * width, height - FOOT)
                : new Rectangle2D(0, 0, width, ABOVE * (height - PULL));
    }

    /** Where the joint stands pulled apart, over its slider. */
    static Rectangle2D pictorial(double width, double height) {
        double left = isWide(width, height) ? BESIDE * width : 0;
        double top = isWide(width, height) ? EDGE : ABOVE * (height - PULL);
        return new Rectangle2D(left, top, width - left, height - PULL - top);
    }

    /** The picture pulled apart keeps off the edges of its room. */
    static Area pulled(double width, double height) {
        Rectangle2D room = pictorial(width, height);
        return Pixels.toArea(room.getMinX() + EDGE, room.getMinY() + (8 - EDGE) / 2 + EDGE / 2,
                room.getWidth() - 2 * EDGE, room.getHeight() - EDGE - 8);
    }
}
