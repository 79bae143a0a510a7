package longshoulder.core.finding;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.tasks.Tasks;

/** All checks of the trade. */
public final class Checks {

    private static final Check SIZES = new RoomCheck();
    private static final List<Check> JOINTS = List.of(new FloatingCheck(), new CollisionCheck(),
            new JointsCollideCheck(),
            new ShortGrainCheck(), new WallCheck(), new EndGrainCheck(), new ThicknessCheck(), new WideTenonCheck(),
            new GlueRoomCheck(), new ShoulderCheck(), new JointCheck(), new HeldCheck(), new GrooveCheck(),
            new CrowdedCheck(), new LoosePartsCheck(), new ApartCheck(), new RunnerNotchCheck(),
            new FenceCheck(), new FitCheck(), new EntryCheck(), new TongueCheck(), new FineDetailCheck(),
            new GlassCheck(),
            new WaitingCheck(),
            new HandedCheck());

    private Checks() {}

    /** All processors share the checks, for none hangs on another. */
    private static Stream<Finding> found(Subject subject) {
        return Tasks.each(JOINTS, check -> check.run(subject)).stream().flatMap(List::stream);
    }

    /** Every finding, the worst first; among equals in the order of the checks and the pieces. */
    public static List<Finding> run(Subject subject) {
        List<Finding> sizes = SIZES.run(subject);
        if (subject.planned().pieces().stream().anyMatch(piece -> !piece.isReal())) {
            // What is said of joints between pieces that cannot be would only hide the cause.
            return sizes;
        }
        return Stream.concat(sizes.stream(), found(subject))
                .sorted(Comparator.comparing(Finding::level)).toList();
    }
}
