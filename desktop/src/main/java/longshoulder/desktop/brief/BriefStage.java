package longshoulder.desktop.brief;

import java.util.List;
import longshoulder.core.brief.Parameter;
import longshoulder.core.kind.Kinds;
import longshoulder.core.plan.Plan;
import longshoulder.core.reckoning.Level;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.stage.StageState;
import longshoulder.desktop.stage.StageView;
import longshoulder.desktop.words.Texts;

/** What is wanted: the kind of furniture, its sizes, woods and rules. */
public final class BriefStage implements WorkStage {

    /** So many overall sizes stand in its line; figures in inches take more room. */
    private static final int SIZES = 3;
    private static final int SIZES_INCHES = 2;

    @Override
    public String id() {
        return "brief";
    }

    @Override
    public StageState state(Plan plan) {
        List<String> sizes = Kinds.find(plan.project().brief().kind()).orElseThrow().parameters().stream()
                .filter(Parameter::isOverall).map(Parameter::name)
                .flatMap(name -> plan.project().brief().measure(name).stream())
                .limit(plan.project().showing().isInches() ? SIZES_INCHES : SIZES)
                .map(amount -> Workbench.words(plan.project()).figure(amount.value())).toList();
        return new StageState(sizes.isEmpty() ? Texts.get("stage.free") : String.join(" \u00d7 ", sizes), Level.NOTE);
    }

    @Override
    public boolean showsRod() {
        return false;
    }

    @Override
    public StageView view(Workbench bench, Documents documents) {
        return new BriefView(bench, documents);
    }
}
