package longshoulder.core.joint;

import java.util.List;
import java.util.Locale;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A part that a joint needs besides its two pieces, and that somebody has to make or buy.
 *
 * @param count how many of them the joint takes
 * @param length along the grain
 */
public record LoosePart(Kind kind, int count, Amount length, Amount width, Amount thickness) {

    /** What it is. */
    public enum Kind {
        LOOSE_TENON, TUSK, WEDGE, PEG, TONGUE, BOLT;

        /** What files and the words bundle call it. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** Whether it is bought ready. */
        public boolean isBought() {
            return this == BOLT;
        }
    }

    /** A size that is read off the exact solid. */
    static Amount measured(String key, double millimetres, Amount of) {
        return new Amount.Traced(Label.of(key), Length.fromMillimetres(millimetres), List.of(of),
                Label.of("rule.loosePart"));
    }

    /** A size less so much. */
    static Amount less(String key, Amount size, Length less) {
        return Amount.sum(Label.of(key)).plus(size)
                .minus(new Amount.Ruled(Label.of("amount.play"), less, Label.of("rule.wedgeNarrower"))).amount();
    }

    static Amount more(String key, Amount size, Length more) {
        return Amount.sum(Label.of(key)).plus(size)
                .plus(new Amount.Ruled(Label.of("amount.waste"), more, Label.of("rule.trimmedLater"))).amount();
    }
}
