package longshoulder.desktop.frame;

import longshoulder.core.finding.Concern;
import longshoulder.core.plan.Plan;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.stage.StageState;
import longshoulder.desktop.stage.StageView;

/** The pieces in place: drawings whose figures are handles. */
public final class FrameStage implements WorkStage {

    @Override
    public String id() {
        return "frame";
    }

    @Override
    public StageState state(Plan plan) {
        return StageState.counted("pieces", plan.pieces().size(), StageState.findings(plan, Concern.FRAME));
    }

    @Override
    public StageView view(Workbench bench, Documents documents) {
        return new FrameView(bench);
    }
}
