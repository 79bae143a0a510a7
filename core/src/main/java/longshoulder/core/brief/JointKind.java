package longshoulder.core.brief;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.measure.Length;

/** The types of joint that a meeting can get, and what each asks for. How each is made stands in its own file. */
public enum JointKind {
    STOPPED_TENON, HAUNCHED_TENON, DIVIDED_TENON, THROUGH_TENON, BLIND_WEDGED_TENON, TUSKED_TENON, STUB_TENON, LOOSE_TENON, HOUSING, LAPPED_DOVETAIL, SLIDING_DOVETAIL, TAPERED_DOVETAIL, BRIDLE, HALF_LAP, CROSS_LAP, GROOVE, EDGE_JOINT, COPE_AND_STICK, LONG_AND_SHORT, GLAZING_BAR;

    /** Name of the parameter that chooses the type of one joint. */
    public static final String CHOICE = "joint";

    private static final List<Parameter> PEGS = List.of(choice("peg", "none", "pegged", "drawbored"),
            choice("peg.count", "by-width", "one", "two"), measure("peg.diameter"), measure("peg.from-shoulder"),
            new Parameter.Measure("drawbore.offset", Optional.empty(), Optional.empty(), Length.ofMillimetres(-20),
                    Length.ofMillimetres(20)));

    private static final List<Parameter> BOLT = List.of(choice("bolt", "none", "bolted"), measure("bolt.diameter"),
            measure("bolt.reach"));

    private static final List<Parameter> WEDGES = List.of(measure("wedge.flare"), measure("wedge.flare-run"),
            measure("wedge.slot"), choice("wedge.relief", "drilled", "none"),
            choice("wedge.line", "across-grain", "with-grain"));

    private static final List<Parameter> MOULD = List.of(measure("mould.width"), measure("mould.depth"),
            choice("mould.form", "bevelled", "square"), choice("mould.corner", "scribed", "mitred"));

    private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');

    /** What it asks for; every length may be left to the school. */
    public List<Parameter> parameters() {
        return switch (this) {
            case STOPPED_TENON ->
                tenon(all(PEGS, BOLT), choice("tenon.shoulders", "four", "three", "two", "bare-faced"),
                        choice("tenon.line", "rail", "post", "loose"));
            case HAUNCHED_TENON -> tenon(PEGS, measure("haunch.width"), measure("haunch.depth"),
                    choice("haunch.form", "square", "sloping", "groove-filling"));
            case DIVIDED_TENON -> tenon(PEGS, choice("tenon.division", "double", "twin", "triple"));
            case THROUGH_TENON ->
                all(List.of(measure("tenon.thickness"), choice(HouseRules.THICKNESS, HouseRules.THICKNESSES),
                        measure("tenon.proud"), choice("tenon.wedges", "none", "fitting", "one", "two"),
                        choice("layout.edge", "same", "each-own")), all(WEDGES, PEGS));
            case BLIND_WEDGED_TENON ->
                without("mortise.ends",
                        tenon(WEDGES, choice("tenon.wedges", "fitting", "one", "two"), measure("wedge.length")));
            case TUSKED_TENON ->
                List.of(measure("tenon.thickness"), choice(HouseRules.THICKNESS, HouseRules.THICKNESSES),
                        measure("tusk.thickness"), measure("tusk.width"), measure("tusk.bury"), measure("tusk.relish"),
                        choice("tusk.slope", "one-in-seven", "one-in-six", "one-in-eight"),
                        choice("tusk.wide-end", "face-edge", "far-edge"));
            case STUB_TENON ->
                without(HouseRules.LENGTH, tenon(BOLT, measure("runner.height"), measure("runner.depth")));
            case LOOSE_TENON -> List.of(measure("tenon.thickness"), measure("mortise.depth"),
                    choice("mortise.fit", "easy", "locating"), measure("mortise.easing"),
                    choice("mortise.ends", "round", "square"), choice(HouseRules.THICKNESS, HouseRules.THICKNESSES));
            case HOUSING -> List.of(measure("housing.depth"));
            case LAPPED_DOVETAIL, SLIDING_DOVETAIL -> List.of(measure("tail.length"), measure("tail.entry"),
                    choice("tail.slope", "one-in-seven", "one-in-six", "one-in-eight"));
            case TAPERED_DOVETAIL -> List.of(measure("tail.length"), measure("tail.root"), measure("tail.taper"),
                    choice("tail.slope", "one-in-seven", "one-in-six", "one-in-eight"));
            case BRIDLE -> List.of(measure("bridle.tongue"));
            case HALF_LAP -> List.of();
            case CROSS_LAP -> List.of(measure("lap.depth"));
            case EDGE_JOINT -> List.of(choice("edge.form", "plain", "tongued"), measure("tongue.thickness"),
                    measure("groove.depth"));
            case GROOVE -> List.of(measure("groove.room"), choice("groove.run", "panel", "shoulders", "through"),
                    choice("groove.form", "groove", "rebate"));
            case COPE_AND_STICK -> all(List.of(measure("tongue.length"), measure("tongue.thickness")), MOULD);
            case LONG_AND_SHORT -> tenon(MOULD, measure("rebate.width"), measure("rebate.depth"));
            case GLAZING_BAR ->
                all(List.of(measure("tenon.thickness"), measure("tenon.length"), measure("mortise.depth"),
                        measure("rebate.width"), measure("rebate.depth")), MOULD);
        };
    }

    /** All that the end of a rail can have. */
    public static List<JointKind> ofEnds() {
        return Arrays.stream(values()).filter(JointKind::isForEnds).toList();
    }

    /** Whether the end of a rail can have it; a crossing, the side of a panel and glued boards have types of their own. */
    public boolean isForEnds() {
        return this != CROSS_LAP && this != GROOVE && this != EDGE_JOINT;
    }

    private static Parameter measure(String name) {
        return new Parameter.Measure(name, Optional.empty(), Optional.empty(), Length.ZERO,
                Length.ofMillimetres(300));
    }

    private static Parameter choice(String name, String... options) {
        return new Parameter.Choice(name, List.of(options));
    }

    private static Parameter choice(String name, List<String> options) {
        return new Parameter.Choice(name, options);
    }

    private static List<Parameter> tenon(List<Parameter> more, Parameter... others) {
        return all(List.of(measure("tenon.thickness"), choice(HouseRules.THICKNESS, HouseRules.THICKNESSES),
                measure("tenon.length"), choice(HouseRules.LENGTH, HouseRules.LENGTHS), measure("mortise.depth"),
                choice("mortise.ends", "square", "round"), measure("end.thickness")), all(List.of(others), more));
    }

    /** Without what would change nothing: a stub has its own length, and wedges want square mortises. */
    private static List<Parameter> without(String name, List<Parameter> parameters) {
        return parameters.stream().filter(parameter -> !parameter.name().equals(name)).toList();
    }

    private static List<Parameter> all(List<Parameter> first, List<Parameter> second) {
        return Stream.concat(first.stream(), second.stream()).toList();
    }

    /** Stable name, such as {@code haunched-tenon}. */
    public String id() {
        return id;
    }

    /** The type with an id; empty if there is none. */
    public static Optional<JointKind> find(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id().equals(id)).findFirst();
    }

    /** The parameter that chooses among all types that an end of a rail can have. */
    public static Parameter.Choice choice() {
        return new Parameter.Choice(CHOICE,
                ofEnds().stream().map(JointKind::id).toList());
    }
}
