package longshoulder.desktop.shell;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import longshoulder.core.plan.Plan;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.control.SteadyLabel;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.stage.StageState;
import longshoulder.desktop.document.Workbench;

/** The stages of the work from left to right, each with one line that says what is settled there and what is open. */
public final class StageBar extends HBox {

    private final Map<WorkStage, ToggleButton> buttons = new HashMap<>();
    private final Map<WorkStage, Label> states = new HashMap<>();

    /** @param go shows a stage */
    public StageBar(Workbench bench, Consumer<WorkStage> go) {
        setId("stages");
        getStyleClass().add("stage-bar");
        ToggleGroup group = new ToggleGroup();
        for (WorkStage stage : Stages.ALL) {
            getChildren().add(button(stage, group, go));
        }
        PlanValue.of(bench, StageBar::states, this::say).begin();
    }

    private static Map<WorkStage, StageState> states(Plan plan) {
        return Stages.ALL.stream().collect(Collectors.toMap(stage -> stage, stage -> stage.state(plan)));
    }

    private ToggleButton button(WorkStage stage, ToggleGroup group, Consumer<WorkStage> go) {
        Text name = new Text(stage.heading());
        name.getStyleClass().add("stage-name");
        Label state = new SteadyLabel("");
        state.getStyleClass().add("stage-state");
        state.setId("stage-state-" + stage.id());
        states.put(stage, state);
        ToggleButton button = new ToggleButton();
        button.setGraphic(new VBox(name, state));
        button.setId("stage-" + stage.id());
        button.getStyleClass().setAll("toggle-button", "stage-button");
        button.setToggleGroup(group);
        button.setTooltip(new Tooltip(stage.hint()));
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinWidth(0);
        button.setPrefWidth(0);
        HBox.setHgrow(button, Priority.ALWAYS);
        button.setOnAction(action -> {
            // The chosen one stays chosen.
            button.setSelected(true);
            go.accept(stage);
        });
        buttons.put(stage, button);
        return button;
    }

    /** Marks the stage that is shown. */
    public void show(WorkStage stage) {
        buttons.forEach((other, button) -> button.setSelected(other.equals(stage)));
    }

    private void say(Map<WorkStage, StageState> all) {
        states.forEach((stage, label) -> {
            StageState state = Objects.requireNonNull(all.get(stage));
            label.setText(state.text());
            String level = state.worst().name().toLowerCase(Locale.ROOT);
            if (!label.getStyleClass().contains("level-" + level)) {
                label.getStyleClass().removeIf(style -> style.startsWith("level-"));
                label.getStyleClass().add("level-" + level);
            }
            ToggleButton button = buttons.get(stage);
            if (button != null) {
                button.setAccessibleText(stage.heading() + ". " + state.text());
            }
        });
    }
}
