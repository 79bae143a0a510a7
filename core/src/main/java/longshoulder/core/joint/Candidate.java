package longshoulder.core.joint;

import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.reckoning.Label;

/**
 * A type of joint that a meeting could get, and what the pieces that meet there say for and against it.
 *
 * @param speaksFor reasons with the figures of this very meeting
 * @param speaksAgainst the same
 */
public record Candidate(JointKind kind, List<Label> speaksFor, List<Label> speaksAgainst) {

    public Candidate {
        speaksFor = List.copyOf(speaksFor);
        speaksAgainst = List.copyOf(speaksAgainst);
    }

    /** Reasons for less reasons against, which count twice: a joint that fails somewhere is no good for what it does well. */
    int weight() {
        return speaksFor.size() - 2 * speaksAgainst.size();
    }
}
