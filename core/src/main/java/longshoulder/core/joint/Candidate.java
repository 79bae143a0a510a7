package longshoulder.core.joint;

import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.reckoning.Label;

/**
 * A type of joint that a meeting could get, and what the pieces that meet there say for and against it.
 *
 * @param unusual whether hardly anybody would cut it at such a place: a showpiece, or a joint made for other pieces
 * @param speaksFor reasons with the figures of this very meeting
 * @param speaksAgainst the same
 */
public record Candidate(JointKind kind, boolean unusual, List<Label> speaksFor, List<Label> speaksAgainst) {

    public Candidate {
        speaksFor = List.copyOf(speaksFor);
        speaksAgainst = List.copyOf(speaksAgainst);
    }

    /** What the reasons for it weigh, less what those against it do. */
    int weight() {
        return speaksFor.stream().mapToInt(ReasonWeights::of).sum()
                - speaksAgainst.stream().mapToInt(ReasonWeights::of).sum();
    }
}
