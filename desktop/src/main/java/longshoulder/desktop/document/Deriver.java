package longshoulder.desktop.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import longshoulder.core.plan.Plan;
import longshoulder.core.tasks.Tasks;

/**
 * Derives plans, and what is drawn of them, in the background. Only the newest request counts: an older one that is not done
 * yet is neither begun nor shown.
 */
final class Deriver {

    private final LongWork work;
    private final AtomicLong requested = new AtomicLong();
    private final List<Function<Plan, Runnable>> preparations = new ArrayList<>();

    /** A plan, and actions that publish what was prepared for it. */
    private record Made(Plan plan, List<Runnable> publications) {}

    Deriver(LongWork work) {
        this.work = work;
    }

    /** From now on this too is prepared for every plan. */
    void prepare(Function<Plan, Runnable> preparation) {
        preparations.add(preparation);
    }

    /**
     * Derives a plan.
     *
     * @param plan touches nothing of the window
     * @param waiting says that it takes a while; not run where it does not
     * @param show shows the plan, after what was prepared for it was published; not run if a newer plan was requested
     */
    void derive(Supplier<Plan> plan, Runnable waiting, Consumer<Plan> show) {
        long mine = requested.incrementAndGet();
        List<Function<Plan, Runnable>> now = List.copyOf(preparations);
        work.run(() -> isNewest(mine) ? Optional.of(make(plan.get(), now)) : Optional.<Made>empty(), () -> {
            if (isNewest(mine)) {
                waiting.run();
            }
        }, made -> made.filter(done -> isNewest(mine)).ifPresent(done -> {
            done.publications.forEach(Runnable::run);
            show.accept(done.plan);
        }));
    }

    private boolean isNewest(long request) {
        return requested.get() == request;
    }

    /** The processors share the preparations. */
    private static Made make(Plan plan, List<Function<Plan, Runnable>> preparations) {
        return new Made(plan, Tasks.each(preparations, preparation -> preparation.apply(plan)));
    }
}
