package longshoulder.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Level;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;

/** The name of the design, what is open about it, and the few things that are done to a whole document. */
final class HeaderBar extends HBox {

    /** How high the name may get, in pixels: in a small window one line has no room for it. */
    private static final double THREE_LINES = 60;
    /** Narrower windows, in pixels, leave the product's name to their frame: the design's needs the room. */
    private static final double WIDE = 1200;

    private final Workbench bench;
    private final Label title = new Label();
    /** A name of more lines ends in dots where it stands. */
    private final Tooltip whole = new Tooltip();
    private final Button state = new Button();
    private final Button undo;
    private final Button redo;
    private final ToggleButton metric = new ToggleButton(Texts.get("header.mm"));
    private final ToggleButton inches = new ToggleButton(Texts.get("header.inch"));

    /**
     * @param examples shows the designs that ship with the program
     * @param startNew begins another design
     * @param otherTheme goes from light to dark and back
     */
    HeaderBar(Workbench bench, Documents documents, Runnable examples, Runnable startNew,
            Runnable otherTheme) {
        this.bench = bench;
        getStyleClass().add("header");
        setAlignment(Pos.CENTER_LEFT);
        Label name = new Label(Texts.get("product"));
        name.getStyleClass().add("product");
        name.setMinWidth(Region.USE_PREF_SIZE);
        name.visibleProperty()
                .bind(sceneProperty().flatMap(Scene::widthProperty).map(width -> width.doubleValue() >= WIDE)
                        .orElse(true));
        name.managedProperty().bind(name.visibleProperty());
        title.getStyleClass().add("title");
        title.setId("title");
        title.setMinWidth(24);
        title.setMaxHeight(THREE_LINES);
        title.setWrapText(true);
        title.setTooltip(whole);
        HBox.setHgrow(title, Priority.SOMETIMES);
        state.getStyleClass().add("state");
        state.setId("state");
        state.setMinWidth(Region.USE_PREF_SIZE);
        state.setOnAction(action -> bench.selection().nextFinding());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        undo = button("undo", bench::undo);
        redo = button("redo", bench::redo);
        getChildren().addAll(name, title, state, gap, button("new", startNew),
                new OpenMenu(button("open", documents::open), documents, examples), button("save", documents::save),
                undo, redo,
                button("theme", otherTheme),
                units());
        bench.planProperty().addListener((observed, was, is) -> refresh());
        bench.document().historyProperty().addListener((observed, was, is) -> refresh());
        refresh();
    }

    private Button button(String key, Runnable action) {
        Button button = new Button(Texts.get("header." + key));
        button.setId(key);
        button.getStyleClass().add("plain");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new Tooltip(Texts.get("header." + key + ".key")));
        button.setOnAction(event -> action.run());
        return button;
    }

    private HBox units() {
        ToggleGroup group = new ToggleGroup();
        unit(metric, false, group);
        unit(inches, true, group);
        metric.setId("metric");
        inches.setId("inches");
        HBox box = new HBox(metric, inches);
        box.getStyleClass().add("units");
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private void unit(ToggleButton toggle, boolean toInches, ToggleGroup group) {
        toggle.setToggleGroup(group);
        toggle.setMinWidth(Region.USE_PREF_SIZE);
        toggle.setOnAction(action -> {
            if (bench.project().showing().isInches() != toInches) {
                bench.edit(new Edit.ShowIn(bench.project().showing().other()));
            }
            refresh();
        });
    }

    private void refresh() {
        String name = bench.project().title();
        title.setText(name.isEmpty() ? Texts.get("header.untitled") : name);
        whole.setText(title.getText());
        undo.setDisable(!bench.canUndo());
        redo.setDisable(!bench.canRedo());
        metric.setSelected(!bench.project().showing().isInches());
        inches.setSelected(bench.project().showing().isInches());
        long stops = count(Level.STOP);
        long risks = count(Level.RISK);
        long notes = count(Level.NOTE);
        state.setText(stops + risks + notes == 0
                ? Texts.get("state.settled")
                : (part(stops, "stop") + part(risks, "risk") + part(notes, "note")).strip() + "   F8");
        String worst = stops > 0 ? "stop" : risks > 0 ? "risk" : "note";
        // Unchanged classes are left alone: touching them has the button styled again.
        if (!state.getStyleClass().contains(worst)) {
            state.getStyleClass().removeAll("stop", "risk", "note");
            state.getStyleClass().add(worst);
        }
        state.setDisable(stops + risks + notes == 0);
    }

    private static String part(long count, String level) {
        return count == 0 ? "" : count + " " + Texts.get("state." + level + (count == 1 ? "" : "s")) + "  ";
    }

    private long count(Level level) {
        return bench.plan().findings().stream().filter(finding -> finding.level() == level).count();
    }
}
