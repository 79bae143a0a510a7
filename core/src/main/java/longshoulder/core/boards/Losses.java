package longshoulder.core.boards;

import longshoulder.core.measure.Length;

/**
 * What sawing takes in a shop.
 *
 * @param kerf of each crosscut and each rip
 * @param resawKerf of sawing apart in the thickness
 * @param ends lost at each end of a board
 */
public record Losses(Length kerf, Length resawKerf, Length ends) {

    /** A bench saw, a band saw, and ends that are split. */
    public static final Losses USUAL = new Losses(Length.ofMicrometres(3200), Length.ofMicrometres(1200),
            Length.ofMillimetres(25));
}
