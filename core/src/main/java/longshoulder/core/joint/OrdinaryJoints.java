package longshoulder.core.joint;

import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Role;

/** Which joints are ordinary where, by what the pieces are in the furniture; of equals what comes first in its list is chosen. */
final class OrdinaryJoints {

    private static final List<JointKind> BARS = List.of(JointKind.GLAZING_BAR, JointKind.STUB_TENON);
    private static final List<JointKind> MUNTINS = List.of(JointKind.STUB_TENON, JointKind.STOPPED_TENON,
            JointKind.COPE_AND_STICK, JointKind.LONG_AND_SHORT, JointKind.LOOSE_TENON);
    private static final List<JointKind> STANDING = List.of(JointKind.STOPPED_TENON, JointKind.DIVIDED_TENON,
            JointKind.THROUGH_TENON, JointKind.LOOSE_TENON, JointKind.BRIDLE);
    private static final List<JointKind> IN_STILES = List.of(JointKind.HAUNCHED_TENON, JointKind.STOPPED_TENON,
            JointKind.DIVIDED_TENON, JointKind.LOOSE_TENON, JointKind.COPE_AND_STICK, JointKind.LONG_AND_SHORT,
            JointKind.THROUGH_TENON, JointKind.BRIDLE, JointKind.HALF_LAP, JointKind.STUB_TENON);
    private static final List<JointKind> STRETCHERS = List.of(JointKind.STOPPED_TENON, JointKind.DIVIDED_TENON,
            JointKind.THROUGH_TENON, JointKind.TUSKED_TENON, JointKind.LOOSE_TENON, JointKind.HAUNCHED_TENON);
    private static final List<JointKind> RAILS = List.of(JointKind.HAUNCHED_TENON, JointKind.STOPPED_TENON,
            JointKind.DIVIDED_TENON, JointKind.LOOSE_TENON, JointKind.THROUGH_TENON, JointKind.TUSKED_TENON,
            JointKind.STUB_TENON);

    private OrdinaryJoints() {}

    /** Those of a meeting at the end of a piece. */
    static List<JointKind> at(Meeting meeting) {
        Role into = meeting.mortisePiece().role();
        return switch (meeting.tenonPiece().role()) {
            case BAR -> BARS;
            case MUNTIN -> MUNTINS;
            case LEG, POST, UPRIGHT, STILE -> STANDING;
            case STRETCHER, BEAM -> STRETCHERS;
            default -> into == Role.STILE || into == Role.MUNTIN ? IN_STILES : RAILS;
        };
    }
}
