package longshoulder.desktop.wood;

import java.util.Locale;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.Goal;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.stage.StageState;
import longshoulder.desktop.words.Texts;

/** What the board plan aims for, how good it is, and how far the search has come. */
final class WoodBar extends HBox {

    private final BoardSearch search;
    private final Label result = Lines.of("", "wood-result");
    private final Label proof = Lines.of("", "quiet");
    private final ProgressBar progress = new ProgressBar();
    private final Button stop = new Button(Texts.get("wood.stop"));
    private final ChoiceButton goal;

    /** @param stock the button with what can be done to the stock */
    WoodBar(BoardSearch search, ChoiceButton stock) {
        this.search = search;
        setId("wood-bar");
        getStyleClass().add("wood-bar");
        setAlignment(Pos.CENTER_LEFT);
        goal = new ChoiceButton("", () -> Stream.of(Goal.values())
                .map(one -> new Choice("goal-" + one.option(), text(one), () -> search.aimFor(one))).toList())
                .named("wood-goal", Texts.get("wood.goal"));
        progress.progressProperty().bind(search.progressProperty());
        progress.setPrefWidth(80);
        stop.setId("wood-stop");
        stop.setMinWidth(Region.USE_PREF_SIZE);
        stop.setOnAction(pressed -> search.stop());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        result.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(goal, result, proof, gap, progress, stop, stock);
    }

    private static String text(Goal goal) {
        return Texts.get("wood.goal." + goal.option());
    }

    /**
     * @param plan that is shown
     * @param copies for which it is
     */
    void show(BoardPlan plan, int copies) {
        goal.setText(text(search.goal()));
        result.setText(StageState.counted("boards", plan.boards().size())
                + (plan.cost().signum() > 0 ? ", " + plan.cost().toPlainString() : "")
                + (copies > 1 ? ", " + Texts.get("wood.copies").formatted(copies) : ""));
        proof.setText(plan.missing().isEmpty() ? proved(plan) : "");
        boolean busy = search.isUnderWay();
        progress.setVisible(busy);
        stop.setVisible(busy);
    }

    private String proved(BoardPlan plan) {
        if (plan.isProved()) {
            return Texts.get("wood.proved." + search.goal().option());
        }
        int boards = plan.groups().stream().mapToInt(BoardPlan.Group::leastBoards).sum();
        return search.goal() == Goal.COST
                ? Texts.get("wood.least.cost").formatted(plan.leastCost().toPlainString())
                : String.format(Locale.ROOT, Texts.get("wood.least.boards"), boards);
    }
}
