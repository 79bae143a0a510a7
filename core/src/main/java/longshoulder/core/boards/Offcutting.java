package longshoulder.core.boards;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.measure.Length;

/** Saws thin pieces from what is left of thicker boards, where that saves boards of their own. */
final class Offcutting {

    private final Search search;
    private final List<Batch> batches;

    /** @param batches of one wood, the thinnest boards first */
    Offcutting(List<Batch> batches, Search search) {
        this.search = search;
        this.batches = new ArrayList<>(batches);
        // Thicker ones first: boards on which thinner pieces lie are not planned anew.
        for (int thin = batches.size() - 2; thin >= 0 && !search.stopped().getAsBoolean(); thin--) {
            save(thin);
        }
    }

    List<Batch> batches() {
        return batches;
    }

    /**
     * An offcut of a thicker board.
     *
     * @param batch of the board, by its place in the list
     * @param board by its place in the batch
     */
    private record Offcut(int batch, int board, SawnBoard.Part part, Stock stock) {}

    private void save(int thin) {
        Batch batch = batches.get(thin);
        List<Offcut> offcuts = offcuts(batch, thin);
        if (offcuts.isEmpty() || batch.run().best().missing() > 0 || batch.boards().isEmpty()
                || batch.task().offered().stream().anyMatch(Task.Offered::isPinned)) {
            return;
        }
        Task task = new Task(batch.task().wanted(), Stream.concat(batch.task().offered().stream(),
                offcuts.stream().map(offcut -> new Task.Offered(offcut.stock, 1, 0))).toList());
        TaskSearch run = new TaskSearch(task, search.shortened());
        run.run();
        Solution best = run.best();
        if (best.missing() == 0 && best.weight() < batch.weight() - Batch.NOISE) {
            take(thin, task, best, offcuts);
        }
    }

    private List<Offcut> offcuts(Batch batch, int thin) {
        List<Offcut> offcuts = new ArrayList<>();
        for (int other = thin + 1; other < batches.size(); other++) {
            List<SawnBoard> boards = batches.get(other).boards();
            for (int board = 0; board < boards.size(); board++) {
                for (SawnBoard.Part part : sound(boards.get(board))) {
                    Stock stock = stock(boards.get(board), part, offcuts.size());
                    if (batch.task().wanted().stream().anyMatch(wanted -> stock.holds(wanted.blank()))) {
                        offcuts.add(new Offcut(other, board, part, stock));
                    }
                }
            }
        }
        return offcuts;
    }

    private static List<SawnBoard.Part> sound(SawnBoard board) {
        return board.offcuts().stream().filter(part -> board.soundLength(part).isPositive()).toList();
    }

    private static Stock stock(SawnBoard sawn, SawnBoard.Part part, int number) {
        Stock board = sawn.stock();
        return new Stock("offcut " + number, board.wood(), sawn.soundLength(part), part.width(), board.thickness(),
                Optional.of(1), BigDecimal.ZERO,
                new Losses(board.kerf(), board.resawKerf(), Length.ZERO, Length.ZERO), List.of());
    }

    private void take(int thin, Task task, Solution solution, List<Offcut> offcuts) {
        Batch batch = batches.get(thin);
        List<Batch> sawnOn = new ArrayList<>(batches);
        Map<String, Integer> sawn = new HashMap<>();
        for (Solution.Used used : solution.boards()) {
            offcuts.stream().filter(one -> one.stock.equals(used.board().stock())).findFirst().ifPresent(offcut -> {
                Batch thick = sawnOn.get(offcut.batch);
                List<SawnBoard> boards = new ArrayList<>(thick.boards());
                boards.set(offcut.board, Sawing.sawOn(boards.get(offcut.board), offcut.part, task, used, sawn));
                sawnOn.set(offcut.batch, thick.with(boards));
            });
        }
        // What is left is planned anew, so that its bounds are its own.
        Batch rest = Batch.of(batch.wood(), batch.thickness(), rest(batch, sawn), search);
        if (rest.run().best().missing() == 0 && rest.weight() < batch.weight() - Batch.NOISE) {
            sawnOn.set(thin, rest);
            batches.clear();
            batches.addAll(sawnOn);
        }
    }

    /** @param sawn how many of each size came from offcuts */
    private static Task rest(Batch batch, Map<String, Integer> sawn) {
        Stock first = batch.task().offered().getFirst().stock();
        return new Task(batch.task().wanted().stream().map(Task.Wanted::blank)
                .filter(blank -> sawn.getOrDefault(blank.id(), 0) < blank.count())
                .map(blank -> blank.of(blank.names().subList(sawn.getOrDefault(blank.id(), 0), blank.count())))
                .map(blank -> Task.Wanted.of(blank, first)).toList(), batch.task().offered());
    }
}
