package longshoulder.desktop.shell;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.document.Workbench;

/** Finds any piece, joint or figure of the drawings by typing a part of its name or its mark; Enter goes to the first. */
public final class Finder extends VBox {

    private static final int MOST = 8;

    private final Workbench bench;
    private final TextField field = new TextField();
    private final VBox hits = new VBox();

    public Finder(Workbench bench) {
        this.bench = bench;
        setId("finder");
        getStyleClass().addAll("key-sheet", "finder");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        field.setId("finder-field");
        field.setPromptText(Texts.get("finder.prompt"));
        field.setAccessibleText(Texts.get("finder.prompt"));
        field.textProperty().addListener((observed, was, is) -> search());
        field.setOnAction(entered -> hits.getChildren().stream().filter(Button.class::isInstance)
                .map(Button.class::cast).findFirst().ifPresent(Button::fire));
        setVisible(false);
    }

    /** Shows it, empty, with the keyboard in it. */
    public void open() {
        getChildren().setAll(field, hits);
        field.clear();
        search();
        setVisible(true);
        field.requestFocus();
    }

    /** Takes it away. */
    public void close() {
        setVisible(false);
    }

    private void search() {
        String wanted = field.getText().strip().toLowerCase(Locale.ROOT);
        hits.getChildren().clear();
        if (wanted.isEmpty()) {
            return;
        }
        Map<String, Runnable> all = places();
        // The code on the label of a copy ends its mark with the number of the copy, such as A1-2.
        String ofFirst = wanted.replaceFirst("^(\\S+)-[0-9]+(\\s|$)", "$1$2");
        List<String> found = new ArrayList<>(all.keySet().stream().filter(
                name -> Stream.of(wanted, ofFirst).anyMatch(name.toLowerCase(Locale.ROOT)::contains)).toList());
        found.sort(Comparator.comparing(name -> !name.toLowerCase(Locale.ROOT).startsWith(wanted)));
        for (String name : found.subList(0, Math.min(MOST, found.size()))) {
            hits.getChildren().add(hit(name, all.getOrDefault(name, () -> {})));
        }
        if (found.isEmpty()) {
            hits.getChildren().add(new Label(Texts.get("finder.nothing")));
        }
    }

    private Button hit(String name, Runnable go) {
        Button hit = new Button(name);
        hit.getStyleClass().setAll("row", "finder-hit");
        hit.setMaxWidth(Double.MAX_VALUE);
        hit.setOnAction(action -> {
            close();
            go.run();
        });
        return hit;
    }

    /** What can be gone to, by what it is called: marks and names of pieces, joints, figures with their values. */
    private Map<String, Runnable> places() {
        Words words = bench.words();
        Map<String, Runnable> all = new LinkedHashMap<>();
        bench.plan().pieces().forEach(piece -> all.putIfAbsent(piece.piece().mark() + "  " + words.name(piece.id()),
                () -> bench.selection().light(piece.id())));
        bench.plan().frame().dimensions().forEach(figure -> all.putIfAbsent(
                words.say(figure.amount().label()) + "  " + words.length(figure.amount().value()),
                () -> bench.selection().openFigure(figure.amount())));
        bench.plan().joints().forEach(joint -> all.putIfAbsent(
                words.name(joint.id()) + "  " + words.text("joint." + joint.type()), () -> bench.workOn(joint)));
        return all;
    }
}
