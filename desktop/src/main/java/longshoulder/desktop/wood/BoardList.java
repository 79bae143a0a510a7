package longshoulder.desktop.wood;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.drawing.BoardDrawing;
import longshoulder.core.papers.BoardsDrawing;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.plan.Copies;
import longshoulder.core.plan.Movement;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Noted;
import longshoulder.core.supply.BuyingList;
import longshoulder.core.supply.Supply;
import longshoulder.core.words.Words;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Themed;
import longshoulder.desktop.stage.StageState;
import longshoulder.desktop.words.Texts;
import longshoulder.files.PaperTypeface;

/** The boards under each other, those that are sawn first; over them what has no board, under them what has to be bought. */
final class BoardList extends VBox implements Themed {

    /** What the list has left and right of the boards, in pixels. */
    private static final double BESIDE = 48;

    private final Workbench bench;
    private final BoardSearch search;
    private final WoodBar bar;
    private final StockForm stock;
    private final BoardPictures pictures;
    private final Map<SawnBoard, Integer> cuts = new HashMap<>();
    private final PieceDrag drag = new PieceDrag(this, () -> this.cards);
    private List<BoardCard> cards = List.of();
    private boolean shown;

    BoardList(Workbench bench, BoardSearch search, FileAsker asker) {
        this.bench = bench;
        this.search = search;
        setId("boards");
        getStyleClass().add("board-list");
        stock = new StockForm(bench, asker);
        bar = new WoodBar(search, stock.menu());
        pictures = new BoardPictures(bench.background());
        pictures.whenPainted(this::showPictures);
        bench.selection().pieceProperty().addListener((observed, was, is) -> repaint());
        bench.planProperty().addListener((observed, was, is) -> refresh());
        widthProperty().addListener((observed, was, is) -> repaint());
        PictureView.whenPixelsChange(this, this::repaint);
    }

    WoodBar bar() {
        return bar;
    }

    void show(boolean visible) {
        shown = visible;
        refresh();
    }

    @Override
    public void recolour() {
        repaint();
    }

    /** What is shown has changed. */
    void refresh() {
        if (!shown || search.supply().isEmpty() || search.plan().isEmpty()) {
            return;
        }
        Supply supply = search.supply().get();
        BoardPlan plan = search.plan().get();
        bar.show(plan, Copies.count(bench.project()));
        cuts.keySet().retainAll(Stream.concat(supply.sawn().stream(), plan.boards().stream()).toList());
        FocusKeeper.rebuild(this, () -> getChildren().setAll(rows(supply, plan)));
        repaint();
    }

    private List<Node> rows(Supply supply, BoardPlan plan) {
        List<Node> rows = new ArrayList<>(new MissingPieces(bench, supply, plan).rows());
        plan.unpinned().forEach(pin -> rows.add(unpinned(pin)));
        List<BoardCard> all = new ArrayList<>();
        if (!supply.sawn().isEmpty()) {
            rows.add(heading(Texts.get("wood.sawn"), ""));
            supply.sawn().forEach(board -> all.add(card(all.size() + 1, board, supply, true)));
            rows.addAll(all);
        }
        for (Map.Entry<BoardPlan.Group, List<SawnBoard>> group : groups(plan).entrySet()) {
            rows.add(heading(bench.words().wood(group.getKey().wood()) + ", "
                    + bench.words().length(group.getKey().thickness()), told(group.getKey())));
            for (SawnBoard board : group.getValue()) {
                BoardCard card = card(all.size() + 1, board, supply, false);
                all.add(card);
                rows.add(card);
            }
        }
        cards = List.copyOf(all);
        cards.stream().filter(card -> !card.shown().sawn()).forEach(drag::listenTo);
        rows.add(stock);
        stock.refresh();
        rows.add(new BuyingTable(BuyingList.of(List.of(bench.plan()), plan), bench.words()));
        List<Movement> movements = Movement.of(bench.plan());
        if (!movements.isEmpty()) {
            rows.add(new MovementList(movements, bench.words()));
        }
        return rows;
    }

    /** A pin that cannot be kept, and its release. */
    private HBox unpinned(Pin.Refused refused) {
        Button release = new Button(Texts.get("wood.pin.release"));
        release.setId("release-" + refused.pin().name().replaceAll("[^A-Za-z0-9-]", "-"));
        release.getStyleClass().add("remedy");
        release.setMinWidth(Region.USE_PREF_SIZE);
        release.setOnAction(pressed -> bench.edit(new Edit.Unpin(refused.pin().name())));
        HBox row = new HBox(Lines.of(Texts.get("wood.pin.lost").formatted(
                Words.capital(bench.words().name(CutLine.pieceOf(refused.pin().name()))),
                bench.words().text("pin." + refused.why().id())), "risk-text"), release);
        row.getStyleClass().add("board-head");
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static Map<BoardPlan.Group, List<SawnBoard>> groups(BoardPlan plan) {
        Map<BoardPlan.Group, List<SawnBoard>> groups = new LinkedHashMap<>();
        plan.groups().forEach(group -> groups.put(group, plan.boards().stream()
                .filter(board -> board.stock().wood().equalsIgnoreCase(group.wood())
                        && board.stock().thickness().equals(group.thickness()))
                .toList()));
        return groups;
    }

    private static String told(BoardPlan.Group group) {
        String count = StageState.counted("boards", group.boards());
        String cost = group.cost().signum() > 0 ? ", " + group.cost().toPlainString() : "";
        return count + cost + ", " + (group.proved()
                ? Texts.get("wood.group.proved")
                : Texts.get("wood.group.least").formatted(group.leastCost().toPlainString(), group.leastBoards()));
    }

    private static VBox heading(String text, String about) {
        Label heading = new Label(text.substring(0, 1).toUpperCase(Texts.locale()) + text.substring(1));
        heading.getStyleClass().add("heading");
        VBox box = new VBox(heading);
        if (!about.isEmpty()) {
            box.getChildren().add(Lines.of(about, "quiet"));
        }
        box.getStyleClass().add("wood-heading");
        return box;
    }

    private BoardCard card(int number, SawnBoard board, Supply supply, boolean sawn) {
        return new BoardCard(bench, new BoardCard.Shown(number, board, supply, sawn), cuts.getOrDefault(board, 0),
                made -> {
                    cuts.put(board, made);
                    repaint();
                });
    }

    private BoardDrawing.Named named(BoardCard card) {
        Words words = bench.words();
        Supply supply = card.shown().supply();
        List<SawnBoard.Part> parts = card.shown().board().pieces();
        Map<String, String> marks = parts.stream().collect(Collectors.toMap(SawnBoard.Part::id,
                part -> String.join(" ", supply.marks(part))));
        return new BoardDrawing.Named(words, PaperTypeface.SHIPPED, marks,
                parts.stream().filter(part -> isLit(supply, part)).map(SawnBoard.Part::id).collect(Collectors.toSet()),
                parts.stream().map(SawnBoard.Part::id)
                        .filter(name -> bench.project().noted(name, Noted.ROUGH).isPresent())
                        .collect(Collectors.toSet()),
                parts.stream().filter(supply::isPinned).map(SawnBoard.Part::id).collect(Collectors.toSet()),
                cuts.getOrDefault(card.shown().board(), 0));
    }

    private boolean isLit(Supply supply, SawnBoard.Part part) {
        return supply.pieces(part).contains(bench.selection().piece());
    }

    private void repaint() {
        if (!shown || cards.isEmpty() || getWidth() < 200) {
            return;
        }
        double scale = BoardPictures.capped(cards.stream().mapToDouble(card -> BoardPictures
                .scale(List.of(card.shown().board()), named(card), getWidth() - BESIDE)).min().orElse(1));
        List<BoardPictures.Painted> boards = new ArrayList<>();
        for (BoardCard card : cards) {
            BoardPictures.Painted painted = new BoardPictures.Painted(card.shown().board(), named(card), scale);
            card.layOut(painted);
            boards.add(painted);
        }
        pictures.want(boards, PictureView.pixels(this));
    }

    private void showPictures() {
        pictures.painted().filter(all -> all.size() == cards.size()).ifPresent(all -> {
            for (int i = 0; i < all.size(); i++) {
                cards.get(i).show(all.get(i));
            }
        });
    }

    Optional<Function<DrawingContext, Drawing>> drawing() {
        return search.supply().flatMap(supply -> search.plan().map(plan -> context -> new BoardsDrawing(context.words(),
                context.measure(), supply, plan)));
    }
}
