package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import longshoulder.core.boards.Task.Offered;
import longshoulder.core.boards.Task.Wanted;
import java.util.stream.Stream;
import longshoulder.core.measure.Length;

/**
 * Plans which boards the pieces are sawn from. A piece comes from the thinnest boards that serve it, and from thicker ones where those are used
 * up, or where what is left of them saves a board; boards of one wood and thickness are planned together.
 */
public final class BoardPlanner {

    private final Pinning pinning;
    private final List<Stock> stock;
    private final Search search;
    private final List<BoardPlan.Group> groups = new ArrayList<>();
    private final List<SawnBoard> boards = new ArrayList<>();
    private final List<BoardPlan.Missing> missing = new ArrayList<>();

    private BoardPlanner(Pinning pinning, Search search) {
        this.pinning = pinning;
        this.stock = pinning.stockLeft();
        this.search = search;
    }

    /** The best plan that is found before the search ends by itself or is stopped. Each board at hand is used once at most. */
    public static BoardPlan plan(List<Blank> blanks, List<Stock> stock, Search search) {
        return plan(new Pinning(blanks, stock, List.of()), search);
    }

    private static BoardPlan plan(Pinning pinning, Search search) {
        BoardPlanner planner = new BoardPlanner(pinning, search);
        Map<String, List<Blank>> byWood = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
        pinning.boards().forEach(board -> byWood.putIfAbsent(board.stock().wood(), new ArrayList<>()));
        pinning.left().forEach(blank -> byWood.computeIfAbsent(blank.wood(), wood -> new ArrayList<>()).add(blank));
        byWood.forEach(planner::plan);
        return planner.result();
    }

    /**
     * The same with parts that the maker pinned to places.
     *
     * @param better is told a first plan at once, then one that is good in all groups
     */
    public static BoardPlan plan(List<Blank> blanks, List<Stock> stock, List<Pin> pins, Search search,
            Consumer<BoardPlan> better) {
        Pinning pinning = new Pinning(blanks, stock, pins);
        for (Search sooner : List.of(search.first(), search.shortened())) {
            BoardPlan plan = plan(pinning, sooner);
            if (search.stopped().getAsBoolean() || plan.isProved()) {
                return plan;
            }
            better.accept(plan);
        }
        return plan(pinning, search);
    }

    /** Why a part could not be pinned to a place beside those that are pinned; empty where it could. */
    public static Optional<Pin.Why> whyNot(List<Blank> blanks, List<Stock> stock, List<Pin> pins, Pin pin) {
        List<Pin> all = new ArrayList<>(pins.stream().filter(other -> !other.name().equals(pin.name())).toList());
        all.add(pin);
        return new Pinning(blanks, stock, all).refused().stream().filter(refused -> refused.pin().equals(pin))
                .map(Pin.Refused::why).findFirst();
    }

    private BoardPlan result() {
        return new BoardPlan(groups, boards, missing, pinning.refused());
    }

    private void plan(String wood, List<Blank> blanks) {
        TreeMap<Length, List<Stock>> byThickness = new TreeMap<>();
        stock.stream().filter(board -> board.wood().equalsIgnoreCase(wood) && board.count().orElse(1) > 0).forEach(
                board -> byThickness.computeIfAbsent(board.thickness(), thickness -> new ArrayList<>()).add(board));
        pinning.boards().stream().map(Pinning.Board::stock).filter(board -> board.wood().equalsIgnoreCase(wood))
                .forEach(board -> byThickness.computeIfAbsent(board.thickness(), thickness -> new ArrayList<>()));
        List<Batch> batches = new ArrayList<>();
        List<Blank> left = blanks;
        for (Map.Entry<Length, List<Stock>> one : byThickness.entrySet()) {
            List<Blank> here = left.stream()
                    .filter(blank -> one.getValue().stream().anyMatch(board -> board.holds(blank)))
                    .toList();
            List<Blank> next = new ArrayList<>(left.stream().filter(blank -> !here.contains(blank)).toList());
            List<Pinning.Board> pinned = pinned(wood, one.getKey());
            if (!here.isEmpty() || !pinned.isEmpty()) {
                Batch batch = Batch.of(wood, one.getKey(), task(here, one.getValue(), pinned), search);
                next.addAll(batch.left());
                batches.add(batch);
            }
            left = next;
        }
        left.forEach(this::missing);
        List<Batch> better = search.isFirst() ? batches : new Offcutting(batches, search).batches();
        better.stream().filter(batch -> !batch.boards().isEmpty()).forEach(batch -> {
            groups.add(batch.group(search));
            boards.addAll(batch.boards());
        });
    }

    private List<Pinning.Board> pinned(String wood, Length thickness) {
        return pinning.boards().stream().filter(board -> board.stock().wood().equalsIgnoreCase(wood)
                && board.stock().thickness().equals(thickness)).toList();
    }

    private Task task(List<Blank> blanks, List<Stock> here, List<Pinning.Board> pinned) {
        List<Wanted> wanted = blanks.stream().map(blank -> Wanted.of(blank, here.getFirst())).toList();
        int places = wanted.stream().mapToInt(Wanted::places).sum();
        return new Task(wanted, Stream.concat(
                pinned.stream().map(board -> new Offered(board.stock(), 1, weight(board.stock()), board.places())),
                here.stream().map(
                        board -> new Offered(board, Math.min(places, board.count().orElse(places)), weight(board))))
                .toList());
    }

    private double weight(Stock board) {
        return search.goal().weight(board);
    }

    private void missing(Blank blank) {
        BoardPlan.Why why = why(blank);
        for (int i = 0; i < blank.count(); i++) {
            missing.add(new BoardPlan.Missing(blank.id(), why));
        }
    }

    private BoardPlan.Why why(Blank blank) {
        List<Stock> ofWood = stock.stream().filter(board -> board.wood().equalsIgnoreCase(blank.wood())).toList();
        List<Stock> thick = ofWood.stream().filter(board -> !blank.thickness().isGreaterThan(board.thickness()))
                .toList();
        if (ofWood.isEmpty()) {
            return BoardPlan.Why.NO_WOOD;
        }
        if (thick.isEmpty()) {
            return BoardPlan.Why.TOO_THICK;
        }
        if (thick.stream().anyMatch(board -> board.holds(blank))) {
            return thick.stream().anyMatch(board -> new Offered(board, 1, 0).zone()
                    .holds(blank.length().picometres(), blank.width().picometres()))
                            ? BoardPlan.Why.USED_UP
                            : BoardPlan.Why.BAD_SPOTS;
        }
        if (thick.stream().allMatch(board -> blank.length().isGreaterThan(board.usableLength()))) {
            return BoardPlan.Why.TOO_LONG;
        }
        return thick.stream().allMatch(board -> blank.width().isGreaterThan(board.usableWidth()))
                ? BoardPlan.Why.TOO_WIDE
                : BoardPlan.Why.TOO_LARGE;
    }
}
