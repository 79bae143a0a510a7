package longshoulder.desktop.document;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Supplier;
import longshoulder.core.plan.Plan;

/**
 * Something that a part of the window shows of every plan. It is made in the background, before the plan is shown, as things are set
 * then; where they are set otherwise by the time it is shown, it is made anew.
 *
 * @param <S> how things are set: what is lit, how much room there is; equal where the same comes of it
 * @param <T> what is made
 */
public final class BackgroundDerivation<S, T> {

    /** Makes it of a plan; on any thread, so it touches nothing of the window. */
    public interface Derivation<S, T> {

        /**
         * Makes it.
         *
         * @param before what was made of the same plan for another setting; empty if nothing was
         */
        T make(Plan plan, S setting, Optional<T> before);
    }

    private final Workbench bench;
    private final Derivation<S, T> maker;
    private volatile S setting;
    private Optional<Made<S, T>> made = Optional.empty();

    private record Made<S, T>(Plan plan, S setting, T thing) {

        @SuppressWarnings("ReferenceEquality") // a plan that is merely equal is not worth the comparison
        boolean isOf(Plan other) {
            return plan == other;
        }
    }

    /**
     * Something is made of every plan from now on.
     *
     * @param first how things are set until {@link #with} is first asked
     */
    public BackgroundDerivation(Workbench bench, S first, Derivation<S, T> maker) {
        this(bench, first, maker, () -> true);
    }

    /**
     * Something is made of every plan while it is shown.
     *
     * @param shown whether anybody looks at it; asked on any thread
     */
    public BackgroundDerivation(Workbench bench, S first, Derivation<S, T> maker, BooleanSupplier shown) {
        this.bench = bench;
        this.maker = maker;
        this.setting = first;
        bench.prepare(plan -> {
            if (!shown.getAsBoolean()) {
                return () -> {};
            }
            Made<S, T> next = made(plan, setting, Optional.empty());
            return () -> made = Optional.of(next);
        });
    }

    /** Something that follows from the plan alone, however the window is set. */
    public static <T> Supplier<T> of(Workbench bench, Function<Plan, T> maker) {
        BackgroundDerivation<Boolean, T> prepared = new BackgroundDerivation<>(bench, true,
                (plan, always, before) -> maker.apply(plan));
        return () -> prepared.with(true);
    }

    /** What is made of the plan that is shown. */
    public T with(S now) {
        setting = now;
        Optional<Made<S, T>> ofPlan = made.filter(known -> known.isOf(bench.plan()));
        Made<S, T> right = ofPlan.filter(known -> known.setting.equals(now))
                .orElseGet(() -> made(bench.plan(), now, ofPlan.map(Made::thing)));
        made = Optional.of(right);
        return right.thing;
    }

    private Made<S, T> made(Plan plan, S as, Optional<T> before) {
        return new Made<>(plan, as, maker.make(plan, as, before));
    }
}
