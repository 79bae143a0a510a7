package longshoulder.desktop.shell;

import java.util.ArrayList;
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

    /**
     * @param open asks which design
     * @param examples shows the designs that ship with the program
     */
    OpenMenu(Button open, Documents documents, Runnable examples) {
        ChoiceButton recent = new ChoiceButton("", () -> choices(documents, examples)).named("recent",
                Texts.get("header.recent"));
        recent.getStyleClass().add("plain");
        recent.setTooltip(new Tooltip(Texts.get("header.recent")));
        getChildren().addAll(open, recent);
        setAlignment(Pos.CENTER_LEFT);
    }

    private static List<Choice> choices(Documents documents, Runnable examples) {
        List<Choice> choices = new ArrayList<>(
                List.of(new Choice("open-example", Texts.get("header.example"), examples)));
        choices.addAll(recent(documents));
        return choices;
    }

    private static List<Choice> recent(Documents documents) {
        List<Choice> choices = documents.recent().stream().map(path -> new Choice("recent-" + path.getFileName(),
                path.getFileName() + "   " + path.getParent(), () -> documents.open(path))).toList();
        return choices.isEmpty()
                ? List.of(Choice.none("recent-none", Texts.get("header.recent.none")))
                : choices;
    }
}
