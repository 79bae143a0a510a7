package longshoulder.desktop.wood;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import longshoulder.core.plan.Copies;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Noted;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;

/** What is done of the lit piece, the number that it bears, and a note on it. */
final class PieceNotes extends HBox {

    private final Workbench bench;
    private int copy = 1;

    PieceNotes(Workbench bench) {
        this.bench = bench;
        setId("piece-notes");
        getStyleClass().add("wood-bar");
        setAlignment(Pos.CENTER_LEFT);
        bench.selection().pieceProperty().addListener((observed, was, is) -> refresh());
        bench.planProperty().addListener((observed, was, is) -> refresh());
        refresh();
    }

    /** As notes name it: with the number of the copy from the second on. */
    private String part() {
        return bench.selection().piece() + (copy > 1 ? "@" + copy : "");
    }

    private void refresh() {
        int copies = Copies.count(bench.project());
        copy = Math.min(copy, copies);
        if (!bench.plan().has(bench.selection().piece())) {
            getChildren().clear();
            return;
        }
        FocusKeeper.rebuild(this, () -> getChildren().setAll(Stream.of(List.<Node>of(heading()),
                copies > 1 ? List.of(copyChoice(copies)) : List.<Node>of(),
                Stream.of(Noted.values()).filter(Noted::isStep).map(this::tick).toList(),
                List.of(text(Noted.NUMBER, 6), text(Noted.NOTE, 24))).flatMap(List::stream).toList()));
    }

    private Label heading() {
        String piece = bench.selection().piece();
        Label heading = new Label(bench.plan().piece(piece).piece().mark() + "  " + bench.words().name(piece));
        heading.getStyleClass().add("strong");
        heading.setMinWidth(Region.USE_PREF_SIZE);
        return heading;
    }

    private ChoiceButton copyChoice(int copies) {
        return new ChoiceButton(Texts.get("notes.copy").formatted(copy),
                () -> IntStream.rangeClosed(1, copies).mapToObj(number -> new Choice("copy-" + number,
                        Texts.get("notes.copy").formatted(number), () -> {
                            copy = number;
                            refresh();
                        })).toList())
                .named("piece-copy", Texts.get("notes.copy.which"));
    }

    private ToggleButton tick(Noted step) {
        boolean done = bench.project().noted(part(), step).isPresent();
        ToggleButton tick = new ToggleButton((done ? "\u2713 " : "") + bench.words().text("paper.tick." + step.id()));
        tick.setId("note-" + step.id());
        tick.getStyleClass().add("tick");
        tick.setSelected(done);
        tick.setMinWidth(Region.USE_PREF_SIZE);
        tick.setOnAction(pressed -> bench.edit(new Edit.Note(part(), step, done ? "" : Noted.DONE)));
        return tick;
    }

    /** Belongs to the piece for which it is made, also when another is lit while it still holds what was typed. */
    private TextField text(Noted what, int columns) {
        String part = part();
        TextField field = new TextField(bench.project().noted(part, what).orElse(""));
        field.setId("note-" + what.id());
        field.getStyleClass().add("entry");
        field.setPrefColumnCount(columns);
        field.setMinWidth(columns * 8.0);
        field.setPromptText(Texts.get("notes." + what.id()));
        field.setAccessibleText(Texts.get("notes." + what.id()));
        HBox.setHgrow(field, what == Noted.NOTE ? Priority.ALWAYS : Priority.NEVER);
        field.setOnAction(entered -> enter(part, what, field.getText()));
        field.focusedProperty().addListener((observed, was, is) -> {
            if (!is) {
                // Later: the field may be losing the keyboard because it is taken away.
                String typed = field.getText();
                Platform.runLater(() -> enter(part, what, typed));
            }
        });
        return field;
    }

    private void enter(String part, Noted what, String typed) {
        String text = typed.strip();
        if (!text.equals(bench.project().noted(part, what).orElse(""))) {
            bench.edit(new Edit.Note(part, what, text));
        }
    }
}
