package longshoulder.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Candidate;
import longshoulder.core.joint.Joint;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;

/**
 * A type of joint that was tried out at a meeting.
 *
 * @param stop what keeps the joint from being made or put together there; empty if nothing does
 */
public record TriedCandidate(Candidate candidate, Optional<Finding> stop) {

    /** All types for a joint of a plan, the best first; those that are stopped come last. Each is planned: it takes as long as so many edits. */
    public static List<TriedCandidate> of(Plan plan, Joint joint) {
        boolean few = plan.joints().size() <= WorkingRemedies.MOST_JOINTS;
        return plan.candidates(joint).stream()
                .map(candidate -> new TriedCandidate(candidate,
                        few ? stop(plan, joint, candidate.kind()) : Optional.empty()))
                .sorted(Comparator.comparing(tried -> tried.stop.isPresent())).toList();
    }

    private static Optional<Finding> stop(Plan plan, Joint joint, JointKind kind) {
        Plan tried = kind == joint.kind() ? plan : with(plan, joint, kind);
        return tried.findings().stream()
                .filter(finding -> finding.level() == Level.STOP && finding.about().contains(joint.id())).findFirst();
    }

    private static Plan with(Plan plan, Joint joint, JointKind kind) {
        try {
            Project project = new Edit.Give(Address.of(joint.id(), JointKind.CHOICE), new Value.Chosen(kind.id()))
                    .applyTo(plan.project());
            return Planner.plan(project);
        } catch (EditRefused full) {
            // No more can be given to this design: nothing can be tried.
            return plan;
        }
    }
}
