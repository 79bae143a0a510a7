package longshoulder.desktop.wood;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Snapping;
import longshoulder.core.boards.Stock;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.BoardDrawing;
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
import org.apache.commons.geometry.euclidean.twod.Vector2D;
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
            if (handled(key)) {
                key.consume();
            }
        });
        getChildren().addAll(head(), place, cut, ticks());
        tell();
    }

    Shown shown() {
        return shown;
    }

    Pane place() {
        return place;
    }

    PiecePins pins() {
        return new PiecePins(bench, shown.supply);
    }

    /** Whether no cut is shown as made, so that pieces lie where they lie on the board. */
    boolean isWhole() {
        return made == 0;
    }

    /** Arrows go through the cuts; with Alt they move the lit piece to its next good place; P pins it or lets it go. */
    private boolean handled(KeyEvent key) {
        boolean along = key.getCode() == KeyCode.RIGHT || key.getCode() == KeyCode.LEFT;
        boolean onwards = key.getCode() == KeyCode.RIGHT || key.getCode() == KeyCode.UP;
        if (!key.isAltDown() && along) {
            turn(onwards ? 1 : -1);
            return true;
        }
        if (shown.sawn || !key.getCode().isArrowKey() && key.getCode() != KeyCode.P) {
            return false;
        }
        Optional<SawnBoard.Part> lit = shown.board.pieces().stream()
                .filter(part -> shown.supply.pieces(part).contains(bench.selection().piece())).findFirst();
        if (key.getCode() == KeyCode.P) {
            lit.ifPresent(part -> pins().toggle(shown.board, part));
            return true;
        }
        if (key.isAltDown()) {
            lit.ifPresent(part -> move(part, along, onwards));
        }
        return key.isAltDown();
    }

    private void move(SawnBoard.Part part, boolean along, boolean onwards) {
        Snapping snapping = new Snapping(shown.board, part);
        (along ? snapping.nextAlong(onwards) : snapping.nextAcross(onwards)).ifPresent(at -> pins().pin(
                PiecePins.layers(shown.board, part), shown.board, along ? at : part.x(), along ? part.y() : at));
    }

    /** The piece at a place of the picture, in pixels; empty where none is. */
    Optional<SawnBoard.Part> partAt(double x, double y) {
        return Optional.ofNullable(painted).flatMap(now -> now.drawing().at(Pixels.toMillimetres(x),
                Pixels.toMillimetres(y), now.area().height(), now.scale()).findFirst());
    }

    /** Which place of the board lies at a place of its picture, in millimetres from its first end and lower edge. */
    Point2D onBoard(double x, double y) {
        BoardPictures.Painted now = Objects.requireNonNull(painted);
        Vector2D at = BoardDrawing.onBoard(Pixels.toMillimetres(x), Pixels.toMillimetres(y), now.area().height(),
                now.scale());
        return new Point2D(at.getX(), at.getY());
    }

    /** Where in the picture a place of the board lies, in pixels. */
    Point2D onScreen(double x, double y) {
        BoardPictures.Painted now = Objects.requireNonNull(painted);
        Vector2D at = Pixels.of(BoardDrawing.onPage(x, y, now.area().height(), now.scale()));
        return new Point2D(at.getX(), at.getY());
    }

    double pixelsPerMillimetre() {
        return Pixels.of(Objects.requireNonNull(painted).scale());
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
        shown.board.pieces().stream().filter(shown.supply::isPinned).forEach(part -> row.getChildren()
                .add(release(part)));
        return row;
    }

    private Button release(SawnBoard.Part part) {
        String marks = String.join(" ", shown.supply.marks(part));
        Button release = new Button(Texts.get("wood.pinned").formatted(marks));
        release.setId("unpin-" + part.id().replaceAll("[^A-Za-z0-9-]", "-"));
        release.getStyleClass().add("small");
        release.setMinWidth(Region.USE_PREF_SIZE);
        release.setAccessibleText(Texts.get("wood.pin.release") + ": " + marks);
        release.setOnAction(pressed -> pins().release(shown.board, part));
        return release;
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
        partAt(x, y).stream().flatMap(part -> shown.supply.pieces(part).stream()).map(CutLine::pieceOf)
                .filter(bench.plan()::has).findFirst().ifPresent(bench.selection()::light);
    }
}
