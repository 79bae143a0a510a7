package longshoulder.core.project;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Parameter;

/** Whether a piece bears a mark that says which way it goes in; kept in the brief under {@code piece:orientation}. */
public final class Orientation {

    public static final String PARAMETER = "orientation";
    public static final String MARKED = "marked";
    private static final Parameter CHOICE = new Parameter.Choice(PARAMETER, List.of("unmarked", MARKED));

    private Orientation() {}

    public static boolean isMarked(Project project, String piece) {
        return project.brief().choice(Address.of(piece, PARAMETER)).equals(Optional.of(MARKED));
    }

    /** What can be chosen for a piece. */
    public static Parameter parameter() {
        return CHOICE;
    }
}
