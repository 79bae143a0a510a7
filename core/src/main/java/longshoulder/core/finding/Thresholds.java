package longshoulder.core.finding;

import longshoulder.core.measure.Length;

/** The figures at which checks fire, in one place. */
final class Thresholds {

    /** A wall beside a mortise thinner than this is likely to split. */
    static final Length WALL = Length.ofMillimetres(6);
    /** A wall ought to be at least one part in so many of the stock. */
    static final int WALL_SHARE = 4;
    /** Wood left between the floor of a mortise and the other side of the post. */
    static final Length FLOOR = Length.ofMillimetres(5);
    /** Room at the bottom of a mortise, for glue. */
    static final Length GLUE_ROOM = Length.ofMillimetres(1);
    /** A tenon is at least one part in so many of its rail's thickness. */
    static final int THINNEST_SHARE = 4;
    /** A tenon is at most one part in so many of its rail's thickness. */
    static final int THICKEST_SHARE = 2;

    /** A tenon may leave the grain of its rail by so much. */
    static final double SHORT_GRAIN_DEGREES = 10;

    private Thresholds() {}
}
