package longshoulder.desktop;

import java.io.File;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import longshoulder.core.project.Edit;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.Themed;
import longshoulder.desktop.model.Documents;
import longshoulder.desktop.model.Workbench;
import longshoulder.desktop.panel.CutListPane;
import longshoulder.desktop.panel.Finder;
import longshoulder.desktop.panel.HeaderBar;
import longshoulder.desktop.panel.KeySheet;
import longshoulder.desktop.panel.NoticeBar;
import longshoulder.desktop.panel.ReckoningPane;
import longshoulder.desktop.panel.RodPane;
import longshoulder.desktop.panel.SideColumn;
import longshoulder.desktop.panel.StageBar;
import longshoulder.desktop.sheet.SheetPane;
import longshoulder.files.DesignFile;
import org.jspecify.annotations.Nullable;

/** The one screen: sheet in the middle, reckoning and cut list at the side, the rod along the bottom. */
public final class MainView extends BorderPane {

    private static final double LEAST_NOTICE = 60;

    private final Workbench bench;
    private final Documents documents;
    private final SheetPane sheet;
    private final FrameView frame;
    private final StackPane middle;
    private final Map<WorkStage, StageView> views = new EnumMap<>(WorkStage.class);
    private final KeySheet keys = new KeySheet();
    private final Finder finder;
    private final LaterView later = new LaterView();
    private final StageBar stages;

    public MainView(Workbench bench, Documents documents) {
        this.bench = bench;
        this.documents = documents;
        setStyle(Palette.css());
        getStyleClass().add("main");
        sheet = new SheetPane(bench);
        frame = new FrameView(bench, sheet);
        finder = new Finder(bench);
        NoticeBar notice = new NoticeBar(bench);
        later.show(WorkStage.FRAME);
        stages = new StageBar(bench, this::show);
        stages.show(WorkStage.FRAME);
        middle = new StackPane(frame, later, notice, finder, keys);
        StackPane.setAlignment(finder, Pos.TOP_CENTER);
        StackPane.setAlignment(notice, Pos.BOTTOM_CENTER);
        notice.setMaxHeight(Region.USE_PREF_SIZE);
        // Over the tools of the frame it covers them wholly: no half of a control looks out.
        notice.minHeightProperty().bind(Bindings.max(LEAST_NOTICE, frame.toolsHeight()));
        setTop(new VBox(new HeaderBar(bench, documents, this::startNew, this::otherTheme), stages));
        setCenter(middle);
        setRight(new SideColumn(new CutListPane(bench), new ReckoningPane(bench)));
        setBottom(new RodPane(bench));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        setOnDragOver(drag -> {
            if (dropped(drag).isPresent()) {
                drag.acceptTransferModes(TransferMode.COPY);
            }
        });
        setOnDragDropped(drag -> {
            dropped(drag).ifPresent(documents::open);
            drag.setDropCompleted(dropped(drag).isPresent());
        });
    }

    /** The design file that hangs at the mouse, if one does. */
    private static Optional<Path> dropped(DragEvent drag) {
        return drag.getDragboard().getFiles().stream().map(File::toPath)
                .filter(path -> path.toString().endsWith(DesignFile.SUFFIX)).findFirst();
    }

    /** Goes to a stage of the work; what is lit stays lit. */
    public void show(WorkStage stage) {
        stages.show(stage);
        frame.setVisible(stage == WorkStage.FRAME);
        later.show(stage);
        views.values().forEach(view -> view.show(false));
        view(stage).ifPresent(view -> view.show(true));
        if (stage != WorkStage.JOINTS) {
            bench.drop();
        }
        if (stage == WorkStage.FRAME) {
            sheet.requestFocus();
        }
    }

    /** Shows everything in another theme. */
    public void use(Palette.Theme theme) {
        Palette.use(theme);
        setStyle(Palette.css());
        Optional.ofNullable(getScene()).ifPresent(scene -> scene.setFill(Palette.paper()));
        Themed.recolourAll(this);
    }

    /** A scene with the paper as its ground: a background of the root over the scene's own would be painted once more. */
    public Scene scene(double width, double height) {
        return new Scene(this, width, height, Palette.paper());
    }

    private void otherTheme() {
        Palette.Theme other = Palette.theme() == Palette.Theme.LIGHT ? Palette.Theme.DARK : Palette.Theme.LIGHT;
        use(other);
        documents.remembered().put("theme", other.name());
    }

    /** Made when it is first gone to, so that the start does not wait for it; notices and sheets stay above it. */
    private Optional<StageView> view(WorkStage stage) {
        if (!views.containsKey(stage)) {
            make(stage).ifPresent(made -> {
                views.put(stage, made);
                middle.getChildren().add(1, made.node());
            });
        }
        return Optional.ofNullable(views.get(stage));
    }

    private Optional<StageView> make(WorkStage stage) {
        return switch (stage) {
            case BRIEF -> Optional.of(new BriefView(bench, documents));
            case JOINTS -> Optional.of(new JointsView(bench));
            case LENGTHS -> Optional.of(new LengthsView(bench));
            case FRAME, WOOD, MARKING, CUTTING, FITTING, BENCH -> Optional.empty();
        };
    }

    /** A new design: what it is to be is asked first. */
    private void startNew() {
        documents.startNew();
        show(WorkStage.BRIEF);
    }

    /** Puts the keyboard on the drawings. */
    public void focusSheet() {
        sheet.requestFocus();
    }

    private static final KeyCombination NEW = shortcut(KeyCode.N);
    private static final KeyCombination OPEN = shortcut(KeyCode.O);
    private static final KeyCombination SAVE = shortcut(KeyCode.S);
    private static final KeyCombination UNDO = shortcut(KeyCode.Z);
    private static final KeyCombination REDO = new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN,
            KeyCombination.SHIFT_DOWN);
    private static final KeyCombination UNITS = shortcut(KeyCode.U);
    private static final KeyCombination FIND = shortcut(KeyCode.F);
    private static final KeyCombination THEME = shortcut(KeyCode.D);

    /** One for each stage, in their order. */
    private static final List<KeyCode> STAGES = List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4,
            KeyCode.DIGIT5, KeyCode.DIGIT6, KeyCode.DIGIT7, KeyCode.DIGIT8, KeyCode.DIGIT9);

    private static KeyCombination shortcut(KeyCode code) {
        return new KeyCodeCombination(code, KeyCombination.SHORTCUT_DOWN);
    }

    private void key(KeyEvent key) {
        if (key.getCode() == KeyCode.ESCAPE) {
            // Not consumed: a figure that is being typed into is left as well.
            bench.dismissNotice();
            keys.setVisible(false);
            finder.close();
            return;
        }
        Runnable action = action(key);
        if (action != null) {
            action.run();
            key.consume();
        }
    }

    private @Nullable Runnable action(KeyEvent key) {
        if (NEW.match(key)) {
            return this::startNew;
        }
        if (OPEN.match(key)) {
            return documents::open;
        }
        if (SAVE.match(key)) {
            return documents::save;
        }
        if (THEME.match(key)) {
            return this::otherTheme;
        }
        if (FIND.match(key)) {
            return finder::open;
        }
        if (UNDO.match(key)) {
            return bench::undo;
        }
        if (REDO.match(key)) {
            return bench::redo;
        }
        int stage = key.isShortcutDown() ? STAGES.indexOf(key.getCode()) : -1;
        if (stage >= 0) {
            return () -> show(WorkStage.all().get(stage));
        }
        if (UNITS.match(key)) {
            return () -> bench.edit(new Edit.ShowIn(bench.project().showing().other()));
        }
        return switch (key.getCode()) {
            case F1 -> keys::turn;
            case F8 -> bench::nextFinding;
            case PAGE_DOWN -> () -> bench.lightNext(1);
            case PAGE_UP -> () -> bench.lightNext(-1);
            default -> null;
        };
    }
}
