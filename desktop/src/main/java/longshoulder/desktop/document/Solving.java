package longshoulder.desktop.document;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import longshoulder.core.brief.Parameter;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.SolveFor;
import longshoulder.core.project.EditRefused;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;

/**
 * Lengths that follow are given, and a size of the brief changes so that they come out. It is worked out in the background; what changed is said,
 * with the other sizes that could change instead.
 */
public final class Solving {

    /** @param number tells one from another without comparing plans */
    private record Wanted(int number, Plan plan, SolveFor length, Parameter.Measure size,
            List<Parameter.Measure> free) {}

    private record Outcome(Wanted of, Optional<SolveFor.Solution> solution, Optional<Label> refusal) {}

    private final Workbench bench;
    private final BackgroundValue<Wanted, Outcome> working;
    private final AtomicInteger count = new AtomicInteger();

    public Solving(Workbench bench) {
        this.bench = bench;
        working = bench.background().value((wanted, progress) -> solved(wanted));
        working.valueProperty().addListener((observed, was, is) -> is.ifPresent(this::take));
    }

    /**
     * Gives a length.
     *
     * @param free sizes that can follow, of which the first does; not empty
     */
    public void give(SolveFor length, List<Parameter.Measure> free) {
        give(length, free.getFirst(), free);
    }

    private void give(SolveFor length, Parameter.Measure size, List<Parameter.Measure> free) {
        working.want(new Wanted(count.incrementAndGet(), bench.plan(), length, size, free));
    }

    private static Outcome solved(Wanted wanted) {
        try {
            return new Outcome(wanted, Optional.of(wanted.length.by(wanted.plan, wanted.size)), Optional.empty());
        } catch (EditRefused refused) {
            return new Outcome(wanted, Optional.empty(), Optional.of(refused.reason()));
        }
    }

    @SuppressWarnings("ReferenceEquality") // a plan that was edited meanwhile is another one
    private void take(Outcome outcome) {
        if (outcome.of.plan != bench.plan()) {
            return;
        }
        Words words = bench.words();
        outcome.solution.ifPresent(solution -> {
            if (bench.edit(solution.edit())) {
                bench.notices().show(new Notice(words.sentence(solution.said()) + ".", choices(outcome.of, true)));
            }
        });
        outcome.refusal.ifPresent(reason -> bench.notices().show(
                new Notice(words.sentence(reason) + ".", choices(outcome.of, false))));
    }

    /**
     * Other sizes that could change.
     *
     * @param undoing whether what was changed has to be taken back first
     */
    private List<Notice.Choice> choices(Wanted wanted, boolean undoing) {
        return wanted.free.stream().filter(size -> !size.name().equals(wanted.size.name())).limit(3)
                .map(size -> new Notice.Choice(Texts.get("solve.instead").formatted(bench.words().meaning(size)),
                        () -> {
                            bench.notices().close();
                            if (undoing) {
                                bench.undo();
                            }
                            give(wanted.length, size, wanted.free);
                        }))
                .toList();
    }
}
