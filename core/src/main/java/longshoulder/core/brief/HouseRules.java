package longshoulder.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Ratio;

/**
 * What holds for every kind of furniture unless it is given for a type of joint or for one joint: the maker's ways of working,
 * and the {@link Limits} at which the checks speak up. The first option of a way of working is the usual one.
 */
public final class HouseRules {

    /** How the thickness of a tenon is found. */
    public static final String THICKNESS = "school.thickness";
    public static final List<String> THICKNESSES = List.of("third-nearest-chisel", "chisel-decides", "half");

    /** How the length of a stopped tenon is found. */
    public static final String LENGTH = "school.length";
    public static final List<String> LENGTHS = List.of("two-thirds", "longest");

    /** Whether spare length is left past the mortises until after glue-up. */
    public static final String HORNS = "post.horns";

    /** How shoulders are sawn. */
    public static final String SAWING = "shoulder.sawing";

    /** The run over which a fence is set off to cut an angle. */
    public static final Parameter.Measure FENCE_RUN = new Parameter.Measure("fence.run",
            Optional.of(Length.ofMillimetres(450)), Optional.of(Length.ofMillimetres(450)), Length.ofMillimetres(50),
            Length.ofMillimetres(2000));

    /** How the insides of shoulders are cut. */
    public static final String UNDERCUT = "shoulder.undercut";

    /** How wide boards are held. */
    public static final String FIXING = "top.fixing";

    /** Whether what is joined has to come apart again, and whether joints may show: what candidates are weighed by. */
    public static final String APART = "joints.apart";
    public static final String SHOW = "joints.show";

    /** Which joint a meeting gets where none was chosen. */
    public static final String JOINTS = "joints.choice";
    public static final String STOPPED_EVERYWHERE = "stopped-tenon";

    /** Which pieces get a mark that says which way they go in. */
    public static final String MARKS = "orientation.marks";
    public static final String MARKS_AS_CHOSEN = "as-chosen";

    /** What a rough size has more than the finished one: along the grain, of pieces that get horns, across, and in thickness. */
    public static final Parameter.Measure ROUGH_LENGTH = allowance("rough.length", 25_000, Length.ofInches(1, 1));
    public static final Parameter.Measure ROUGH_HORNS = allowance("rough.length-horns", 40_000, Length.ofInches(3, 2));
    public static final Parameter.Measure ROUGH_WIDTH = allowance("rough.width", 5_000, Length.ofInches(1, 4));
    public static final Parameter.Measure ROUGH_THICKNESS = allowance("rough.thickness", 4_000,
            Length.ofInches(3, 16));

    /** What sawing boards takes: each crosscut and rip, sawing apart in the thickness, what is split at each end, the first straight edge. */
    public static final Parameter.Measure KERF = allowance("saw.kerf", 3_200, Length.ofInches(1, 8));
    public static final Parameter.Measure RESAW_KERF = allowance("saw.resaw-kerf", 1_200, Length.ofInches(3, 64));
    public static final Parameter.Measure BOARD_ENDS = allowance("board.ends", 25_000, Length.ofInches(1, 1));

    public static final Parameter.Measure BOARD_EDGE = allowance("board.edge", 6_000, Length.ofInches(1, 4));

    /** What is left of a board goes back to stock if it is so long and so wide. */
    public static final Parameter.Measure OFFCUT_LENGTH = kept("offcut.length", 300, Length.ofInches(12, 1));
    public static final Parameter.Measure OFFCUT_WIDTH = kept("offcut.width", 60, Length.ofInches(5, 2));

    /** What each edge that is glued to another strip has for planing it straight, and each face that is glued to another layer. */
    public static final Parameter.Measure EDGE_JOINTING = allowance("strip.edge", 3_000, Length.ofInches(1, 8));
    public static final Parameter.Measure LAYER_FACE = allowance("layer.face", 1_000, Length.ofInches(1, 16));

    /** How many strips a wide piece, and how many layers a thick one is glued up from. */
    public static final String STRIPS = "glue.strips";
    public static final String STRIPS_BY_BOARDS = "by-boards";
    public static final String LAYERS = "glue.layers";
    private static final Parameter STRIP_COUNT = new Parameter.Choice(STRIPS,
            Stream.concat(Stream.of(STRIPS_BY_BOARDS), counts(20)).toList());
    private static final Parameter LAYER_COUNT = new Parameter.Choice(LAYERS, counts(6).toList());

    /** How the growth rings of a wide piece lie against its face. */
    public static final String RINGS = "rings";
    private static final Parameter RING_WAYS = new Parameter.Choice(RINGS, List.of("flat", "rift", "quartered"));

    /** So many per cent of its dry weight wood loses at most of the moisture that it has now: from 9 to 7 in a dry winter. */
    public static final Parameter.Proportion DRYING = new Parameter.Proportion("wood.drying", Ratio.read("2"),
            Ratio.read("0"), Ratio.read("30"));

    /** Of the boards that are planned, so many more are bought. */
    public static final Parameter.Proportion BUYING_MARGIN = new Parameter.Proportion("buying.margin",
            Ratio.read("0"), Ratio.read("0"), Ratio.read("1"));

    private static final List<Parameter> ALL = all();

    private HouseRules() {}

    private static List<Parameter> all() {
        List<Parameter> all = new ArrayList<>(List.of(new Parameter.Choice(THICKNESS, THICKNESSES),
                new Parameter.Choice(LENGTH, LENGTHS), new Parameter.Choice(HORNS, List.of("left", "none")),
                new Parameter.Choice(SAWING, List.of("by-the-line", "fixed-fence")),
                new Parameter.Choice(UNDERCUT, List.of("none", "half-a-degree")),
                new Parameter.Choice(FIXING, List.of("free-to-move", "glued")),
                new Parameter.Choice(APART, List.of("glued", "knock-down")),
                new Parameter.Choice(SHOW, List.of("hidden", "shown")),
                new Parameter.Choice(JOINTS, List.of("best-for-the-place", STOPPED_EVERYWHERE)),
                new Parameter.Choice(MARKS, List.of("every-piece", MARKS_AS_CHOSEN))));
        all.addAll(List.of(FENCE_RUN, ROUGH_LENGTH, ROUGH_HORNS, ROUGH_WIDTH, ROUGH_THICKNESS, KERF, RESAW_KERF,
                EDGE_JOINTING, LAYER_FACE, BOARD_ENDS, BOARD_EDGE, OFFCUT_LENGTH, OFFCUT_WIDTH, DRYING, BUYING_MARGIN));
        all.addAll(Limits.all());
        return List.copyOf(all);
    }

    private static Parameter.Measure allowance(String name, long micrometres, Length inches) {
        return new Parameter.Measure(name, Optional.of(Length.ofMicrometres(micrometres)), Optional.of(inches),
                Length.ZERO, Length.ofMillimetres(200));
    }

    private static Parameter.Measure kept(String name, int millimetres, Length inches) {
        return new Parameter.Measure(name, Optional.of(Length.ofMillimetres(millimetres)), Optional.of(inches),
                Length.ZERO, Length.ofMillimetres(5_000));
    }

    private static Stream<String> counts(int most) {
        return IntStream.rangeClosed(1, most).mapToObj(String::valueOf);
    }

    /** What can be given for all pieces of a role, or for one piece alone; empty if there is none of that name. */
    public static Optional<Parameter> ofPieces(String name) {
        return Stream.of(ROUGH_LENGTH, ROUGH_WIDTH, ROUGH_THICKNESS, STRIP_COUNT, LAYER_COUNT, RING_WAYS)
                .filter(rule -> rule.name().equals(name)).findFirst();
    }

    /** A rule that can be given for one joint alone, whatever its type; empty if there is none of that name. */
    public static Optional<Parameter> ofJoints(String name) {
        return name.equals(APART) || name.equals(SHOW) ? find(name) : Optional.empty();
    }

    /** All of them. */
    public static List<Parameter> parameters() {
        return ALL;
    }

    /** The house rule of a name; empty if there is none. */
    public static Optional<Parameter> find(String name) {
        return ALL.stream().filter(parameter -> parameter.name().equals(name)).findFirst();
    }

    /** Whether a way of working was chosen that is not the usual one. */
    public static boolean isChosen(Brief brief, String name, String option) {
        return brief.choice(name).equals(Optional.of(option));
    }
}
