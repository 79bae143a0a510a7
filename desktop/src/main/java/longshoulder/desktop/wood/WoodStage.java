package longshoulder.desktop.wood;

import longshoulder.core.plan.Plan;
import longshoulder.core.reckoning.Level;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.StageState;
import longshoulder.desktop.stage.StageView;
import longshoulder.desktop.stage.WorkStage;

/** From lengths to boards: what to buy, and how to saw it. */
public final class WoodStage implements WorkStage {

    @Override
    public String id() {
        return "wood";
    }

    @Override
    public StageState state(Plan plan) {
        int sawn = plan.project().sawn().stream().mapToInt(board -> board.pieces().size()).sum();
        return new StageState(sawn > 0
                ? StageState.counted("sawn", sawn)
                : StageState.counted("pieces", plan.pieces().size()), Level.NOTE);
    }

    @Override
    public boolean showsRod() {
        return false;
    }

    @Override
    public StageView view(Workbench bench, Documents documents) {
        return new WoodView(bench, documents.asker());
    }
}
