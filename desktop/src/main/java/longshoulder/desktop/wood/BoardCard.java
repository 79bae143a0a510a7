package longshoulder.desktop.wood;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Stock;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.drawing.Area;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Noted;
import longshoulder.core.supply.Supply;
import longshoulder.core.words.Words;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.words.Texts;
import org.jspecify.annotations.Nullable;

/** One board: what is sawn from it, its cuts one after the other, and ticks for the pieces that are sawn. */
final class BoardCard extends VBox {

    private final Workbench bench;
    private final Shown shown;
    private final IntConsumer stepped;
    private final Pane place = new Pane();
    private final PictureView picture = new PictureView();
    private final Label step = new Label();
    private final Label cut = Lines.of("", "quiet");
    private final Button back;
    private final Button on;
    private BoardPictures.@Nullable Painted painted;
    private int made;

    /**
     * What it shows.
     *
     * @param number of the board in the list, from 1
     * @param sawn whether it is sawn, or begun
     */
    record Shown(int number, SawnBoard board, Supply supply, boolean sawn) {}

    /**
     * @param made how many cuts are shown as made
     * @param stepped is told when it is another number
     */
    BoardCard(Workbench bench, Shown shown, int made, IntConsumer stepped) {
        this.bench = bench;
        this.shown = shown;
        this.made = made;
        this.stepped = stepped;
        setId("board-" + shown.number);
        getStyleClass().add("board-card");
        back = step("back", "\u2039", -1);
        on = step("on", "\u203a", 1);
        place.setId("board-picture-" + shown.number);
        place.getStyleClass().add("board-picture");
        place.getChildren().add(picture);
        place.setFocusTraversable(true);
        place.setAccessibleText(title() + ", " + sizes());
        place.setOnMouseClicked(click -> light(click.getX(), click.getY()));
        place.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.RIGHT || key.getCode() == KeyCode.LEFT) {
                turn(key.getCode() == KeyCode.RIGHT ? 1 : -1);
                key.consume();
            }
        });
        getChildren().addAll(head(), place, cut, ticks());
        tell();
    }

    Shown shown() {
        return shown;
    }

    private String title() {
        return Texts.get("wood.board").formatted(shown.number);
    }

    private String sizes() {
        Stock stock = shown.board.stock();
        Words words = bench.words();
        return words.figure(stock.length()) + " \u00d7 " + words.figure(stock.width()) + " \u00d7 "
                + words.length(stock.thickness());
    }

    private HBox head() {
        Label title = new Label(title());
        title.getStyleClass().add("strong");
        title.setMinWidth(Region.USE_PREF_SIZE);
        Stock stock = shown.board.stock();
        Label about = new Label(stock.id() + "  \u00b7  " + sizes());
        about.getStyleClass().add("quiet");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        step.getStyleClass().add("quiet");
        step.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = new HBox(title, about, gap, back, step, on);
        head.getStyleClass().add("board-head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private Button step(String what, String sign, int by) {
        Button button = new Button(sign);
        button.setId("board-%d-%s".formatted(shown.number, what));
        button.getStyleClass().add("small");
        button.setAccessibleText(Texts.get("wood.step." + what));
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(pressed -> turn(by));
        return button;
    }

    private void turn(int by) {
        made = Math.clamp(made + by, 0, shown.board.cuts().size());
        tell();
        stepped.accept(made);
    }

    private void tell() {
        int all = shown.board.cuts().size();
        back.setDisable(made == 0);
        on.setDisable(made == all);
        step.setText(Texts.get("wood.cuts").formatted(made, all));
        cut.setText(made < all
                ? new CutWords(bench.words(), shown.board, shown.supply).next(made)
                : Texts.get("wood.cuts.done"));
    }

    /** A tick for each piece, and one for the whole board. */
    private FlowPane ticks() {
        FlowPane row = new FlowPane();
        row.getStyleClass().add("chisels");
        row.setAlignment(Pos.CENTER_LEFT);
        Label label = new Label(Texts.get("wood.tick"));
        label.getStyleClass().add("quiet");
        row.getChildren().add(label);
        boolean all = shown.board.pieces().stream().allMatch(this::isDone);
        row.getChildren().add(tick("all", Texts.get("wood.tick.all"), all, shown.board.pieces()));
        if (shown.board.pieces().size() > 1) {
            shown.board.pieces().forEach(part -> row.getChildren().add(tick(part.id(),
                    String.join(" ", shown.supply.marks(part)), isDone(part), List.of(part))));
        }
        return row;
    }

    private boolean isDone(SawnBoard.Part part) {
        return bench.project().noted(part.id(), Noted.ROUGH).isPresent();
    }

    private ToggleButton tick(String name, String text, boolean done, List<SawnBoard.Part> parts) {
        ToggleButton tick = new ToggleButton((done ? "\u2713 " : "") + text);
        tick.setId("sawn-%d-%s".formatted(shown.number, name.replaceAll("[^A-Za-z0-9-]", "-")));
        tick.getStyleClass().addAll("tick");
        tick.setSelected(done);
        tick.setMinWidth(Region.USE_PREF_SIZE);
        tick.setOnAction(pressed -> tick(parts, !done));
        return tick;
    }

    /** A board of which a piece is sawn stays as it is; one of which none is sawn any more is planned again. */
    private void tick(List<SawnBoard.Part> parts, boolean done) {
        List<Edit> edits = new ArrayList<>();
        if (done && !shown.sawn) {
            edits.add(new Edit.Saw(shown.board));
        }
        parts.forEach(part -> edits.add(new Edit.Note(part.id(), Noted.ROUGH, done ? Noted.DONE : "")));
        boolean someLeft = shown.board.pieces().stream().anyMatch(part -> isDone(part) && !parts.contains(part));
        if (!done && !someLeft) {
            edits.add(new Edit.Unsaw(shown.board));
        }
        bench.edit(new Edit.All(edits));
    }

    /** Takes the room that its picture will have. */
    void layOut(BoardPictures.Painted next) {
        painted = next;
        Area area = next.area();
        place.setMinSize(Pixels.of(area.width()), Pixels.of(area.height()));
        place.setMaxSize(Pixels.of(area.width()), Pixels.of(area.height()));
        List<Node> nodes = new ArrayList<>(List.of(picture));
        next.texts().forEach(written -> nodes.add(text(written)));
        place.getChildren().setAll(nodes);
    }

    private static Text text(BoardPictures.Written written) {
        Text text = new Text(written.text().text());
        text.setFont(Typefaces.figures(Pixels.of(written.text().size()), written.text().bold()));
        text.setFill(Palette.ink());
        text.setMouseTransparent(true);
        double width = text.getLayoutBounds().getWidth();
        double left = Pixels.of(written.at().getX()) - switch (written.text().align()) {
            case LEFT -> 0;
            case MIDDLE -> width / 2;
            case RIGHT -> width;
        };
        text.setX(Math.rint(left));
        text.setY(Math.rint(Pixels.of(written.at().getY())));
        return text;
    }

    void show(Picture fresh) {
        picture.show(fresh);
    }

    private void light(double x, double y) {
        place.requestFocus();
        if (painted != null) {
            BoardPictures.Painted now = painted;
            now.drawing().at(Pixels.toMillimetres(x), Pixels.toMillimetres(y), now.area().height(), now.scale())
                    .flatMap(part -> shown.supply.pieces(part).stream()).map(CutLine::pieceOf)
                    .filter(bench.plan()::has).findFirst().ifPresent(bench.selection()::light);
        }
    }
}
