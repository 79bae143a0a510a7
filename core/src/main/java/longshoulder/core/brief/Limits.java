package longshoulder.core.brief;

import java.util.List;
import java.util.Optional;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Ratio;

/**
 * The figures at which checks speak up, in one place, with what they usually stand at. The maker can change each of them for a
 * whole project, as a house rule; {@link Brief#length}, {@link Brief#ratio} and {@link Brief#angle} tell what holds.
 */
public final class Limits {

    /** A wall beside a mortise thinner than this, or than this share of the stock, is likely to split. */
    public static final Parameter.Measure WALL = length("wall", 6_000, 0, 50);
    public static final Parameter.Proportion WALL_SHARE = ratio("wall-share", "1/10", "0", "1/2");

    /** Wood left between the floor of a mortise and the other side of the post. */
    public static final Parameter.Measure FLOOR = length("floor", 5_000, 0, 50);

    /** Room at the bottom of a mortise, for glue. */
    public static final Parameter.Measure GLUE_ROOM = length("glue-room", 1_000, 0, 10);

    /** A mortise wider than its tenon by less than this is too tight, and the glue is wiped off; by more it is too loose. */
    public static final Parameter.Measure FIT_TIGHT = length("fit-tight", -50, -2, 2);
    public static final Parameter.Measure FIT_LOOSE = length("fit-loose", 250, -2, 5);

    /** Wood at the end of a post, past a mortise: at least so much of its tenon's length, or the short grain bursts. */
    public static final Parameter.Proportion NEAR_END = ratio("near-end", "1", "0", "5");

    /** Of its rail's thickness a tenon takes at least and at most so much. */
    public static final Parameter.Proportion THINNEST = ratio("thinnest", "1/4", "0", "1/2");
    public static final Parameter.Proportion THICKEST = ratio("thickest", "1/2", "1/10", "9/10");

    /** A tenon wider than so many times its thickness cups and weakens the post; one far wider is likely to fail. */
    public static final Parameter.Proportion WIDE = ratio("wide", "6", "1", "100");
    public static final Parameter.Proportion FAR_TOO_WIDE = ratio("far-too-wide", "10", "1", "100");

    /** A tenon may leave the grain of its rail by so much. */
    public static final Parameter.Turn SHORT_GRAIN = new Parameter.Turn("limit.short-grain", new Angle(10), Angle.ZERO,
            new Angle(60));

    /** A stub shorter than this does not hold. */
    public static final Parameter.Measure STUB = length("stub", 6_000, 0, 50);

    /** A haunch is at most so much of its tenon's length. */
    public static final Parameter.Proportion HAUNCH = ratio("haunch", "2/3", "1/10", "9/10");

    /** The mortise in a rail's end takes at most so much of the rail's length. */
    public static final Parameter.Proportion END_MORTISE = ratio("end-mortise", "1/3", "1/10", "1/2");

    /** A tenon wider than this takes two wedges. */
    public static final Parameter.Measure ONE_WEDGE = length("one-wedge", 25_000, 0, 500);

    /** A slot for a wedge is at most so much of its tenon's length: the rest does not split. */
    public static final Parameter.Proportion SLOT = ratio("slot", "9/10", "1/10", "19/20");

    /** A flare runs over at least so much of its mortise, and widens by at most so much of its run. */
    public static final Parameter.Proportion FLARE_RUN = ratio("flare-run", "4/5", "0", "1");
    public static final Parameter.Proportion FLARE = ratio("flare", "1/6", "1/100", "1/2");

    /** A peg that is bent by more than this breaks or splits the tenon. */
    public static final Parameter.Measure DRAWBORE = length("drawbore", 2_000, 0, 10);

    /** A peg is at most so much of its tenon's width, and stands at least so many diameters from an edge. */
    public static final Parameter.Proportion PEG = ratio("peg", "1/3", "1/20", "9/10");
    public static final Parameter.Proportion PEG_EDGE = ratio("peg-edge", "2", "1/2", "10");

    /** Wood beyond the slot of a tusk; less is pushed out. */
    public static final Parameter.Measure TUSK_RELISH = length("tusk-relish", 20_000, 0, 200);

    /** A tusk is at most so much of its tenon's thickness. */
    public static final Parameter.Proportion TUSK = ratio("tusk", "1/2", "1/20", "9/10");

    /** The slot of a tusk begins at least so deep in the post, or it does not pull once the post has dried, and at most so deep. */
    public static final Parameter.Measure TUSK_BURY = length("tusk-bury", 1_000, 0, 20);
    public static final Parameter.Proportion TUSK_DEEP = ratio("tusk-deep", "1/2", "1/20", "9/10");

    /** A bolt is at most so much of its rail's thickness. */
    public static final Parameter.Proportion BOLT = ratio("bolt", "1/2", "1/20", "9/10");

    /** Before a bolt's nut stand at least so many diameters of wood; it reaches over at most so much of the rail. */
    public static final Parameter.Proportion BOLT_EDGE = ratio("bolt-edge", "3", "1/2", "20");
    public static final Parameter.Proportion BOLT_REACH = ratio("bolt-reach", "1/2", "1/20", "9/10");

    /** The tongue of a bridle is at most so much of its rail's thickness. */
    public static final Parameter.Proportion BRIDLE = ratio("bridle", "2/3", "1/10", "9/10");

    /** A notch at a crossing takes at most so much of the piece in which it is. */
    public static final Parameter.Proportion LAP = ratio("lap", "2/3", "1/10", "9/10");

    /** A tail is at most so much of its rail's thickness, and each of its cheeks tapers by at most so much of its root. */
    public static final Parameter.Proportion TAIL = ratio("tail", "3/4", "1/10", "9/10");
    public static final Parameter.Proportion TAIL_TAPER = ratio("tail-taper", "1/4", "1/100", "1/2");

    /** A housing, a rebate or a moulding takes at most so much of the piece in which it is. */
    public static final Parameter.Proportion CUT = ratio("cut", "1/2", "1/20", "9/10");

    /** A tenon that loses less than this share to a groove is as good as whole. */
    public static final Parameter.Proportion GROOVE_IN_TENON = ratio("groove-in-tenon", "1/8", "0", "1");

    /** A board wider than this has to be free to move. */
    public static final Parameter.Measure HELD_WIDTH = length("held-width", 150_000, 10, 2000);

    /** So many per cent of its dry weight wood takes up at most from the moisture that it has now: from 9 to 12 in a wet summer. */
    public static final Parameter.Proportion MOISTURE = ratio("moisture", "3", "0", "30");

    private static final List<Parameter> ALL = List.of(WALL, WALL_SHARE, FLOOR, GLUE_ROOM, NEAR_END, FIT_TIGHT,
            FIT_LOOSE,
            THINNEST, THICKEST, WIDE, FAR_TOO_WIDE, SHORT_GRAIN, STUB, HAUNCH, END_MORTISE, ONE_WEDGE, SLOT, FLARE_RUN,
            FLARE, DRAWBORE, PEG, PEG_EDGE, TUSK_RELISH, TUSK, TUSK_BURY, TUSK_DEEP, BOLT, BOLT_EDGE, BOLT_REACH,
            BRIDLE, LAP, TAIL, TAIL_TAPER, CUT, GROOVE_IN_TENON, HELD_WIDTH, MOISTURE);

    private Limits() {}

    private static Parameter.Measure length(String name, long usualMicrometres, long least, long greatest) {
        Optional<Length> usual = Optional.of(Length.ofMicrometres(usualMicrometres));
        return new Parameter.Measure("limit." + name, usual, usual, Length.ofMillimetres(least),
                Length.ofMillimetres(greatest));
    }

    private static Parameter.Proportion ratio(String name, String usual, String least, String greatest) {
        return new Parameter.Proportion("limit." + name, Ratio.read(usual), Ratio.read(least), Ratio.read(greatest));
    }

    /** All of them, those of mortises and tenons first. */
    public static List<Parameter> all() {
        return ALL;
    }
}
