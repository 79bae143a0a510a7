package longshoulder.core.joint;

import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A rectangle across a rail's end, in millimetres: y from the face edge across the width, z from the back through the thickness;
 * its corners rounded or square.
 *
 * @param radius of the corners; half the thickness makes the narrow sides half-rounds
 */
record Section(double y0, double y1, double z0, double z1, double radius) {

    Section(double y0, double y1, double z0, double z1) {
        this(y0, y1, z0, z1, 0);
    }

    /** With round corners, as far as the rectangle is wide enough for them. */
    Section rounded(double wanted) {
        return new Section(y0, y1, z0, z1, Math.min(wanted, Math.min(y1 - y0, z1 - z0) / 2));
    }

    double middleY() {
        return (y0 + y1) / 2;
    }

    double middleZ() {
        return (z0 + z1) / 2;
    }

    /** The middle, as y and z. */
    Vector2D middle() {
        return Vector2D.of(middleY(), middleZ());
    }
}
