package longshoulder.core.boards;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.measure.Length;

/**
 * Pieces of one wood that are planned on boards of one thickness, and their boards.
 *
 * @param run that found the boards
 * @param boards as they are sawn; more may be sawn from them than this batch asks for
 */
record Batch(String wood, Length thickness, Task task, TaskSearch run, List<SawnBoard> boards) {

    /** What sums of prices in doubles may lack. */
    static final double NOISE = 1e-6;

    Batch {
        boards = List.copyOf(boards);
    }

    static Batch of(String wood, Length thickness, Task task, Search search) {
        TaskSearch run = new TaskSearch(task, search);
        run.run();
        Map<String, Integer> sawn = new HashMap<>();
        return new Batch(wood, thickness, task, run,
                run.best().boards().stream().map(used -> Sawing.saw(task, used, sawn)).toList());
    }

    Batch with(List<SawnBoard> others) {
        return new Batch(wood, thickness, task, run, others);
    }

    /** What found no place. */
    List<Blank> left() {
        List<Blank> left = new ArrayList<>();
        for (int i = 0; i < task.wanted().size(); i++) {
            Task.Wanted wanted = task.wanted().get(i);
            int places = wanted.places() - run.best().left().get(i);
            Blank blank = wanted.blank();
            int placed = Math.min(blank.count(), places * wanted.layers());
            if (placed < blank.count()) {
                left.add(blank.of(blank.names().subList(placed, blank.count())));
            }
        }
        return left;
    }

    double weight() {
        return run.best().weight();
    }

    BoardPlan.Group group(Search search) {
        BigDecimal cost = boards.stream().map(board -> board.stock().price()).reduce(BigDecimal.ZERO, BigDecimal::add);
        // The bounds hold for all pieces together: where some are missing, little is known of the others.
        boolean whole = run.best().missing() == 0;
        return new BoardPlan.Group(wood, thickness, boards.size(), whole ? run.leastBoards() : 1, cost,
                whole ? leastCost(search) : BigDecimal.ZERO, run.isProved());
    }

    /** In money, rounded down: where it is not money that is to be least, of the least boards at the lowest price. */
    private BigDecimal leastCost(Search search) {
        return search.goal() == Goal.COST
                ? rounded(run.leastWeight())
                : task.offered().stream().map(board -> board.stock().price()).min(BigDecimal::compareTo)
                        .orElse(BigDecimal.ZERO).multiply(BigDecimal.valueOf(run.leastBoards()));
    }

    static BigDecimal rounded(double money) {
        return new BigDecimal(money + NOISE).setScale(2, RoundingMode.FLOOR);
    }
}
