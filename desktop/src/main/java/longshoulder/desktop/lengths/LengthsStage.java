package longshoulder.desktop.lengths;

import java.util.List;
import longshoulder.core.finding.Concern;
import longshoulder.core.finding.Finding;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Spans;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.stage.StageState;
import longshoulder.desktop.stage.StageView;

/** What must close at its shoulders, before anything is sawn. */
public final class LengthsStage implements WorkStage {

    @Override
    public String id() {
        return "lengths";
    }

    @Override
    public StageState state(Plan plan) {
        List<Finding> unequal = StageState.findings(plan, Concern.LENGTHS);
        return new StageState(unequal.isEmpty()
                ? StageState.counted("spans", Spans.of(plan).size())
                : StageState.counted("unequal", unequal.size()), StageState.worst(unequal));
    }

    @Override
    public StageView view(Workbench bench, Documents documents) {
        return new LengthsView(bench);
    }
}
