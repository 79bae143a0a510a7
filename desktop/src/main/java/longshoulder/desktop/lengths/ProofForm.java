package longshoulder.desktop.lengths;

import longshoulder.desktop.control.Lines;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.BothWays;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.document.Workbench;

/** Proves an angled piece both ways: two edges and a bevel are measured, and it says which of them is the odd one out. */
final class ProofForm extends VBox {

    private final Workbench bench;
    private final PlannedPiece piece;
    private final TextField shortEdge = field("short");
    private final TextField longEdge = field("long");
    private final TextField bevel = field("angle");
    private final Label answer = new Label();

    ProofForm(Workbench bench, PlannedPiece piece) {
        this.bench = bench;
        this.piece = piece;
        getStyleClass().add("proof");
        answer.setId("proof-answer");
        Lines.over(answer);
        HBox fields = new HBox(new Label(Texts.get("proof.title")), shortEdge, longEdge, bevel);
        fields.setAlignment(Pos.CENTER_LEFT);
        fields.getStyleClass().add("proof-fields");
        getChildren().addAll(fields, answer);
    }

    private TextField field(String what) {
        TextField field = new TextField();
        field.setId("proof-" + what);
        field.setPromptText(Texts.get("proof." + what));
        field.setAccessibleText(Texts.get("proof." + what));
        field.setPrefColumnCount(13);
        field.setOnAction(entered -> prove());
        return field;
    }

    /** Waits in silence until all three are there. */
    private void prove() {
        if (shortEdge.getText().isBlank() || longEdge.getText().isBlank() || bevel.getText().isBlank()) {
            return;
        }
        Optional<Length> shorter = bench.read(shortEdge.getText());
        Optional<Length> longer = bench.read(longEdge.getText());
        if (shorter.isEmpty() || longer.isEmpty()) {
            return;
        }
        try {
            BothWays proof = BothWays.of(piece.start(), piece.piece().width().value(), shorter.get(), longer.get(),
                    Angle.read(bevel.getText()));
            answer.setText(String.format(Texts.locale(), Texts.get("proof.answer"), proof.fromEdges().degrees(),
                    Math.abs(piece.start().faceAngle())) + " " + String.join(" ", bench.words().say(proof)));
        } catch (EntryException refused) {
            bench.notices().say(bench.words().say(refused));
        }
    }
}
