package longshoulder.core.boards;

import longshoulder.core.measure.Length;

/**
 * What sawing takes in a shop.
 *
 * @param kerf of each crosscut and each rip
 * @param resawKerf of sawing apart in the thickness
 * @param ends lost at each end of a board
 * @param edge lost at the lower edge of a board until it is straight and square
 */
public record Losses(Length kerf, Length resawKerf, Length ends, Length edge) {

    public Losses {
        if (kerf.isNegative() || resawKerf.isNegative() || ends.isNegative() || edge.isNegative()) {
            throw new IllegalArgumentException("What sawing takes must not be negative.");
        }
    }

    /** A bench saw, a band saw, and ends that are split; edges are straight. */
    public static final Losses USUAL = new Losses(Length.ofMicrometres(3200), Length.ofMicrometres(1200),
            Length.ofMillimetres(25), Length.ZERO);
}
