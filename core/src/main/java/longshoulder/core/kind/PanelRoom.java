package longshoulder.core.kind;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** The room across the grain in which a panel moves: as given, else enough for the width that it fills. */
final class PanelRoom {

    static final String NAME = "panel.room";

    /** So much of its width a flat-sawn panel of a wood that moves much swells and shrinks over the years, rounded up: 9 in 500. */
    private static final int SHARE = 9;
    private static final int OF = 500;

    private final Optional<Amount> given;
    private final Length least;
    private final Optional<Length> step;

    private PanelRoom(Optional<Amount> given, Length least, Optional<Length> step) {
        this.given = given;
        this.least = least;
        this.step = step;
    }

    /** As a brief says, or by the rule. */
    static PanelRoom of(Brief brief) {
        return new PanelRoom(brief.measure(NAME), brief.isInInches() ? Length.ofInches(5, 16) : Length.ofMillimetres(6),
                brief.measure(Brief.STEP).map(Amount::value).filter(Length::isPositive));
    }

    /** The same whatever is filled, as for glass. */
    static PanelRoom of(Amount given) {
        return new PanelRoom(Optional.of(given), Length.ZERO, Optional.empty());
    }

    /** For an opening of a width. */
    Amount across(Amount opening) {
        return given.orElseGet(() -> byRule(opening));
    }

    private Amount byRule(Amount opening) {
        Label label = Label.of("amount.panelRoom");
        Label rule = Label.of("rule.panelRoom");
        Amount wanted = new Amount.Greatest(label, List.of(new Amount.Ruled(label, least, rule),
                new Amount.Share(label, opening, SHARE, OF, rule)), rule);
        return step.<Amount>map(up -> new Amount.Nearest(label, wanted, List.of(raised(wanted.value(), up)),
                Label.of("rule.stepUp", up))).orElse(wanted);
    }

    private static Length raised(Length value, Length step) {
        Length near = value.toNearest(step);
        return near.isLessThan(value) ? near.plus(step) : near;
    }
}
