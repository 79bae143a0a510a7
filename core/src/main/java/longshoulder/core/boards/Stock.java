package longshoulder.core.boards;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import longshoulder.core.measure.Length;

/**
 * Boards of one size, at hand or to be bought.
 *
 * @param id of the row that offers them
 * @param length along the grain
 * @param count how many there are; empty where any number can be bought
 * @param price of one board, in the maker's money
 * @param losses what sawing it takes
 * @param bad what no piece may hold
 */
public record Stock(String id, String wood, Length length, Length width, Length thickness, Optional<Integer> count,
        BigDecimal price, Losses losses, List<BadSpot> bad) {

    public Stock {
        bad = List.copyOf(bad);
        if (!length.isPositive() || !width.isPositive() || !thickness.isPositive() || price.signum() < 0
                || !width.isGreaterThan(losses.edge())) {
            throw new IllegalArgumentException(
                    "The sizes of (%s) must be positive, its price not negative.".formatted(id));
        }
    }

    /** What each crosscut and each rip takes. */
    public Length kerf() {
        return losses.kerf();
    }

    /** What sawing apart in the thickness takes. */
    public Length resawKerf() {
        return losses.resawKerf();
    }

    /** Lost at each end. */
    public Length ends() {
        return losses.ends();
    }

    /** The same where sawing apart takes so much. */
    public Stock withResawKerf(Length other) {
        return new Stock(id, wood, length, width, thickness, count, price,
                new Losses(kerf(), other, ends(), losses.edge()), bad);
    }

    /** The same, but so many of them. */
    public Stock counted(Optional<Integer> other) {
        return new Stock(id, wood, length, width, thickness, other, price, losses, bad);
    }

    /** Where the first piece can begin: the first end is cut off only where something of it is lost, and that cut costs its kerf. */
    Length first() {
        return ends().isPositive() ? Length.greatest(ends(), kerf()) : Length.ZERO;
    }

    /** Where the first piece can begin across the board: the lower edge is ripped off only where something of it is lost. */
    Length lower() {
        return losses.edge().isPositive() ? Length.greatest(losses.edge(), kerf()) : Length.ZERO;
    }

    /** Between the straight lower edge and the upper one. */
    public Length usableWidth() {
        return width.minus(lower());
    }

    /** Between what is lost at both ends. */
    public Length usableLength() {
        return length.minus(first()).minus(ends());
    }

    /** How many pieces of a thickness lie one over the other in it. */
    int layers(Length piece) {
        return piece.isGreaterThan(thickness)
                ? 0
                : (int) ((thickness.picometres() + resawKerf().picometres())
                        / (piece.picometres() + resawKerf().picometres()));
    }

    /** Whether a piece can be sawn from it at all. */
    boolean holds(Blank piece) {
        return wood.equalsIgnoreCase(piece.wood()) && !piece.thickness().isGreaterThan(thickness)
                && !piece.length().isGreaterThan(usableLength()) && !piece.width().isGreaterThan(usableWidth());
    }
}
