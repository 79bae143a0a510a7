package longshoulder.desktop.model;

import longshoulder.core.plan.Changes;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;

/**
 * An edit that is looked at before it is made.
 *
 * @param plan what it would come to
 * @param changes what would be otherwise than it is
 */
public record Trial(Edit edit, Plan plan, Changes changes) {

    static Trial of(Plan before, Edit edit) {
        Plan after = Planner.plan(edit.applyTo(before.project()));
        return new Trial(edit, after, Changes.between(before, after));
    }
}
