package longshoulder.desktop.document;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import longshoulder.core.plan.Plan;
import longshoulder.core.tasks.Tasks;

/** Derives plans, and what is drawn of them, in the background. */
final class Deriver {

    private final Background background;
    private final BackgroundValue<Request, Made> derived;
    private final List<Function<Plan, Runnable>> preparations = new CopyOnWriteArrayList<>();
    private final AtomicLong requests = new AtomicLong();

    private record Request(long number, Supplier<Plan> plan, Consumer<Plan> show) {}

    /** A plan, and actions that publish what was prepared for it. */
    private record Made(Request request, Plan plan, List<Runnable> publications) {}

    Deriver(Background background) {
        this.background = background;
        derived = background.value((request, progress) -> make(request));
        derived.valueProperty().addListener((observed, was, is) -> is.ifPresent(made -> {
            made.publications.forEach(Runnable::run);
            made.request.show.accept(made.plan);
        }));
    }

    /** From now on this too is prepared for every plan. */
    void prepare(Function<Plan, Runnable> preparation) {
        preparations.add(preparation);
    }

    /**
     * Derives a plan. Only the newest request counts: an older one that is not done yet is neither begun nor shown.
     *
     * @param plan touches nothing of the window
     * @param waiting says that it takes a while; not run where it does not
     * @param show shows the plan, after what was prepared for it was published; not run if a newer plan was requested
     */
    void derive(Supplier<Plan> plan, Runnable waiting, Consumer<Plan> show) {
        Request request = new Request(requests.incrementAndGet(), plan, show);
        derived.want(request);
        background.later().execute(() -> background.window().execute(() -> {
            if (request.number == requests.get() && derived.isUnderWay()) {
                waiting.run();
            }
        }));
    }

    /** The processors share the preparations. */
    private Made make(Request request) {
        Plan plan = request.plan.get();
        return new Made(request, plan, Tasks.each(preparations, preparation -> preparation.apply(plan)));
    }
}
