package longshoulder.desktop.wood;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.core.boards.RowRefused;
import longshoulder.core.boards.StockRow;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.supply.Offcuts;
import longshoulder.desktop.control.ChoiceButton;
import longshoulder.desktop.control.ChoiceButton.Choice;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;
import longshoulder.files.DrawingFile;
import longshoulder.files.BadFile;
import longshoulder.files.BoardsCsv;
import longshoulder.files.SystemReason;
import longshoulder.files.TableFormat;
import longshoulder.files.Tables;

/** The maker's own boards: typed in, read from a table, written as a table, taken out. */
final class StockForm extends VBox {

    private static final List<String> SIZES = List.of("length", "width", "thickness");

    private final Workbench bench;
    private final ChoiceButton menu;
    private final Map<String, TextField> fields = new LinkedHashMap<>();
    private final HBox entry;
    private String wood = "";

    StockForm(Workbench bench, FileAsker asker) {
        this.bench = bench;
        setId("stock");
        getStyleClass().add("stock");
        menu = new ChoiceButton(Texts.get("wood.stock"), () -> List.of(
                new Choice("stock-read", Texts.get("wood.stock.read"),
                        () -> asker.toOpenTable().ifPresent(this::read)),
                new Choice("stock-write", Texts.get("wood.stock.write"), () -> asker
                        .toExportTable(Documents.fileName(bench) + "-stock.csv").ifPresent(this::write))))
                .named("wood-stock", Texts.get("wood.stock"));
        entry = entry();
    }

    ChoiceButton menu() {
        return menu;
    }

    /** The own boards, and a line in which one more is typed. */
    void refresh() {
        Label heading = new Label(Texts.get("wood.own"));
        heading.getStyleClass().add("heading");
        FlowPane own = new FlowPane();
        own.getStyleClass().add("chisels");
        bench.project().stock().own().forEach(row -> own.getChildren().add(chip(row)));
        List<Node> nodes = new ArrayList<>(List.of(heading));
        if (!own.getChildren().isEmpty()) {
            nodes.add(own);
        }
        List<StockRow> offcuts = Offcuts.of(bench.project());
        if (!offcuts.isEmpty()) {
            nodes.add(Lines.of(Texts.get("wood.stock.offcuts").formatted(String.join(", ",
                    offcuts.stream().map(this::sizes).toList())), "quiet"));
        }
        nodes.add(entry);
        getChildren().setAll(nodes);
    }

    private Button chip(StockRow row) {
        String count = row.count().map(number -> number + " \u00d7 ").orElse("");
        Button chip = new Button(count + sizes(row) + "  \u00d7");
        chip.setId("stock-" + row.id().replaceAll("[^A-Za-z0-9]", "-"));
        chip.getStyleClass().add("small");
        chip.setAccessibleText(Texts.get("wood.stock.drop").formatted(row.id()));
        chip.setOnAction(pressed -> bench.edit(new Edit.DropStock(row.id())));
        return chip;
    }

    private String sizes(StockRow row) {
        return bench.words().wood(row.wood()) + " " + bench.words().figure(row.length()) + " \u00d7 "
                + bench.words().figure(row.width()) + " \u00d7 " + bench.words().figure(row.thickness());
    }

    private HBox entry() {
        HBox line = new HBox();
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("print-row");
        for (String name : Stream.concat(SIZES.stream(), Stream.of("count")).toList()) {
            TextField field = new TextField();
            field.setId("stock-" + name);
            field.getStyleClass().add("entry");
            field.setPrefColumnCount(7);
            field.setPromptText(Texts.get("wood.stock." + name));
            field.setAccessibleText(Texts.get("wood.stock." + name));
            field.setOnAction(entered -> add());
            fields.put(name, field);
            line.getChildren().add(field);
        }
        ChoiceButton woods = new ChoiceButton(Texts.get("wood.stock.wood"), this::woods);
        woods.named("stock-wood", Texts.get("wood.stock.wood"));
        Button add = new Button(Texts.get("wood.stock.add"));
        add.setId("stock-add");
        add.setMinWidth(Region.USE_PREF_SIZE);
        add.setOnAction(pressed -> add());
        line.getChildren().addAll(woods, add);
        return line;
    }

    private List<Choice> woods() {
        Project project = bench.project();
        return Stream.concat(bench.plan().pieces().stream().map(piece -> piece.wood()),
                project.knownWoods().usual().stream().map(species -> species.id())).distinct()
                .filter(id -> project.knownWoods().find(id).isPresent())
                .map(id -> new Choice("stock-wood-" + id, bench.words().wood(id), () -> choose(id))).toList();
    }

    private void choose(String id) {
        wood = id;
        if (entry.lookup("#stock-wood") instanceof ChoiceButton button) {
            button.setText(bench.words().wood(id));
        }
    }

    private void add() {
        Map<String, String> cells = new HashMap<>();
        for (String name : SIZES) {
            Optional<Length> read = bench.read(typed(name));
            if (read.isEmpty()) {
                return;
            }
            cells.put(name, read.get().toString());
        }
        cells.put("count", typed("count").isBlank() ? "1" : typed("count"));
        cells.put("wood", wood.isEmpty() ? bench.plan().pieces().getFirst().wood() : wood);
        cells.put("id", freeId(cells.get("wood")));
        try {
            if (bench.edit(new Edit.KeepStock(List.of(StockRow.of(cells))))) {
                fields.values().forEach(TextField::clear);
            }
        } catch (RowRefused refused) {
            bench.notices().say(bench.words().sentence(refused.reason()) + ".");
        }
    }

    private String typed(String name) {
        return Objects.requireNonNull(fields.get(name)).getText();
    }

    private String freeId(String of) {
        int number = 1;
        while (bench.project().stock().find(of + " " + number).isPresent()) {
            number++;
        }
        return of + " " + number;
    }

    private void read(Path table) {
        try {
            BoardsCsv.Table<StockRow> read = BoardsCsv.readStock(table);
            if (bench.edit(new Edit.KeepStock(read.rows()))) {
                bench.notices().say(String.join(" ", Stream.concat(
                        Stream.of(Texts.get("wood.stock.isRead").formatted(read.rows().size())),
                        read.troubles().stream()).toList()));
            }
        } catch (BadFile bad) {
            bench.notices().say(bad.message(Texts.locale()));
        }
    }

    private void write(Path table) {
        Project project = bench.project();
        try {
            DrawingFile.write(table, TableFormat.CSV.toBytes(
                    Tables.stock(Stream.concat(project.stock().rows(project.brief().isInInches()).stream(),
                            Offcuts.of(project).stream()).toList())));
            bench.notices().say(Texts.get("wood.stock.isWritten").formatted(table.getFileName()));
        } catch (IOException failed) {
            bench.notices().say(Texts.get("save.failed").formatted(table.getFileName(),
                    SystemReason.of(failed, Texts.locale())));
        }
    }
}
