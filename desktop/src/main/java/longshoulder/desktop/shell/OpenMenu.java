package longshoulder.desktop.shell;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.document.Documents;

/** Opens a design, or one of those that were opened or saved last. */
final class OpenMenu extends HBox {

    /** @param open asks which design */
    OpenMenu(Button open, Documents documents) {
        ChoiceButton recent = new ChoiceButton("", () -> recent(documents)).named("recent",
                Texts.get("header.recent"));
        recent.getStyleClass().add("plain");
        recent.setTooltip(new Tooltip(Texts.get("header.recent")));
        getChildren().addAll(open, recent);
        setAlignment(Pos.CENTER_LEFT);
    }

    private static List<Choice> recent(Documents documents) {
        List<Choice> choices = documents.recent().stream().map(path -> new Choice("recent-" + path.getFileName(),
                path.getFileName() + "   " + path.getParent(), () -> documents.open(path))).toList();
        return choices.isEmpty()
                ? List.of(Choice.none("recent-none", Texts.get("header.recent.none")))
                : choices;
    }
}
