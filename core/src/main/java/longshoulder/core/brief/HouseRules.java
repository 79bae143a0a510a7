package longshoulder.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.measure.Length;

/**
 * What holds for every kind of furniture unless it is given for a type of joint or for one joint: the maker's ways of working,
 * and the limits at which the checks speak up. The first option of a way of working is the usual one.
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
    public static final String FENCE_RUN = "fence.run";

    /** How the insides of shoulders are cut. */
    public static final String UNDERCUT = "shoulder.undercut";

    /** How wide boards are held. */
    public static final String FIXING = "top.fixing";

    /** Whether what is joined has to come apart again, and whether joints may show: what candidates are weighed by. */
    public static final String APART = "joints.apart";
    public static final String SHOW = "joints.show";

    /** Lengths at which checks speak up, with what they stand at. */
    public static final String WALL = "limit.wall";
    public static final String FLOOR = "limit.floor";
    public static final String GLUE_ROOM = "limit.glue-room";
    public static final String DRAWBORE = "limit.drawbore";
    public static final String TUSK_RELISH = "limit.tusk-relish";
    public static final String HELD_WIDTH = "limit.held-width";
    public static final String FIT_TIGHT = "limit.fit-tight";
    public static final String FIT_LOOSE = "limit.fit-loose";

    private static final List<Parameter> ALL = all();

    private HouseRules() {}

    private static List<Parameter> all() {
        List<Parameter> all = new ArrayList<>(List.of(new Parameter.Choice(THICKNESS, THICKNESSES),
                new Parameter.Choice(LENGTH, LENGTHS), new Parameter.Choice(HORNS, List.of("left", "none")),
                new Parameter.Choice(SAWING, List.of("by-the-line", "fixed-fence")),
                new Parameter.Choice(UNDERCUT, List.of("none", "half-a-degree")),
                new Parameter.Choice(FIXING, List.of("free-to-move", "glued")),
                new Parameter.Choice(APART, List.of("glued", "knock-down")),
                new Parameter.Choice(SHOW, List.of("hidden", "shown"))));
        all.add(limit(FENCE_RUN, 450_000, 50, 2000));
        all.add(limit(WALL, 6_000, 0, 50));
        all.add(limit(FLOOR, 5_000, 0, 50));
        all.add(limit(GLUE_ROOM, 1_000, 0, 10));
        all.add(limit(DRAWBORE, 2_000, 0, 10));
        all.add(limit(TUSK_RELISH, 20_000, 0, 200));
        all.add(limit(HELD_WIDTH, 150_000, 10, 2000));
        all.add(limit(FIT_TIGHT, -50, -2, 2));
        all.add(limit(FIT_LOOSE, 250, -2, 5));
        return List.copyOf(all);
    }

    private static Parameter limit(String name, long usualMicrometres, long least, long greatest) {
        Optional<Length> usual = Optional.of(Length.ofMicrometres(usualMicrometres));
        return new Parameter.Measure(name, usual, usual, Length.ofMillimetres(least), Length.ofMillimetres(greatest));
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

    /**
     * The length at which a check speaks up, as given or as it usually stands.
     *
     * @throws IllegalArgumentException if there is no such limit
     */
    public static Length limit(Brief brief, String name) {
        return brief.measure(name).map(amount -> amount.value()).orElseGet(() -> switch (find(name).orElseThrow(
                () -> new IllegalArgumentException("There is no limit (%s).".formatted(name)))) {
            case Parameter.Measure limit -> limit.metric().orElseThrow();
            case Parameter.Turn _,Parameter.Choice _ ->
                throw new IllegalArgumentException("(%s) is no length.".formatted(name));
        });
    }

    /** Whether a way of working was chosen that is not the usual one. */
    public static boolean isChosen(Brief brief, String name, String option) {
        return brief.choice(name).equals(Optional.of(option));
    }
}
