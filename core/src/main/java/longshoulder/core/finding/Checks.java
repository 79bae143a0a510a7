package longshoulder.core.finding;

import java.util.Comparator;
import java.util.List;

/** All checks of the trade. */
public final class Checks {

    private static final List<Check> ALL = List.of(new RoomCheck(), new CollisionCheck(), new WallCheck(),
            new ThicknessCheck(), new GlueRoomCheck(), new ShoulderCheck());

    private Checks() {}

    /** Every finding, the worst first; among equals in the order of the checks and the pieces. */
    public static List<Finding> run(Subject subject) {
        return ALL.stream().flatMap(check -> check.run(subject).stream())
                .sorted(Comparator.comparing(Finding::level)).toList();
    }
}
