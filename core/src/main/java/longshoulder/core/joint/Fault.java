package longshoulder.core.joint;

import java.util.List;
import longshoulder.core.frame.Piece;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Something that a joint's own file finds wrong with it, taken by itself.
 *
 * @param code stable, such as {@code drawbore-large}
 * @param about ids of the joint and of the piece in which it shows
 * @param message what is wrong, by how much, and why it matters
 * @param mends what would mend it, the gentlest first
 */
public record Fault(String code, Level level, List<String> about, Label message, List<Mend> mends) {

    public Fault {
        about = List.copyOf(about);
        mends = List.copyOf(mends);
    }

    /** One that shows in the piece on which the rail stands. */
    static Fault inPost(Joint joint, String code, Level level, Label message, Mend... mends) {
        return of(joint, joint.meeting().mortisePiece(), code, level, message, mends);
    }

    /** One that shows in the rail. */
    static Fault inRail(Joint joint, String code, Level level, Label message, Mend... mends) {
        return of(joint, joint.meeting().tenonPiece(), code, level, message, mends);
    }

    private static Fault of(Joint joint, Piece piece, String code, Level level, Label message, Mend... mends) {
        return new Fault(code, level, List.of(joint.id(), piece.id()), message, List.of(mends));
    }
}
