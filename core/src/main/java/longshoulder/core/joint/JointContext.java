package longshoulder.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * What a joint is made from: its meeting, and what the maker chose for it or for the whole project.
 *
 * @param kind the type chosen for the meeting; found once, since every figure asks for it
 */
record JointContext(DesignChoices choices, Meeting meeting, JointKind kind) {

    /** A size is rounded to a step only if it is at least so many of them. */
    private static final int STEPS = 4;

    /** Of the type that was chosen; the stopped tenon where none was. Panels and crossings leave no choice. */
    JointContext(DesignChoices choices, Meeting meeting) {
        this(choices, meeting, kind(choices.brief(), meeting));
    }

    private static JointKind kind(Brief brief, Meeting meeting) {
        if (!meeting.part().isEnd() || meeting.tenonPiece().role().isPanel()) {
            return meeting.part() == Meeting.Part.MIDDLE
                    ? JointKind.CROSS_LAP
                    : meeting.tenonPiece().role().isPanel() ? JointKind.GROOVE : JointKind.EDGE_JOINT;
        }
        JointKind chosen = brief.choice(Address.of(meeting.id(), JointKind.CHOICE)).flatMap(JointKind::find)
                .filter(JointKind::isForEnds).orElse(JointKind.STOPPED_TENON);
        return chosen == JointKind.STOPPED_TENON && isLoose(brief, meeting) ? JointKind.LOOSE_TENON : chosen;
    }

    /** One of the three rules where a shoulder leans: a loose tenon, so that both mortises stay square. */
    private static boolean isLoose(Brief brief, Meeting meeting) {
        return !meeting.isSquare() && brief.choice(meeting.id(), JointKind.STOPPED_TENON, "tenon.line")
                .equals(Optional.of("loose"));
    }

    /** The length given for this joint, else for its type, else for the whole project. */
    Optional<Amount> given(String parameter) {
        for (String name : Address.all(meeting.id(), kind(), parameter)) {
            Optional<Amount> given = brief().measure(name);
            if (given.isPresent()) {
                return given;
            }
        }
        return Optional.empty();
    }

    /** What was measured on this joint's own work, or on a test cut for all of its type; it stands in the place of the plan. */
    Optional<Amount> milled(String what) {
        return Stream.of(meeting.id(), kind().id()).flatMap(id -> choices.milled(id, what).stream())
                .map(real -> (Amount) new Amount.Cut(Label.of("amount.milled." + what), real,
                        given("tongue.length").orElseGet(
                                () -> ruled("amount.tongueLength",
                                        rule(Length.ofMillimetres(10), Length.ofInches(3, 8)), "rule.tongue"))))
                .findFirst();
    }

    Amount givenOr(String parameter, Supplier<Amount> rule) {
        return given(parameter).orElseGet(rule);
    }

    /** The option chosen for this joint, else for its type, else for the whole project, or the usual one. */
    String choice(String parameter, String usual) {
        return brief().choice(meeting.id(), kind(), parameter).orElse(usual);
    }

    private Brief brief() {
        return choices.brief();
    }

    /** A size that a rule chooses, rounded to the maker's step, so that what is shown adds up. */
    Amount snapped(Amount wanted) {
        return onStep(wanted, "rule.step", wanted.value()::toNearest);
    }

    /** The same for a size that has no more room. */
    Amount snappedDown(Amount wanted) {
        return onStep(wanted, "rule.stepDown", step -> {
            Length near = wanted.value().toNearest(step);
            return near.isGreaterThan(wanted.value()) ? near.minus(step) : near;
        });
    }

    /** Only a step that is small beside the size: rounded to a coarse one, two tenons might be wider than what they share. */
    private Amount onStep(Amount wanted, String rule, UnaryOperator<Length> rounding) {
        Optional<Length> step = brief().measure(Brief.STEP).map(Amount::value).filter(Length::isPositive)
                .filter(any -> !wanted.value().isLessThan(any.times(STEPS)));
        Optional<Length> rounded = step.map(rounding).filter(value -> !value.equals(wanted.value()));
        return rounded.isPresent()
                ? new Amount.Nearest(wanted.label(), wanted, List.of(rounded.get()),
                        Label.of(rule, step.get()))
                : wanted;
    }

    /** A length of a rule: a round one in millimetres, another in inches. */
    Length rule(Length metric, Length inches) {
        return brief().isInInches() ? inches : metric;
    }

    /** A share of an amount, such as a third of the post. */
    static Amount share(String label, Amount of, int numerator, int denominator, String rule) {
        return new Amount.Share(Label.of(label), of, numerator, denominator, Label.of(rule));
    }

    static Amount ruled(String label, Length value, String rule) {
        return new Amount.Ruled(Label.of(label), value, Label.of(rule));
    }
}
