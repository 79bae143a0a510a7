package longshoulder.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * Entry from the other side: a length that follows from the brief is given, and one size of the brief is changed so that it comes out. It is
 * found by planning with other values of that size, each nearer than the one before.
 *
 * @param measured finds the length in a plan; empty where that plan has none
 * @param wanted what it is to be
 */
public record SolveFor(Function<Plan, Optional<Amount>> measured, Length wanted) {

    /** Near enough: a thousandth of a millimetre, which nobody measures; only angles and curves leave anything. */
    private static final Length NEAR = Length.ofMicrometres(1);
    private static final int MOST_TRIES = 40;

    /**
     * A size of the brief with which the length comes out.
     *
     * @param what that is wanted
     * @param wanted how long it is to be
     * @param before what the size was
     * @param after what it has to be
     */
    public record Solution(String parameter, Label what, Length wanted, Length before, Length after) {

        /** What changed, not yet in words. */
        public Label said() {
            return Label.of("solved", what, wanted, Label.of("parameter." + parameter), before, after);
        }

        public Edit.Give edit() {
            return new Edit.Give(parameter, new Value.Measured(after));
        }
    }

    /** The sizes that a maker gave and that the length hangs on: overall ones first. */
    public static List<Parameter.Measure> free(Project project, Amount length) {
        return length.parameters().stream()
                .flatMap(name -> Kinds.find(project.brief().kind()).flatMap(kind -> kind.parameter(name)).stream())
                .filter(Parameter.Measure.class::isInstance)
                .map(Parameter.Measure.class::cast)
                .sorted((one, other) -> Boolean.compare(other.isOverall(), one.isOverall()))
                .toList();
    }

    /**
     * Finds the size.
     *
     * @param plan as it is
     * @throws EditRefused if the size does not change the length, or would have to be beyond its bounds
     */
    public Solution by(Plan plan, Parameter.Measure size) {
        Amount now = measured.apply(plan).orElseThrow(() -> new EditRefused(Label.of("refused.solve.none")));
        Length before = plan.project().brief().required(size.name()).value();
        Length at = before;
        Length found = now.value();
        Length next = beside(size, at);
        for (int i = 0; i < MOST_TRIES && wanted.minus(found).abs().isGreaterThan(NEAR); i++) {
            Length there = measured(plan.project(), size, next)
                    .orElseThrow(() -> refused("refused.solve.bounds", now, size));
            double slope = ratio(there.minus(found), next.minus(at));
            if (slope == 0) {
                throw refused("refused.solve.free", now, size);
            }
            at = next;
            found = there;
            next = clamped(size, at.plus(new Length(Math.round(wanted.minus(found).picometres() / slope))));
            if (next.equals(at) && wanted.minus(found).abs().isGreaterThan(NEAR)) {
                throw refused("refused.solve.bounds", now, size);
            }
        }
        if (wanted.minus(found).abs().isGreaterThan(NEAR)) {
            throw refused("refused.solve.bounds", now, size);
        }
        return new Solution(size.name(), now.label(), wanted, before, at);
    }

    private static EditRefused refused(String key, Amount now, Parameter size) {
        return new EditRefused(Label.of(key, Label.of("parameter." + size.name()), now.label()));
    }

    private Optional<Length> measured(Project project, Parameter.Measure size, Length value) {
        Plan tried = Planner.plan(new Edit.Give(size.name(), new Value.Measured(value)).applyTo(project));
        return measured.apply(tried).map(Amount::value);
    }

    private static double ratio(Length over, Length under) {
        return (double) over.picometres() / under.picometres();
    }

    /** A millimetre more, or less where there is no more. */
    private static Length beside(Parameter.Measure size, Length at) {
        Length more = at.plus(Length.ofMillimetres(1));
        return more.isGreaterThan(size.greatest()) ? at.minus(Length.ofMillimetres(1)) : more;
    }

    private static Length clamped(Parameter.Measure size, Length value) {
        return Length.least(size.greatest(), Length.greatest(size.least(), value));
    }
}
