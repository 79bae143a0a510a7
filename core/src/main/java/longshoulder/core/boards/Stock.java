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
 * @param kerf what each crosscut and each rip costs
 * @param resawKerf what sawing apart in the thickness costs
 * @param ends lost at each end
 * @param bad what no piece may hold
 */
public record Stock(String id, String wood, Length length, Length width, Length thickness, Optional<Integer> count,
        BigDecimal price, Length kerf, Length resawKerf, Length ends, List<BadSpot> bad) {

    public Stock {
        bad = List.copyOf(bad);
        if (!length.isPositive() || !width.isPositive() || !thickness.isPositive() || price.signum() < 0
                || kerf.isNegative() || resawKerf.isNegative() || ends.isNegative()) {
            throw new IllegalArgumentException(
                    "The sizes of (%s) must be positive, price, kerfs and ends not negative.".formatted(id));
        }
    }

    /** The same where sawing apart takes so much. */
    public Stock withResawKerf(Length other) {
        return new Stock(id, wood, length, width, thickness, count, price, kerf, other, ends, bad);
    }

    /** The same, but so many of them. */
    public Stock counted(Optional<Integer> other) {
        return new Stock(id, wood, length, width, thickness, other, price, kerf, resawKerf, ends, bad);
    }

    /** Where the first piece can begin: the first end is cut off only where something of it is lost, and that cut costs its kerf. */
    Length first() {
        return ends.isPositive() ? Length.greatest(ends, kerf) : Length.ZERO;
    }

    /** Between what is lost at both ends. */
    public Length usableLength() {
        return length.minus(first()).minus(ends);
    }

    /** How many pieces of a thickness lie one over the other in it. */
    int layers(Length piece) {
        return piece.isGreaterThan(thickness)
                ? 0
                : (int) ((thickness.picometres() + resawKerf.picometres())
                        / (piece.picometres() + resawKerf.picometres()));
    }

    /** Whether a piece can be sawn from it at all. */
    boolean holds(Blank piece) {
        return wood.equalsIgnoreCase(piece.wood()) && !piece.thickness().isGreaterThan(thickness)
                && !piece.length().isGreaterThan(usableLength()) && !piece.width().isGreaterThan(width);
    }
}
