package longshoulder.desktop.document;

import longshoulder.core.plan.Changes;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;

/**
 * An edit that is looked at before it is made.
 *
 * @param plan what it would come to
 * @param changes what would change
 */
public record Trial(Edit edit, Plan plan, Changes changes) {

    /** @param project what the edit makes of the design of the plan before */
    static Trial of(Plan before, Edit edit, Project project) {
        Plan after = Planner.plan(project);
        return new Trial(edit, after, Changes.between(before, after));
    }
}
