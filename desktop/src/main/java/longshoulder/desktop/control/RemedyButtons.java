package longshoulder.desktop.control;

import java.util.List;
import java.util.function.BiFunction;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import longshoulder.core.finding.Finding;
import longshoulder.core.finding.Remedy;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.WorkingRemedies;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.desktop.document.Workbench;

/** A button for each remedy that ends a finding. The remedies are tried in the background, so the buttons come a moment later. */
public final class RemedyButtons extends VBox {

    /**
     * @param button makes the button of a remedy that has a number, from 1
     * @param changed is run when the buttons are there
     */
    public RemedyButtons(Workbench bench, Finding finding, BiFunction<Remedy, Integer, Button> button,
            Runnable changed) {
        super();
        Plan plan = bench.plan();
        BackgroundValue<Finding, List<Remedy>> working = bench.background()
                .value((one, progress) -> WorkingRemedies.of(plan, one));
        working.valueProperty().addListener((observed, was, is) -> is.ifPresent(remedies -> {
            for (int i = 0; i < remedies.size(); i++) {
                getChildren().add(button.apply(remedies.get(i), i + 1));
            }
            changed.run();
        }));
        sceneProperty().addListener((observed, was, is) -> {
            if (is == null) {
                working.drop();
            }
        });
        working.want(finding);
    }
}
