package longshoulder.desktop.wood;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import javafx.beans.property.ReadOnlyDoubleProperty;
import longshoulder.core.boards.Blank;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.BoardPlanner;
import longshoulder.core.boards.Goal;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.Search;
import longshoulder.core.boards.Stock;
import longshoulder.core.supply.Supply;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.document.Workbench;

/** Looks for the best board plan of the design in the background, while the stage is shown; better ones are shown as they come. */
final class BoardSearch {

    private static final long LONGEST = TimeUnit.SECONDS.toNanos(5);
    private static final long BETWEEN_REPORTS = TimeUnit.MILLISECONDS.toNanos(100);

    private final Runnable changed;
    private final PlanValue<Boolean, Supply> supplies;
    private final BackgroundValue<Wanted, BoardPlan> plans;
    private final AtomicBoolean stopped = new AtomicBoolean();
    private Optional<Supply> supply = Optional.empty();
    private Optional<BoardPlan> last = Optional.empty();
    private Goal goal = Goal.COST;
    private boolean shown;

    private record Wanted(List<Blank> blanks, List<Stock> stock, List<Pin> pins, Goal goal) {}

    /** @param changed is run when there is another plan, or it is known to be the best that is found */
    BoardSearch(Workbench bench, Runnable changed) {
        this.changed = changed;
        supplies = new PlanValue<>(bench, () -> Optional.of(shown).filter(visible -> visible),
                (plan, always, before) -> Supply.of(List.of(plan)), this::take);
        plans = bench.background().value(this::search);
        plans.valueProperty().addListener((observed, was, is) -> is.ifPresent(better -> {
            last = is;
            changed.run();
        }));
    }

    /** While hidden nothing is looked for. */
    void show(boolean visible) {
        shown = visible;
        supplies.refresh();
        if (!visible) {
            plans.drop();
        }
    }

    void aimFor(Goal other) {
        goal = other;
        supply.ifPresent(this::take);
    }

    Goal goal() {
        return goal;
    }

    /** Ends the search with the best plan so far. */
    void stop() {
        stopped.set(true);
    }

    boolean isUnderWay() {
        return plans.isUnderWay();
    }

    ReadOnlyDoubleProperty progressProperty() {
        return plans.progressProperty();
    }

    Optional<Supply> supply() {
        return supply;
    }

    /** The best so far; of the design as it was, while nothing is found for the new one. */
    Optional<BoardPlan> plan() {
        return last;
    }

    private void take(Supply next) {
        supply = Optional.of(next);
        stopped.set(false);
        plans.want(new Wanted(next.blanks(), next.stock(), next.pins(), goal));
        changed.run();
    }

    private BoardPlan search(Wanted wanted, BackgroundValue.Progress<BoardPlan> progress) {
        return BoardPlanner.plan(wanted.blanks, wanted.stock, wanted.pins,
                Search.usual(wanted.goal, until(progress)), progress::soFar);
    }

    private BooleanSupplier until(BackgroundValue.Progress<BoardPlan> progress) {
        long begin = System.nanoTime();
        long[] next = {begin + BETWEEN_REPORTS};
        return () -> {
            long now = System.nanoTime();
            if (now - next[0] > 0) {
                next[0] = now + BETWEEN_REPORTS;
                progress.at(Math.min(1, (now - begin) / (double) LONGEST));
            }
            return stopped.get() || now - begin > LONGEST;
        };
    }
}
