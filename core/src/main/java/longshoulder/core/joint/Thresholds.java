package longshoulder.core.joint;

import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.measure.Length;

/**
 * The figures at which checks fire, in one place. Lengths can be changed by the maker, as {@link HouseRules}; shares and angles
 * are the trade's.
 *
 * @param wall a wall beside a mortise thinner than this is likely to split
 * @param floor wood left between the floor of a mortise and the other side of the post
 * @param glueRoom room at the bottom of a mortise, for glue
 * @param drawbore a peg that is bent by more than this breaks or splits the tenon
 * @param tuskRelish wood beyond the slot of a tusk; less is pushed out
 * @param heldWidth a board wider than this has to be free to move
 * @param fitTight a mortise wider than its tenon by less than this is too tight: the glue is wiped off
 * @param fitLoose by more than this it is too loose
 */
public record Thresholds(Length wall, Length floor, Length glueRoom, Length drawbore, Length tuskRelish,
        Length heldWidth,
        Length fitTight, Length fitLoose) {

    /** A wall ought to be at least one part in so many of the stock. */
    public static final int WALL_SHARE = 4;
    /** A tenon is at least one part in so many of its rail's thickness. */
    public static final int THINNEST_SHARE = 4;
    /** A tenon is at most one part in so many of its rail's thickness. */
    public static final int THICKEST_SHARE = 2;

    /** A tenon may leave the grain of its rail by so much. */
    public static final double SHORT_GRAIN_DEGREES = 10;

    /** A tenon wider than so many times its thickness cups and weakens the post. */
    public static final int WIDE = 6;
    /** One wider than so many times is likely to fail. */
    public static final int FAR_TOO_WIDE = 10;

    /** A peg is at most one part in so many of its tenon's width. */
    public static final int PEG_SHARE = 3;
    /** The middle of a peg lies at least so many diameters from an edge. */
    public static final int PEG_EDGE = 2;

    /** A flare runs over at least this share of the mortise: numerator and denominator. */
    public static final int FLARE_RUN = 4;
    public static final int FLARE_RUN_OF = 5;

    /** A flare widens by at most one part in so many of its run; more breaks the tenon as it is bent. */
    static final int STEEPEST_FLARE = 6;
    /** Slots for wedges leave at least one part in so many of the tenon before the shoulder. */
    static final int SLOT_LEFT = 10;

    /** A housing, a rebate or a moulding takes at most one part in so many of the piece in which it is. */
    static final int CUT_SHARE = 2;
    /** Of a piece that is notched at a crossing at least one part in so many is left. */
    static final int LAP_LEFT = 3;
    /** The arms of a bridle together are at least one part in so many of the rail's thickness. */
    static final int ARMS_LEFT = 3;
    /** A groove takes one part in so many of the thickness at most, so that its cheeks are as stout as what stands in it. */
    static final int CHEEK_SHARE = 3;
    /** The shoulders beside a tail are at least one part in so many of the rail's thickness. */
    static final int TAIL_SHOULDERS = 4;
    /** Each cheek of a tail tapers by at most one part in so many of its root. */
    static final int TAIL_TAPER = 4;
    /** A haunch is shorter than its tenon by at least one part in so many. */
    static final int HAUNCH_LEFT = 3;
    /** The mortise in a rail's end takes at most one part in so many of the rail's length. */
    static final int MORTISE_SHARE = 3;

    /** A tusk is at most one part in so many of its tenon's thickness, and its slot begins no deeper in the post. */
    static final int TUSK_SHARE = 2;
    /** A tusk whose slot begins nearer to the post's face than this does not pull once the post has dried. */
    static final Length TUSK_BURY = Length.ofMillimetres(1);
    /** A stub shorter than this does not hold. */
    static final Length STUB = Length.ofMillimetres(6);

    /** A bolt is at most one part in so many of its rail's thickness, and reaches no farther along the rail. */
    static final int BOLT_SHARE = 2;
    /** Before a bolt's nut stand at least so many diameters of wood. */
    static final int BOLT_EDGE = 3;

    /** A length less one part in so many. */
    static Length allBut(Length whole, int share) {
        return whole.times(share - 1, share);
    }

    /** Share of its width by which moisture is taken to swing over the years, in %. */
    public static final double MOISTURE_SWING = 4;

    /** As the maker set them. */
    public static Thresholds of(Brief brief) {
        return new Thresholds(HouseRules.limit(brief, HouseRules.WALL), HouseRules.limit(brief, HouseRules.FLOOR),
                HouseRules.limit(brief, HouseRules.GLUE_ROOM), HouseRules.limit(brief, HouseRules.DRAWBORE),
                HouseRules.limit(brief, HouseRules.TUSK_RELISH), HouseRules.limit(brief, HouseRules.HELD_WIDTH),
                HouseRules.limit(brief, HouseRules.FIT_TIGHT), HouseRules.limit(brief, HouseRules.FIT_LOOSE));
    }
}
