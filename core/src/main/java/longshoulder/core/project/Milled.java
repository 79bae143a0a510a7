package longshoulder.core.project;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Frame;

/** What can turn out otherwise at the machine than the plan has it. */
public enum Milled {
    SHOULDER, WIDTH, THICKNESS, TENON, MORTISE, TONGUE;

    /** What files, commands and the words bundle call it. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The one with an id; empty if there is none. */
    public static Optional<Milled> find(String id) {
        return Arrays.stream(values()).filter(what -> what.id().equals(id)).findFirst();
    }

    /** Whether a thing has such a part: rails have shoulders, pieces sections, joints a tenon and a mortise, types a tongue. */
    boolean isPartOf(String id, Frame frame) {
        return switch (this) {
            case SHOULDER -> frame.spans().stream().anyMatch(span -> span.contains(id));
            case WIDTH, THICKNESS -> frame.has(id);
            case TENON, MORTISE -> isJoint(id, frame);
            case TONGUE -> isJoint(id, frame) || JointKind.find(id).isPresent();
        };
    }

    /** Whether the piece, joint or type of that id is there: what was milled of another waits for it. */
    public boolean isKnown(String id, Frame frame) {
        return frame.has(id) || isJoint(id, frame) || JointKind.find(id).isPresent();
    }

    private static boolean isJoint(String id, Frame frame) {
        return Address.parse(Address.of(id, "")).pieces()
                .filter(pieces -> frame.has(pieces[0]) && frame.has(pieces[1])).isPresent();
    }
}
