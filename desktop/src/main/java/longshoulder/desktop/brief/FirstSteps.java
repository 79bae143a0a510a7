package longshoulder.desktop.brief;

import longshoulder.desktop.control.Lines;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;

/** For whoever has no design yet: the way to a first cut list in three steps. Gone as soon as a design was saved or opened. */
public final class FirstSteps extends VBox {

    private static final List<String> STEPS = List.of("kind", "sizes", "list");

    private final Workbench bench;
    private final Documents documents;

    public FirstSteps(Workbench bench, Documents documents) {
        this.bench = bench;
        this.documents = documents;
        setId("first-steps");
        getStyleClass().add("first-steps");
        bench.document().fileProperty().addListener((observed, was, is) -> refresh());
    }

    /** Shown only to a first design. */
    public void refresh() {
        boolean first = bench.document().file().isEmpty() && documents.recent().isEmpty()
                && bench.project().title().isEmpty();
        setVisible(first);
        setManaged(first);
        if (first && getChildren().isEmpty()) {
            fill();
        }
    }

    private void fill() {
        Label heading = new Label(Texts.get("first.heading"));
        heading.getStyleClass().add("heading");
        GridPane steps = BriefForm.columns();
        BriefForm.fill(steps, STEPS.stream().map(FirstSteps::step).map(Node.class::cast).toList());
        getChildren().addAll(heading, steps);
    }

    private static HBox step(String step) {
        Label number = new Label(String.valueOf(STEPS.indexOf(step) + 1));
        number.getStyleClass().add("piece-mark");
        number.setMinWidth(USE_PREF_SIZE);
        Label text = Lines.of(Texts.get("first." + step));
        HBox box = new HBox(number, text);
        box.getStyleClass().add("step");
        return box;
    }
}
