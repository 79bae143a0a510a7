package longshoulder.desktop.joints;

import longshoulder.core.finding.Concern;
import longshoulder.core.plan.Plan;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.stage.StageState;
import longshoulder.desktop.stage.StageView;

/** How the pieces are joined. */
public final class JointsStage implements WorkStage {

    @Override
    public String id() {
        return "joints";
    }

    @Override
    public StageState state(Plan plan) {
        return StageState.counted("jointed", plan.joints().size(), StageState.findings(plan, Concern.JOINTS));
    }

    @Override
    public StageView view(Workbench bench, Documents documents) {
        return new JointsView(bench);
    }
}
