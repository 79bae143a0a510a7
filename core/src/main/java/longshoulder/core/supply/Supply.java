package longshoulder.core.supply;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import longshoulder.core.boards.Blank;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.BoardPlanner;
import longshoulder.core.boards.Losses;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Search;
import longshoulder.core.boards.Stock;
import longshoulder.core.boards.StockRow;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Project;

/**
 * The wood that designs need, and the stock from which it can come. Several designs of a shop are planned together on the stock of the first.
 */
public final class Supply {

    private final List<Order> orders;
    private final List<Stock> stock;

    private Supply(List<Order> orders, List<Stock> stock) {
        this.orders = List.copyOf(orders);
        this.stock = List.copyOf(stock);
    }

    /** What the designs need, from their own stock. */
    public static Supply of(List<Plan> designs) {
        Project first = designs.getFirst().project();
        return of(designs, first.stock().rows(first.brief().isInInches()));
    }

    /** What the designs need, from a stock. */
    public static Supply of(List<Plan> designs, List<StockRow> rows) {
        Losses losses = losses(designs.getFirst().project());
        List<Stock> stock = rows.stream().map(row -> row.in(losses)).toList();
        List<Order> orders = new ArrayList<>();
        for (int i = 0; i < designs.size(); i++) {
            Orders some = new Orders(designs.get(i), i, designs.size() > 1 ? (i + 1) + "-" : "", stock);
            CutList.of(designs.get(i)).lines().stream().filter(line -> !line.isBought())
                    .forEach(line -> orders.addAll(some.of(line)));
        }
        return new Supply(orders, stock);
    }

    /** What sawing takes in the shop of a project. */
    public static Losses losses(Project project) {
        return new Losses(project.brief().length(HouseRules.KERF), project.brief().length(HouseRules.RESAW_KERF),
                project.brief().length(HouseRules.BOARD_ENDS));
    }

    public List<Stock> stock() {
        return stock;
    }

    /** Rough sizes that are to be sawn. */
    public List<Blank> blanks() {
        return orders.stream().map(Order::blank).toList();
    }

    /** The order of a line that is planned on a board. */
    public Order order(SawnBoard.Part part) {
        return orders.stream().filter(order -> order.blank().id().equals(part.piece())).findFirst().orElseThrow();
    }

    /** Ids of the parts of the cut list that come from a place on a board. */
    public List<String> pieces(SawnBoard.Part part) {
        return order(part).pieces(part.id());
    }

    /** Their marks; of a strip or a layer with its place in the piece. */
    public List<String> marks(SawnBoard.Part part) {
        return order(part).marks(part.id());
    }

    /** The best board plan that is found before the search ends by itself or is stopped. */
    public BoardPlan plan(Search search) {
        return plan(search, better -> {});
    }

    /**
     * The same.
     *
     * @param better is told a first plan at once, then one that is good in all groups
     */
    public BoardPlan plan(Search search, Consumer<BoardPlan> better) {
        for (Search sooner : List.of(search.first(), search.shortened())) {
            BoardPlan plan = BoardPlanner.plan(blanks(), stock, sooner);
            if (search.stopped().getAsBoolean() || plan.isProved()) {
                return plan;
            }
            better.accept(plan);
        }
        return BoardPlanner.plan(blanks(), stock, search);
    }
}
