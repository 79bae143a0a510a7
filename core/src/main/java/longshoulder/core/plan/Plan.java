package longshoulder.core.plan;

import java.util.List;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Frame;
import longshoulder.core.joint.Candidate;
import longshoulder.core.joint.Candidates;
import longshoulder.core.joint.Joint;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import org.jspecify.annotations.Nullable;

/**
 * Everything that follows from a project: never stored, never edited.
 *
 * @param frame the pieces as they stand, with what was really cut
 */
public record Plan(Project project, Frame frame, List<Joint> joints, List<PlannedPiece> pieces,
        List<Finding> findings) {

    public Plan {
        joints = List.copyOf(joints);
        pieces = List.copyOf(pieces);
        findings = List.copyOf(findings);
    }

    /** Plans are compared by what they follow from: to compare all their solids takes longer than many an edit. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Plan plan && project.equals(plan.project) && frame.equals(plan.frame);
    }

    @Override
    public int hashCode() {
        return project.hashCode();
    }

    /** The piece with an id. @throws IllegalArgumentException if there is none */
    public PlannedPiece piece(String id) {
        // A loop, since a picture asks for the wood of each of its faces.
        for (PlannedPiece piece : pieces) {
            if (piece.id().equals(id)) {
                return piece;
            }
        }
        throw new IllegalArgumentException("There is no piece (%s).".formatted(id));
    }

    public boolean has(String id) {
        return pieces.stream().anyMatch(piece -> piece.id().equals(id));
    }

    /** Whether something keeps it from being made. */
    public boolean isStopped() {
        return findings.stream().anyMatch(finding -> finding.level() == Level.STOP);
    }

    /** The types that one of its joints could have, the best first, each with what its figures say for it and against it. */
    public List<Candidate> candidates(Joint joint) {
        return Candidates.of(project.ofItsKind(frame), frame.usual(), joint, joints);
    }

    /** The joints whose mortise is in a piece. */
    public List<Joint> mortisesIn(String piece) {
        return joints.stream().filter(joint -> joint.meeting().mortisePiece().id().equals(piece)).toList();
    }
}
