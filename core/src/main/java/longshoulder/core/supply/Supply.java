package longshoulder.core.supply;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import longshoulder.core.boards.Blank;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.BoardPlanner;
import longshoulder.core.boards.Losses;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Search;
import longshoulder.core.boards.Stock;
import longshoulder.core.boards.StockRow;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.plan.Copies;
import longshoulder.core.plan.Plan;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Project;

/**
 * The wood that designs need, and the stock from which it can come. Several designs of a shop are planned together on the stock of the first.
 */
public final class Supply {

    private static final int MOST_LAYERS = 6;
    /** Pins of different designs never share a board by their numbers. */
    private static final int BOARDS_OF_A_DESIGN = 10_000;

    private final List<Order> orders;
    private final List<Stock> stock;
    private final List<SawnBoard> sawn;
    private final List<Pin> pins;
    /** What each glued edge, and what each glued face has for planing. */
    private final Length edge;
    private final Length face;

    private Supply(List<Order> orders, List<Stock> stock, List<Project> designs) {
        Project first = designs.getFirst();
        this.orders = List.copyOf(orders);
        this.stock = List.copyOf(stock);
        this.sawn = IntStream.range(0, designs.size()).boxed()
                .flatMap(i -> designs.get(i).sawn().stream().map(board -> board.named(prefix(i)))).toList();
        this.pins = IntStream.range(0, designs.size()).boxed()
                .flatMap(i -> designs.get(i).pinned().stream().map(pin -> pin.of(prefix(i), i * BOARDS_OF_A_DESIGN)))
                .toList();
        edge = first.brief().length(HouseRules.EDGE_JOINTING);
        face = first.brief().length(HouseRules.LAYER_FACE);
    }

    /** What the designs need, from their own stock. */
    public static Supply of(List<Plan> designs) {
        Project first = designs.getFirst().project();
        return of(designs, first.stock().rows(first.brief().isInInches()));
    }

    /** What the designs need, from a stock. */
    public static Supply of(List<Plan> designs, List<StockRow> rows) {
        Losses losses = losses(designs.getFirst().project());
        Set<String> known = rows.stream().map(StockRow::id).collect(Collectors.toSet());
        List<Stock> stock = Stream.concat(rows.stream(),
                designs.stream().flatMap(plan -> Offcuts.of(plan.project()).stream())
                        .filter(offcut -> !known.contains(offcut.id())))
                .map(row -> row.in(losses)).toList();
        List<Order> orders = new ArrayList<>();
        for (int i = 0; i < designs.size(); i++) {
            for (Copies copies : Copies.of(designs.get(i))) {
                Orders some = new Orders(copies, i, prefix(i), stock);
                CutList.of(copies.plan()).lines().stream().filter(line -> !line.isBought())
                        .forEach(line -> orders.addAll(some.of(line)));
            }
        }
        return new Supply(orders, stock, designs.stream().map(Plan::project).toList());
    }

    /** Parts of the first design are called as in the design, those of the second begin with "2-". */
    private static String prefix(int design) {
        return design > 0 ? (design + 1) + "-" : "";
    }

    /** What sawing takes in the shop of a project. */
    public static Losses losses(Project project) {
        return new Losses(project.brief().length(HouseRules.KERF), project.brief().length(HouseRules.RESAW_KERF),
                project.brief().length(HouseRules.BOARD_ENDS), project.brief().length(HouseRules.BOARD_EDGE));
    }

    /** All rough sizes, those that are sawn too. */
    public List<Order> orders() {
        return orders;
    }

    /** What is left of the stock beside the boards that are sawn already. */
    public List<Stock> stock() {
        Map<String, Long> used = sawn.stream()
                .collect(Collectors.groupingBy(board -> board.stock().id(), Collectors.counting()));
        return stock.stream().map(row -> row.counted(row.count().map(
                count -> Math.max(0, count - used.getOrDefault(row.id(), 0L).intValue())))).toList();
    }

    /** From how few strips a part that is too wide can be glued up; 1 where no board serves. */
    public int leastStrips(Order order) {
        return Orders.leastStrips(order.line(), stock, edge);
    }

    /** From how few layers a part that is too thick can be glued up; 1 where no board serves. */
    public int leastLayers(Order order) {
        Length thickest = stock.stream().filter(board -> board.wood().equalsIgnoreCase(order.blank().wood()))
                .map(Stock::thickness).max(Length::compareTo).orElse(Length.ZERO);
        int layers = 1;
        while (layers < MOST_LAYERS && order.blank().thickness().times(1, layers).plus(face.times(layers > 2 ? 2 : 1))
                .isGreaterThan(thickest)) {
            layers++;
        }
        return layers;
    }

    /** The order of a line that has a part without a board. */
    public Optional<Order> order(String blank) {
        return orders.stream().filter(order -> order.blank().id().equals(blank)).findFirst();
    }

    /** Boards that are sawn already. */
    public List<SawnBoard> sawn() {
        return sawn;
    }

    /** Rough sizes that are still to be sawn. */
    public List<Blank> blanks() {
        List<Blank> left = new ArrayList<>();
        for (Order order : orders) {
            List<String> names = order.blank().names().stream().filter(name -> !isSawn(order, name)).toList();
            if (!names.isEmpty()) {
                left.add(order.blank().of(names));
            }
        }
        return left;
    }

    /** Whether a board gave what is asked for: a piece that came out smaller than it has to be now does not count. */
    private boolean isSawn(Order order, String name) {
        return sawn.stream().anyMatch(board -> board.pieces().stream().anyMatch(part -> part.id().equals(name)
                && board.stock().wood().equalsIgnoreCase(order.blank().wood())
                && !order.line().cutTo().value().isGreaterThan(part.length())
                && !least(order).isGreaterThan(part.width())));
    }

    /** Of a piece in one its finished width; of a strip or a layer all that was asked for. */
    private static Length least(Order order) {
        return order.sources().getFirst().strip().isEmpty()
                ? order.line().finished().width().value()
                : order.blank().width();
    }

    /** Names of parts that came off a board but are too small by now. */
    public List<String> tooSmall() {
        List<String> small = new ArrayList<>();
        for (Order order : orders) {
            order.blank().names().stream().filter(name -> !isSawn(order, name)).filter(name -> sawn.stream()
                    .anyMatch(board -> board.pieces().stream().anyMatch(part -> part.id().equals(name))))
                    .forEach(small::add);
        }
        return small;
    }

    /** The order that a part of a board is for; empty where the design asks for it no longer. */
    public Optional<Order> order(SawnBoard.Part part) {
        return orders.stream().filter(order -> order.blank().names().contains(part.id())).findFirst();
    }

    /** Ids of the parts of the cut list that come from a place on a board. */
    public List<String> pieces(SawnBoard.Part part) {
        return order(part).map(order -> order.pieces(part.id())).orElse(List.of());
    }

    /** Their marks; of a strip or a layer with its place in the piece. */
    public List<String> marks(SawnBoard.Part part) {
        return order(part).map(order -> order.marks(part.id())).orElse(List.of(part.id()));
    }

    /** The best board plan that is found before the search ends by itself or is stopped. */
    public BoardPlan plan(Search search) {
        return plan(search, better -> {});
    }

    /** The same, as {@link BoardPlanner#plan(List, List, List, Search, Consumer)} tells it. */
    public BoardPlan plan(Search search, Consumer<BoardPlan> better) {
        return BoardPlanner.plan(blanks(), stock(), pins, search, better);
    }

    /** Where parts are pinned. */
    public List<Pin> pins() {
        return pins;
    }

    /** Why a part could not be pinned to a place; empty where it could. */
    public Optional<Pin.Why> whyNot(Pin pin) {
        return BoardPlanner.whyNot(blanks(), stock(), pins, pin);
    }

    /** Whether the maker pinned a part to the place where it lies. */
    public boolean isPinned(SawnBoard.Part part) {
        return pins.stream().anyMatch(pin -> pin.name().equals(part.id()) && pin.x().equals(part.x())
                && pin.y().equals(part.y()));
    }
}
