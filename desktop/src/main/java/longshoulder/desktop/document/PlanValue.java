package longshoulder.desktop.document;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import longshoulder.core.plan.Plan;

/**
 * Something that a part of the window shows of every plan. It is made in the background with the plan, so that all parts show the same
 * plan at the same time, and made anew in the background where the part is set otherwise. While one is being made, what was shown
 * before stays; of several changes meanwhile, as when a drawing is turned, the last one is made next.
 *
 * @param <S> how the part is set: what is lit, how much room there is; equal where the same comes of it
 * @param <T> what is made
 */
public final class PlanValue<S, T> {

    /** Makes it of a plan; on any thread, so it touches nothing of the window. */
    @FunctionalInterface
    public interface Maker<S, T> {

        /**
         * Makes it.
         *
         * @param before what was made of the same plan for another setting; empty if nothing was
         */
        T make(Plan plan, S setting, Optional<T> before);
    }

    private record Wanted<S>(Plan plan, S setting) {

        @SuppressWarnings("ReferenceEquality") // a plan that is merely equal is not worth the comparison
        boolean isOf(Plan other) {
            return plan == other;
        }

        boolean is(Wanted<S> other) {
            return isOf(other.plan) && setting.equals(other.setting);
        }
    }

    private record Made<S, T>(Wanted<S> of, T thing) {}

    private final Workbench bench;
    private final Supplier<Optional<S>> now;
    private final Maker<S, T> maker;
    private final Consumer<T> show;
    private final BackgroundValue<Wanted<S>, Made<S, T>> value;
    /** How the part was set when it was last brought up to date. */
    private volatile Optional<S> setting = Optional.empty();
    private volatile Optional<Made<S, T>> made = Optional.empty();

    /**
     * Something is made of every plan from now on. Nothing is shown before it is first brought up to date.
     *
     * @param now how the part is set; empty while nobody sees it, when nothing is made
     * @param show shows what was made, on the interface's thread
     */
    public PlanValue(Workbench bench, Supplier<Optional<S>> now, Maker<S, T> maker, Consumer<T> show) {
        this.bench = bench;
        this.now = now;
        this.maker = maker;
        this.show = show;
        value = bench.background().value((wanted, progress) -> make(wanted, thingOf(wanted.plan)));
        value.valueProperty().addListener((observed, was, is) -> is.ifPresent(this::take));
        bench.prepare(this::prepare);
        bench.planProperty().addListener((observed, was, is) -> refresh());
    }

    /** Something that follows from the plan alone, however the window is set. */
    public static <T> PlanValue<Boolean, T> of(Workbench bench, Function<Plan, T> maker, Consumer<T> show) {
        return new PlanValue<>(bench, () -> Optional.of(true), (plan, always, before) -> maker.apply(plan), show);
    }

    /** Shows what was made of the plan that is shown, for how the part is set now; as soon as it is made, if it has to be made first. */
    public void refresh() {
        setting = now.get();
        setting.map(as -> new Wanted<>(bench.plan(), as)).ifPresentOrElse(this::refresh, value::drop);
    }

    /**
     * The same, and waits for it: for the first time, when nothing is shown yet that could stay meanwhile.
     */
    public void begin() {
        setting = now.get();
        setting.ifPresent(as -> made = Optional.of(make(new Wanted<>(bench.plan(), as), Optional.empty())));
        refresh();
    }

    private void refresh(Wanted<S> wanted) {
        Optional<Made<S, T>> known = made.filter(one -> one.of.is(wanted));
        if (known.isPresent()) {
            value.drop();
            show.accept(known.get().thing);
        } else if (!value.isUnderWay()) {
            value.want(wanted);
        }
    }

    private void take(Made<S, T> next) {
        made = Optional.of(next);
        if (next.of.isOf(bench.plan())) {
            show.accept(next.thing);
        }
        if (!now.get().equals(Optional.of(next.of.setting))) {
            refresh();
        }
    }

    private Runnable prepare(Plan plan) {
        Optional<Made<S, T>> next = setting.map(as -> make(new Wanted<>(plan, as), Optional.empty()));
        return () -> next.ifPresent(one -> {
            value.drop();
            made = next;
        });
    }

    private Made<S, T> make(Wanted<S> wanted, Optional<T> before) {
        return new Made<>(wanted, maker.make(wanted.plan, wanted.setting, before));
    }

    private Optional<T> thingOf(Plan plan) {
        return made.filter(one -> one.of.isOf(plan)).map(Made::thing);
    }
}
