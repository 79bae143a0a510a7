package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A pot as it was measured: straight, or by its diameter at the foot, the belly and the rim; straight between them. Only what stands
 * between the legs counts.
 */
final class PotContour {

    /** A diameter at a height above the seat. */
    private record Station(Amount height, Amount diameter) {}

    private final Brief brief;
    private final Angle lean;
    private final Amount above;

    PotContour(Brief brief, Angle lean) {
        this.brief = brief;
        this.lean = lean;
        above = brief.required("leg.above");
    }

    private boolean isStraight() {
        return !brief.choice("pot.shape").equals(Optional.of("contour"));
    }

    /** From the belly up to the rim, which has to lie above it; nothing of a straight pot. */
    Optional<Amount> aboveBelly() {
        return isStraight()
                ? Optional.empty()
                : Optional.of(Amount.sum(Label.of("amount.potAboveBelly")).plus(brief.required("pot.height"))
                        .minus(brief.required("pot.belly-height")).amount());
    }

    /** The largest diameter between the legs. */
    Amount widest() {
        return isStraight()
                ? brief.required("pot.diameter")
                : new Amount.Greatest(Label.of("amount.potWidest"),
                        between().stream().map(Station::diameter).toList(), Label.of("rule.potWidest"));
    }

    /**
     * How far apart the legs have to be.
     *
     * @param atTops at their tops, between which the pot is let down; else at the seat, so that the pot fits where it stands
     */
    Amount room(boolean atTops) {
        if (atTops || isStraight()) {
            return Amount.sum(Label.of("amount.potClear")).plus(widest()).plus(2, brief.required("pot.clearance"))
                    .amount();
        }
        return new Amount.Greatest(Label.of("amount.potClear"), between().stream().map(this::atSeat).toList(),
                Label.of("rule.potContour"));
    }

    /** The legs lean in above the seat: by so much more they must stand apart there. */
    private Amount atSeat(Station station) {
        Amount run = new Amount.Scaled(Label.of("amount.legRun"), station.height, Math.tan(lean.radians()),
                Label.of("rule.legRun"));
        return Amount.sum(Label.of("amount.potClear")).plus(station.diameter)
                .plus(2, brief.required("pot.clearance")).plus(2, run).amount();
    }

    /** What of it stands between the legs, with where it passes their tops. */
    private List<Station> between() {
        List<Station> all = List.of(
                new Station(new Amount.Ruled(Label.of("amount.potFoot"), Length.ZERO, Label.of("rule.potFoot")),
                        brief.required("pot.foot")),
                new Station(brief.required("pot.belly-height"), brief.required("pot.belly")),
                new Station(brief.required("pot.height"), brief.required("pot.diameter")));
        List<Station> between = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Station station = all.get(i);
            if (!station.height.value().isGreaterThan(above.value())) {
                between.add(station);
            } else if (i > 0 && !all.get(i - 1).height.value().isGreaterThan(above.value())) {
                between.add(new Station(above, atTops(all.get(i - 1), station)));
            }
        }
        return between;
    }

    private Amount atTops(Station low, Station high) {
        double share = (mm(above) - mm(low.height)) / (mm(high.height) - mm(low.height));
        return new Amount.Traced(Label.of("amount.potAtTops"),
                Length.fromMillimetres(mm(low.diameter) + share * (mm(high.diameter) - mm(low.diameter))),
                List.of(low.diameter, high.diameter), Label.of("rule.potAtTops"));
    }
}
