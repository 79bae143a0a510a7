package longshoulder.core.brief;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The names of the joints that a meeting can get. What each asks for and how it is made stands in its own file. */
public enum JointKind {
    STOPPED_TENON, HAUNCHED_TENON, DIVIDED_TENON, THROUGH_TENON, BLIND_WEDGED_TENON, TUSKED_TENON, STUB_TENON, LOOSE_TENON, HOUSING, LAPPED_DOVETAIL, SLIDING_DOVETAIL, TAPERED_DOVETAIL, BRIDLE, HALF_LAP, CROSS_LAP, GROOVE, EDGE_JOINT, COPE_AND_STICK, LONG_AND_SHORT, GLAZING_BAR;

    /** Name of the parameter that chooses the type of one joint. */
    public static final String CHOICE = "joint";

    private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');

    /** All that the end of a rail can have. */
    public static List<JointKind> ofEnds() {
        return Arrays.stream(values()).filter(JointKind::isForEnds).toList();
    }

    /** Whether the end of a rail can have it; a crossing, the side of a panel and glued boards have types of their own. */
    public boolean isForEnds() {
        return this != CROSS_LAP && this != GROOVE && this != EDGE_JOINT;
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
