package longshoulder.desktop.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import longshoulder.core.project.Edit;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Themed;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Exports;
import longshoulder.desktop.document.LongWork;
import longshoulder.desktop.document.Workbench;
import longshoulder.files.DesignFile;
import longshoulder.files.Printers;
import org.jspecify.annotations.Nullable;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.stage.StageView;
import longshoulder.desktop.words.Texts;

/** The one screen: sheet in the middle, reckoning and cut list at the side, the rod along the bottom. */
public final class MainView extends BorderPane {

    private static final double LEAST_NOTICE = 60;

    private final Workbench bench;
    private final Documents documents;
    private final StackPane middle;
    private final Map<WorkStage, StageView> views = new HashMap<>();
    private final SideColumn column;
    private final RodPane rod;
    private final List<Overlay> overlays;
    private final HelpSheet help;
    private final ExampleSheet examples;
    private final Button atBench = new Button(Texts.get("bench.open"));
    private final Node top;
    private Optional<BenchView> benchView = Optional.empty();
    private final Finder finder;
    private final StageBar stages;
    private final NoticeBar notice;
    private final PrintSheet print;
    private final PaperMenu papers;
    private WorkStage shown = Stages.FRAME;

    /** A window without printers, for which whoever asks for a paper waits. */
    public MainView(Workbench bench, Documents documents) {
        this(bench, documents, new Exports(bench, documents.asker(), LongWork.AT_ONCE, Printers.NONE));
    }

    public MainView(Workbench bench, Documents documents, Exports exports) {
        this.bench = bench;
        this.documents = documents;
        setStyle(Palette.css());
        getStyleClass().add("main");
        finder = new Finder(bench);
        notice = new NoticeBar(bench);
        stages = new StageBar(bench, this::show);
        help = new HelpSheet(bench);
        examples = new ExampleSheet(bench, documents);
        print = new PrintSheet(bench, exports);
        papers = new PaperMenu(bench, exports, print, () -> view(shown).drawing());
        overlays = List.of(print, examples, help);
        middle = new StackPane(print, examples, help, notice, finder);
        StackPane.setAlignment(finder, Pos.TOP_CENTER);
        StackPane.setAlignment(notice, Pos.BOTTOM_CENTER);
        notice.setMaxHeight(Region.USE_PREF_SIZE);
        HBox besideStages = new HBox(papers.button(), atBench);
        top = new VBox(new HeaderBar(bench, documents, examples::open, this::startNew, this::otherTheme),
                new HBox(stages, besideStages));
        HBox.setHgrow(stages, Priority.ALWAYS);
        besideStages.getStyleClass().add("beside-stages");
        atBench.setId("bench-open");
        atBench.setTooltip(new Tooltip(Texts.get("bench.open.key")));
        atBench.setMinWidth(USE_PREF_SIZE);
        atBench.setOnAction(pressed -> turnBench());
        setTop(top);
        setCenter(middle);
        column = new SideColumn(new CutListPane(bench), new ReckoningPane(bench));
        rod = new RodPane(bench);
        show(Stages.FRAME);
        overlays.forEach(sheet -> sheet.visibleProperty().addListener((observed, was, is) -> surround()));
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

    /** The design file that is being dragged, if there is one. */
    private static Optional<Path> dropped(DragEvent drag) {
        return drag.getDragboard().getFiles().stream().map(File::toPath)
                .filter(path -> path.toString().endsWith(DesignFile.SUFFIX)).findFirst();
    }

    /** Goes to a stage of the work; what is lit stays lit. */
    public void show(WorkStage stage) {
        shown = stage;
        stages.show(stage);
        StageView next = view(stage);
        views.values().stream().filter(view -> !view.equals(next)).forEach(view -> view.show(false));
        notice.minHeightProperty().bind(next.foot().map(foot -> Math.max(LEAST_NOTICE, foot.doubleValue())));
        overlays.forEach(Overlay::close);
        surround();
        next.show(true);
    }

    /** Column and rod stand beside a stage that wants them; a sheet over the stage has their room as well. */
    private void surround() {
        boolean covered = overlays.stream().anyMatch(Node::isVisible);
        setRight(shown.showsColumn() && !covered ? column : null);
        setBottom(shown.showsRod() && !covered ? rod : null);
    }

    /** The stage that is shown. */
    WorkStage shown() {
        return shown;
    }

    /** Shows everything in another theme. */
    public void use(Palette.Theme theme) {
        Palette.use(theme);
        setStyle(Palette.css());
        Optional.ofNullable(getScene()).ifPresent(scene -> scene.setFill(Palette.paper()));
        Themed.recolourAll(this);
        // Parts that are hidden just now are not in the window.
        Stream.of(top, middle, column, rod).filter(part -> part.getParent() == null).forEach(Themed::recolourAll);
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
    private StageView view(WorkStage stage) {
        return views.computeIfAbsent(stage, key -> {
            StageView made = key.view(bench, documents);
            middle.getChildren().addFirst(made.node());
            return made;
        });
    }

    /** A new design: what it is to be is asked first. */
    private void startNew() {
        documents.startNew();
        show(Stages.BRIEF);
    }

    /** Takes the whole window for the bench, or gives it back. */
    private void turnBench() {
        if (benchView.isPresent()) {
            leaveBench();
            return;
        }
        BenchView view = new BenchView(bench, this::leaveBench);
        benchView = Optional.of(view);
        setTop(null);
        setRight(null);
        setBottom(null);
        setCenter(view);
        view.lookup("#bench-next").requestFocus();
    }

    private void leaveBench() {
        if (benchView.isPresent()) {
            benchView = Optional.empty();
            setTop(top);
            setCenter(middle);
            show(shown);
        }
    }

    /** Opens the examples. */
    public void openExamples() {
        examples.open();
    }

    /** Opens the help of the stage that is shown. */
    public void openHelp() {
        help.turn(shown);
    }

    /** Opens the shop paper, to be printed or saved. */
    public void printShopPaper() {
        papers.shopPaper();
    }

    /** Puts the keyboard on what the shown stage is about. */
    public void focusStage() {
        view(shown).show(true);
    }

    private static final List<KeyCode> STAGES = List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4,
            KeyCode.DIGIT5, KeyCode.DIGIT6, KeyCode.DIGIT7, KeyCode.DIGIT8, KeyCode.DIGIT9);

    private static KeyCombination shortcut(KeyCode code, KeyCombination.Modifier... more) {
        return new KeyCodeCombination(code, Stream.concat(Stream.of(KeyCombination.SHORTCUT_DOWN), Stream.of(more))
                .toArray(KeyCombination.Modifier[]::new));
    }

    /** What the keys do that are pressed together with others. */
    private Map<KeyCombination, Runnable> shortcuts() {
        return Map.ofEntries(
                Map.entry(shortcut(KeyCode.N), this::startNew),
                Map.entry(shortcut(KeyCode.O), documents::open),
                Map.entry(shortcut(KeyCode.S), documents::save),
                Map.entry(shortcut(KeyCode.P), this::print),
                Map.entry(shortcut(KeyCode.D), this::otherTheme),
                Map.entry(shortcut(KeyCode.F), finder::open),
                Map.entry(shortcut(KeyCode.U),
                        () -> bench.edit(new Edit.ShowIn(bench.project().showing().other()))),
                Map.entry(shortcut(KeyCode.Z), bench::undo),
                Map.entry(shortcut(KeyCode.Z, KeyCombination.SHIFT_DOWN), bench::redo),
                Map.entry(shortcut(KeyCode.Z, KeyCombination.ALT_DOWN), bench::undoProgress),
                Map.entry(shortcut(KeyCode.Z, KeyCombination.ALT_DOWN, KeyCombination.SHIFT_DOWN),
                        bench::redoProgress));
    }

    private void print() {
        leaveBench();
        papers.print();
    }

    private void key(KeyEvent key) {
        if (key.getCode() == KeyCode.ESCAPE) {
            // Not consumed: a figure that is being typed into is left as well.
            bench.closeAll();
            overlays.forEach(Overlay::close);
            leaveBench();
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
        Optional<Runnable> shortcut = shortcuts().entrySet().stream().filter(one -> one.getKey().match(key)).findFirst()
                .map(Map.Entry::getValue);
        if (shortcut.isPresent()) {
            return shortcut.get();
        }
        int stage = key.isShortcutDown() ? STAGES.indexOf(key.getCode()) : -1;
        if (stage >= 0 && stage < Stages.ALL.size()) {
            return () -> show(Stages.ALL.get(stage));
        }
        return switch (key.getCode()) {
            case F1 -> () -> {
                leaveBench();
                help.turn(shown);
            };
            case F11 -> this::turnBench;
            case F8 -> bench.selection()::nextFinding;
            case PAGE_DOWN -> () -> bench.selection().lightNext(1);
            case PAGE_UP -> () -> bench.selection().lightNext(-1);
            default -> null;
        };
    }
}
