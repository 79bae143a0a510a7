package longshoulder.core.brief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import longshoulder.core.measure.Length;

/** The types of joint that a meeting can get, and what each asks for. How each is made stands in its own file. */
public enum JointKind {
    STOPPED_TENON, HAUNCHED_TENON, DIVIDED_TENON, THROUGH_TENON, STUB_TENON, LOOSE_TENON, HOUSING, LAPPED_DOVETAIL, SLIDING_DOVETAIL, BRIDLE, HALF_LAP;

    /** Name of the parameter that chooses the type of one joint. */
    public static final String CHOICE = "joint";

    /** What it asks for; every length may be left to the school. */
    public List<Parameter> parameters() {
        return switch (this) {
            case STOPPED_TENON -> tenon(choice("tenon.shoulders", "four", "three", "two", "bare-faced"),
                    choice("tenon.line", "rail", "post"));
            case HAUNCHED_TENON -> tenon(measure("haunch.width"), measure("haunch.depth"),
                    choice("haunch.form", "square", "sloping"));
            case DIVIDED_TENON -> tenon(choice("tenon.division", "double", "twin", "triple"));
            case THROUGH_TENON -> List.of(measure("tenon.thickness"), measure("tenon.proud"),
                    choice("tenon.wedges", "none", "one", "two"), measure("wedge.flare"));
            case STUB_TENON -> tenon();
            case LOOSE_TENON -> List.of(measure("tenon.thickness"), measure("mortise.depth"));
            case HOUSING -> List.of(measure("housing.depth"));
            case LAPPED_DOVETAIL, SLIDING_DOVETAIL -> List.of(measure("tail.length"),
                    choice("tail.slope", "one-in-seven", "one-in-six", "one-in-eight"));
            case BRIDLE -> List.of(measure("bridle.tongue"));
            case HALF_LAP -> List.of();
        };
    }

    private static Parameter measure(String name) {
        return new Parameter.Measure(name, Optional.empty(), Optional.empty(), Length.ZERO,
                Length.ofMillimetres(300));
    }

    private static Parameter choice(String name, String... options) {
        return new Parameter.Choice(name, List.of(options));
    }

    private static List<Parameter> tenon(Parameter... others) {
        List<Parameter> all = new ArrayList<>(
                List.of(measure("tenon.thickness"), measure("tenon.length"), measure("mortise.depth")));
        all.addAll(List.of(others));
        return all;
    }

    /** Stable name, such as {@code haunched-tenon}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The type with an id; empty if there is none. */
    public static Optional<JointKind> find(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id().equals(id)).findFirst();
    }

    /** The parameter that chooses among all types. */
    public static Parameter.Choice choice() {
        return new Parameter.Choice(CHOICE, Arrays.stream(values()).map(JointKind::id).toList());
    }
}
