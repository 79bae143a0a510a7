package longshoulder.desktop.panel;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import longshoulder.desktop.Texts;
import longshoulder.desktop.WorkStage;
import longshoulder.desktop.look.SteadyLabel;
import longshoulder.desktop.model.BackgroundDerivation;
import longshoulder.desktop.model.StageState;
import longshoulder.desktop.model.Workbench;

/** The stages of the work from left to right, each with one line that says what is settled there and what is open. */
public final class StageBar extends HBox {

    /** So much wider than the others, in pixels, are the stages that have something to say of their state. */
    private static final double MORE = 36;

    private final Supplier<Map<WorkStage, StageState>> now;
    private final Map<WorkStage, ToggleButton> buttons = new EnumMap<>(WorkStage.class);
    private final Map<WorkStage, Label> states = new EnumMap<>(WorkStage.class);

    /** @param go shows a stage */
    public StageBar(Workbench bench, Consumer<WorkStage> go) {
        now = BackgroundDerivation.of(bench, StageState::ofAll);
        setId("stages");
        getStyleClass().add("stage-bar");
        ToggleGroup group = new ToggleGroup();
        for (WorkStage stage : WorkStage.values()) {
            getChildren().add(button(stage, group, go));
        }
        bench.planProperty().addListener((observed, was, is) -> refresh());
        refresh();
    }

    private ToggleButton button(WorkStage stage, ToggleGroup group, Consumer<WorkStage> go) {
        Text name = new Text(Texts.get("stage." + stage.id()));
        name.getStyleClass().add("stage-name");
        Label state = new SteadyLabel("");
        state.getStyleClass().add("stage-state");
        state.setId("stage-state-" + stage.id());
        states.put(stage, state);
        ToggleButton button = new ToggleButton();
        button.setGraphic(new VBox(name, state));
        button.setId("stage-" + stage.id());
        button.getStyleClass().setAll("toggle-button", "stage-button");
        if (!stage.isWorkedOut()) {
            button.getStyleClass().add("later");
        }
        button.setToggleGroup(group);
        button.setTooltip(new Tooltip(Texts.get("stage." + stage.id() + ".key")));
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinWidth(0);
        button.setPrefWidth(stage.isWorkedOut() ? MORE : 0);
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
        buttons.forEach((other, button) -> button.setSelected(other == stage));
    }

    private void refresh() {
        Map<WorkStage, StageState> all = now.get();
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
                button.setAccessibleText(Texts.get("stage." + stage.id()) + ". " + state.text());
            }
        });
    }
}
