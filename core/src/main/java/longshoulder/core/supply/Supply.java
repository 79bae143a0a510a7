package longshoulder.core.supply;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import longshoulder.core.boards.Blank;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.BoardPlanner;
import longshoulder.core.boards.Losses;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Search;
import longshoulder.core.boards.Stock;
import longshoulder.core.boards.StockRow;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.cutlist.CutLine;
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

    /**
     * A line of a cut list that is to be sawn from boards.
     *
     * @param design which of the designs, from 0
     * @param blank what is sawn; its id is this order's
     */
    public record Order(int design, CutLine line, Blank blank) {

        /**
         * The parts that come from one of its blanks: one piece, or of a strip the small parts in it.
         *
         * @param index of the blank, from 1
         */
        public List<Integer> parts(int index) {
            int each = Math.ceilDiv(line.count(), line.blanks());
            int from = (index - 1) * each;
            return IntStream.range(Math.min(from, line.count()), Math.min(from + each, line.count())).boxed().toList();
        }
    }

    /** What the designs need, from their own stock. */
    public static Supply of(List<Plan> designs) {
        Project first = designs.getFirst().project();
        return of(designs, first.stock().rows(first.brief().isInInches()));
    }

    /** What the designs need, from a stock. */
    public static Supply of(List<Plan> designs, List<StockRow> rows) {
        Losses losses = losses(designs.getFirst().project());
        List<Order> orders = new ArrayList<>();
        for (int i = 0; i < designs.size(); i++) {
            for (CutLine line : CutList.of(designs.get(i)).lines()) {
                if (!line.isBought()) {
                    String id = designs.size() > 1 ? "%d-%d".formatted(i + 1, line.number()) : "" + line.number();
                    orders.add(new Order(i, line, blank(id, line)));
                }
            }
        }
        return new Supply(orders, rows.stream().map(row -> row.in(losses)).toList());
    }

    private static Blank blank(String id, CutLine line) {
        return new Blank(id, line.wood(), line.rough().length().value(), line.rough().width().value(),
                line.rough().thickness().value(), line.blanks());
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
        return orders.stream().filter(order -> order.blank.id().equals(part.piece())).findFirst().orElseThrow();
    }

    /** Ids of the parts of the cut list that come from a place on a board. */
    public List<String> pieces(SawnBoard.Part part) {
        return named(part, order(part).line().pieces());
    }

    /** Their marks. */
    public List<String> marks(SawnBoard.Part part) {
        return named(part, order(part).line().marks());
    }

    private List<String> named(SawnBoard.Part part, List<String> names) {
        int index = Integer.parseInt(part.id().substring(part.id().lastIndexOf('#') + 1));
        return order(part).parts(index).stream().map(names::get).toList();
    }

    /** The best board plan that is found before the search ends by itself or is stopped. */
    public BoardPlan plan(Search search) {
        return BoardPlanner.plan(blanks(), stock, search);
    }
}
