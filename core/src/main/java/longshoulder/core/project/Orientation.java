package longshoulder.core.project;

import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Parameter;

/** Whether a piece bears a mark that says which way it goes in; what was chosen for one is kept under {@code piece:orientation}. */
public final class Orientation {

    public static final String PARAMETER = "orientation";
    public static final String MARKED = "marked";
    private static final Parameter CHOICE = new Parameter.Choice(PARAMETER, List.of("unmarked", MARKED));

    private Orientation() {}

    /** As chosen for the piece; where nothing was, as the house rule has it. */
    public static boolean isMarked(Project project, String piece) {
        return project.brief().choice(Address.of(piece, PARAMETER)).map(MARKED::equals)
                .orElseGet(() -> !HouseRules.isChosen(project.brief(), HouseRules.MARKS, HouseRules.MARKS_AS_CHOSEN));
    }

    /** What can be chosen for a piece. */
    public static Parameter parameter() {
        return CHOICE;
    }
}
