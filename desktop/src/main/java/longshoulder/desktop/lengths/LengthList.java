package longshoulder.desktop.lengths;

import longshoulder.desktop.control.Lines;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Spans;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FigureText;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.document.Workbench;

/**
 * All pieces between shoulders at one scale, their left shoulders on one line, those together that must agree; then what they are glued
 * up to. The shoulder length can be typed over with what was really cut.
 */
public final class LengthList extends VBox {

    private static final double FIGURE = 14.5;

    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

    private final Workbench bench;
    private final LengthBars bars;
    private boolean shown;

    public LengthList(Workbench bench) {
        this.bench = bench;
        bars = new LengthBars(bench);
        getStyleClass().add("length-list");
        bench.planProperty().addListener((observed, was, is) -> refresh());
        bench.selection().pieceProperty().addListener((observed, was, is) -> refresh());
    }

    /** While hidden nothing is worked out. */
    public void show(boolean visible) {
        shown = visible;
        refresh();
        bars.show(visible);
    }

    private void refresh() {
        if (shown) {
            FocusKeeper.rebuild(this, () -> getChildren().setAll(rows()));
        }
    }

    private List<Node> rows() {
        List<List<PlannedPiece>> spans = Spans.of(bench.plan());
        List<Node> rows = new ArrayList<>(List.of(heading()));
        for (List<PlannedPiece> span : spans) {
            VBox together = new VBox();
            together.getStyleClass().add("span");
            span.forEach(piece -> together.getChildren().addAll(row(piece), notes(piece)));
            rows.add(together);
        }
        if (!bench.plan().frame().assemblies().isEmpty()) {
            rows.add(new GlueUps(bench.plan(), bench.words()));
        }
        return rows;
    }

    private HBox heading() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label shoulder = new Label(Texts.get("lengths.shoulder"));
        Label length = new Label(Texts.get("lengths.length"));
        shoulder.getStyleClass().add("length-column");
        length.getStyleClass().add("length-column");
        HBox heading = new HBox(entry("lengths.undo", bench.document().history().progress().canUndo(),
                bench::undoProgress),
                entry("lengths.redo", bench.document().history().progress().canRedo(),
                        bench::redoProgress),
                gap, shoulder, length);
        heading.getStyleClass().add("length-heading");
        return heading;
    }

    /** Takes the last entry of work done back, or makes it again: to undo changes of the design leaves entries as they are. */
    private static Button entry(String key, boolean isThere, Runnable action) {
        Button button = new Button(Texts.get(key));
        button.setId(key.replace('.', '-'));
        button.getStyleClass().add("small");
        button.setTooltip(new Tooltip(Texts.get(key + ".key")));
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setDisable(!isThere);
        button.setOnAction(pressed -> action.run());
        return button;
    }

    private HBox row(PlannedPiece piece) {
        boolean lit = piece.id().equals(bench.selection().pieceProperty().get());
        Label mark = new Label(piece.piece().mark());
        mark.getStyleClass().add("mark-badge");
        mark.setMinWidth(Region.USE_PREF_SIZE);
        // A number stays with what it numbers.
        Label name = new Label(bench.words().name(piece.id()).replaceAll(" (?=\\d)", Lines.NO_BREAK));
        name.getStyleClass().add("length-name");
        LengthBarView bar = bars.of(piece.id());
        HBox.setHgrow(bar, Priority.ALWAYS);
        HBox row = new HBox(mark, name, bar, shoulder(piece), length(piece));
        row.setAlignment(Pos.CENTER_LEFT);
        row.setId("length-" + piece.id());
        row.getStyleClass().addAll("row", "length-row");
        row.pseudoClassStateChanged(LIT, lit);
        row.setOnMouseClicked(click -> bench.selection().light(piece.id()));
        return row;
    }

    private Region shoulder(PlannedPiece piece) {
        Length planned = piece.shoulderLength().orElseThrow().value();
        boolean cut = bench.project().cutShoulders().containsKey(piece.id());
        Predicate<String> commit = text -> bench.read(text)
                .filter(length -> bench.edit(new Edit.RecordMilled(piece.id(), Milled.SHOULDER, length))).isPresent();
        FigureField field = new FigureField(bench.words().figure(planned),
                Texts.get("lengths.shoulder.name").formatted(bench.words().name(piece.id())), cut, true, () -> {
                    // Lighting the piece makes the rows anew, so that what is being typed would be lost.
                }, commit);
        field.setId("shoulder-" + piece.id());
        return column(field);
    }

    private Region length(PlannedPiece piece) {
        return column(new FigureText(bench.words().figure(piece.length().value()), FIGURE, false,
                Palette::ink));
    }

    /** A figure in its column, at the right. */
    static HBox column(Node node) {
        HBox box = new HBox(node);
        box.setMinHeight(Region.USE_PREF_SIZE);
        box.setMaxHeight(Region.USE_PREF_SIZE);
        box.setAlignment(Pos.CENTER_RIGHT);
        box.getStyleClass().add("length-column");
        return box;
    }

    /** Bevels, saw settings, long and short points of ends that lean; for the lit piece what was measured can be proved. */
    private VBox notes(PlannedPiece piece) {
        VBox notes = new VBox();
        notes.getStyleClass().add("length-notes");
        boolean lit = piece.id().equals(bench.selection().pieceProperty().get());
        Length run = bench.project().brief().length(HouseRules.FENCE_RUN);
        if (lit) {
            Stream.of(piece.start(), piece.finish()).flatMap(cut -> bench.words().say(cut, run).stream()).distinct()
                    .forEach(sentence -> notes.getChildren().add(Lines.of(sentence)));
        }
        if (lit && !piece.start().isSquare()) {
            notes.getChildren().add(new ProofForm(bench, piece));
        }
        if (bench.project().cutShoulders().containsKey(piece.id())) {
            notes.getChildren().add(Lines.of(Texts.get("lengths.cut")));
        }
        notes.setManaged(!notes.getChildren().isEmpty());
        return notes;
    }
}
