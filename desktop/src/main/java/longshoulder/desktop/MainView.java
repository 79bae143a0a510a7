package longshoulder.desktop;

import javafx.geometry.Pos;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import longshoulder.core.project.Edit;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.model.Documents;
import longshoulder.desktop.model.Workbench;
import longshoulder.desktop.panel.CutListPane;
import longshoulder.desktop.panel.HeaderBar;
import longshoulder.desktop.panel.NoticeBar;
import longshoulder.desktop.panel.ReckoningPane;
import longshoulder.desktop.panel.RodPane;
import longshoulder.desktop.sheet.SheetPane;

/** The one screen: sheet in the middle, reckoning and cut list at the side, the rod along the bottom. */
public final class MainView extends BorderPane {

    private static final double SIDE_WIDTH = 352;

    private final Workbench bench;
    private final Documents documents;
    private final SheetPane sheet;

    public MainView(Workbench bench, Documents documents) {
        this.bench = bench;
        this.documents = documents;
        setStyle(Palette.css());
        getStylesheets().add(String.valueOf(MainView.class.getResource("longshoulder.css")));
        getStyleClass().add("main");
        sheet = new SheetPane(bench);
        NoticeBar notice = new NoticeBar(bench);
        StackPane middle = new StackPane(sheet, notice);
        StackPane.setAlignment(notice, Pos.TOP_CENTER);
        notice.setMaxHeight(Region.USE_PREF_SIZE);
        setTop(new HeaderBar(bench, documents));
        setCenter(middle);
        setRight(side());
        setBottom(new RodPane(bench));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Puts the keyboard on the drawings. */
    public void focusSheet() {
        sheet.requestFocus();
    }

    private ScrollPane side() {
        VBox column = new VBox(new CutListPane(bench), new ReckoningPane(bench));
        column.getStyleClass().add("side-column");
        ScrollPane scroll = new ScrollPane(column);
        scroll.getStyleClass().add("side");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setPrefWidth(SIDE_WIDTH);
        scroll.setMinWidth(SIDE_WIDTH);
        return scroll;
    }

    private static final KeyCombination NEW = shortcut(KeyCode.N);
    private static final KeyCombination OPEN = shortcut(KeyCode.O);
    private static final KeyCombination SAVE = shortcut(KeyCode.S);
    private static final KeyCombination UNDO = shortcut(KeyCode.Z);
    private static final KeyCombination REDO = new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN,
            KeyCombination.SHIFT_DOWN);
    private static final KeyCombination UNITS = shortcut(KeyCode.U);

    private static KeyCombination shortcut(KeyCode code) {
        return new KeyCodeCombination(code, KeyCombination.SHORTCUT_DOWN);
    }

    private void key(KeyEvent key) {
        Runnable action = action(key);
        if (action != null) {
            action.run();
            key.consume();
        }
    }

    private @org.jspecify.annotations.Nullable Runnable action(KeyEvent key) {
        if (NEW.match(key)) {
            return documents::startNew;
        }
        if (OPEN.match(key)) {
            return documents::open;
        }
        if (SAVE.match(key)) {
            return documents::save;
        }
        if (UNDO.match(key)) {
            return bench::undo;
        }
        if (REDO.match(key)) {
            return bench::redo;
        }
        if (UNITS.match(key)) {
            return () -> bench.edit(new Edit.ShowIn(bench.project().showing().other()));
        }
        return switch (key.getCode()) {
            case F8 -> bench::nextFinding;
            case PAGE_DOWN -> () -> bench.lightNext(1);
            case PAGE_UP -> () -> bench.lightNext(-1);
            case ESCAPE -> bench.isSpeaking() ? bench::hush : null;
            default -> null;
        };
    }
}
