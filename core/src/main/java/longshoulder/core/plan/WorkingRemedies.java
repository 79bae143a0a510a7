package longshoulder.core.plan;

import java.util.List;
import longshoulder.core.finding.Finding;
import longshoulder.core.finding.Remedy;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;

/**
 * Tries the remedies of a finding. A check offers what follows from its own figures, such as a thicker post; that may move other pieces,
 * or be given where something nearer decides. Only what changes the design and ends the finding is worth a maker's click.
 */
public final class WorkingRemedies {

    /** In a design of more joints to try them all would take minutes: there they are given untried. */
    static final int MOST_JOINTS = 400;

    private WorkingRemedies() {}

    /** Those that end a finding of a plan. Each is planned: it takes as long as so many edits. */
    public static List<Remedy> of(Plan plan, Finding finding) {
        return plan.joints().size() > MOST_JOINTS ? finding.remedies() : tried(plan, finding);
    }

    private static List<Remedy> tried(Plan plan, Finding finding) {
        return finding.remedies().stream().filter(remedy -> ends(plan, finding, remedy)).toList();
    }

    private static boolean ends(Plan plan, Finding finding, Remedy remedy) {
        try {
            Project after = remedy.edit().applyTo(plan.project());
            return !after.equals(plan.project())
                    && Planner.plan(after).findings().stream().noneMatch(other -> isSame(finding, other));
        } catch (EditRefused refused) {
            return false;
        }
    }

    /** Whether both say that the same is wrong with the same thing, if not by as much. */
    private static boolean isSame(Finding one, Finding other) {
        return one.code().equals(other.code())
                && one.about().stream().findFirst().equals(other.about().stream().findFirst());
    }
}
