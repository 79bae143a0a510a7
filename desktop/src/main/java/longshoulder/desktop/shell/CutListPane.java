package longshoulder.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.FigureText;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.document.Workbench;

/** The cut list: a row for pieces that are truly the same, in finished or in rough sizes. */
public final class CutListPane extends VBox {

    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final double SIZE = 15;
    /** Of a column of figures, in pixels. */
    private static final double WIDTH = 50;

    private final Workbench bench;
    private final List<Sizes> sizes = new ArrayList<>();
    private final PlanValue<Boolean, List<CutRow>> rows;
    private List<CutRow> lines = List.of();
    private List<String> shown = List.of();
    private boolean rough;

    public CutListPane(Workbench bench) {
        this.bench = bench;
        setId("cut-list");
        getStyleClass().add("cut-list");
        rows = new PlanValue<>(bench, () -> Optional.of(rough), (plan, asRough, before) -> CutRow.all(plan, asRough),
                this::show);
        bench.selection().pieceProperty().addListener((observed, was, is) -> relight());
        rows.begin();
    }

    private void show(List<CutRow> made) {
        lines = made;
        List<String> now = lines.stream().map(CutRow::outline).toList();
        if (!now.equals(shown)) {
            shown = now;
            sizes.clear();
            getChildren().setAll(heading(), headings());
            for (int i = 0; i < lines.size(); i++) {
                getChildren().add(row(i));
            }
        }
        for (int i = 0; i < lines.size(); i++) {
            show(lines.get(i), sizes.get(i));
        }
        relight();
    }

    /** The sizes in a row, which are all that most edits change. */
    private record Sizes(StackPane row, List<FigureText> texts) {}

    private static void show(CutRow line, Sizes sizes) {
        for (int i = 0; i < line.figures().size(); i++) {
            sizes.texts().get(i).setText(line.figures().get(i));
        }
        sizes.row().setAccessibleText(line.spoken());
    }

    private HBox heading() {
        Label heading = new Label(Texts.get("cutlist.heading"));
        heading.getStyleClass().add("heading");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox units = new HBox(toggle("finished", false), toggle("rough", true));
        units.getStyleClass().addAll("units", "small-units");
        HBox box = new HBox(heading, gap, units);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private ToggleButton toggle(String id, boolean toRough) {
        ToggleButton toggle = new ToggleButton(Texts.get("cutlist." + id));
        toggle.setId("cut-list-" + id);
        toggle.setSelected(rough == toRough);
        toggle.setOnAction(action -> {
            rough = toRough;
            shown = List.of();
            rows.refresh();
        });
        return toggle;
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        double[] widths = {24, 130, WIDTH, WIDTH, WIDTH};
        for (int i = 0; i < widths.length; i++) {
            ColumnConstraints column = new ColumnConstraints(widths[i]);
            column.setHalignment(i < 2 ? HPos.LEFT : HPos.RIGHT);
            column.setHgrow(i == 1 ? Priority.ALWAYS : Priority.NEVER);
            grid.getColumnConstraints().add(column);
        }
        return grid;
    }

    private static GridPane headings() {
        GridPane grid = grid();
        grid.getStyleClass().add("column-heads");
        String[] keys = {"cutlist.piece", "cutlist.length", "cutlist.width", "cutlist.thickness"};
        for (int i = 0; i < keys.length; i++) {
            grid.add(new Label(Texts.get(keys[i])), i + 1, 0);
        }
        return grid;
    }

    private StackPane row(int index) {
        CutRow line = lines.get(index);
        GridPane grid = grid();
        grid.add(new Label(line.pieces().size() + " ×"), 0, 0);
        grid.add(what(line), 1, 0);
        List<FigureText> texts = new ArrayList<>();
        for (int column = 2; column < 5; column++) {
            FigureText text = new FigureText("", SIZE, !rough, Palette::ink, WIDTH);
            text.setMaxSize(FigureText.USE_PREF_SIZE, FigureText.USE_PREF_SIZE);
            grid.add(text, column, 0);
            texts.add(text);
        }
        StackPane row = new StackPane(grid);
        row.getStyleClass().add("row");
        row.setFocusTraversable(true);
        row.setAccessibleRole(AccessibleRole.BUTTON);
        row.setOnMouseClicked(click -> lightNextOf(lines.get(index)));
        row.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
                lightNextOf(lines.get(index));
                key.consume();
            }
        });
        sizes.add(new Sizes(row, texts));
        return row;
    }

    /** What the pieces of a line are, and behind it or under it which ones and of what. */
    private static TextFlow what(CutRow line) {
        Text role = new Text(line.role() + Lines.NO_BREAK + " ");
        role.getStyleClass().add("cut-role");
        Text about = new Text(line.about());
        about.getStyleClass().add("cut-about");
        return new TextFlow(role, about);
    }

    /** Lights the first piece of a line, or the one after the lit one. */
    private void lightNextOf(CutRow line) {
        int at = line.lit().indexOf(bench.selection().piece());
        bench.selection().light(line.lit().get((at + 1) % line.lit().size()));
    }

    private void relight() {
        for (int i = 0; i < lines.size(); i++) {
            sizes.get(i).row().pseudoClassStateChanged(LIT,
                    lines.get(i).lit().contains(bench.selection().pieceProperty().get()));
        }
    }
}
