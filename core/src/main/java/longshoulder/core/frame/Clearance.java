package longshoulder.core.frame;

import longshoulder.core.reckoning.Amount;

/**
 * What pieces must leave clear between them, such as an opening for a door: with nothing left of it the sizes contradict each other.
 *
 * @param beside the piece at which it ends
 * @param exact whether nothing left is enough, as where an object that was measured just fits
 */
public record Clearance(String beside, Amount amount, boolean exact) {

    /** Whether there is too little. */
    public boolean isMissing() {
        return exact ? amount.value().isNegative() : !amount.value().isPositive();
    }
}
