package longshoulder.core.boards;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.measure.Length;

/** Places on a board where a part lies without waste: at its usable edges, and a kerf from the other parts or in line with them. */
public final class Snapping {

    private final SawnBoard board;
    private final SawnBoard.Part part;

    /**
     * Places for a part.
     *
     * @param board on which the part is laid; it need not come from there
     */
    public Snapping(SawnBoard board, SawnBoard.Part part) {
        this.board = board;
        this.part = part;
    }

    private Stream<SawnBoard.Part> others() {
        return board.pieces().stream().filter(other -> !(other.x().equals(part.x()) && other.y().equals(part.y())
                && other.piece().equals(part.piece())));
    }

    /** Along the grain, from the board's first end. */
    private Stream<Length> alongs() {
        Stock stock = board.stock();
        Stream<Length> edges = Stream.of(stock.first(),
                stock.first().plus(stock.usableLength()).minus(part.length()));
        return Stream.concat(edges, others().flatMap(other -> Stream.of(other.x(),
                other.x().plus(other.length()).plus(stock.kerf()),
                other.x().minus(stock.kerf()).minus(part.length()),
                other.x().plus(other.length()).minus(part.length()))))
                .filter(x -> !x.isLessThan(stock.first()));
    }

    /** Across it, from the lower edge. */
    private Stream<Length> acrosses() {
        Stock stock = board.stock();
        Stream<Length> edges = Stream.of(stock.lower(), stock.width().minus(part.width()));
        return Stream.concat(edges, others().flatMap(other -> Stream.of(other.y(),
                other.y().plus(other.width()).plus(stock.kerf()),
                other.y().minus(stock.kerf()).minus(part.width()))))
                .filter(y -> !y.isLessThan(stock.lower()));
    }

    /** The nearest place along the grain, or the place itself where none is near. */
    public Length along(Length x, Length within) {
        return nearest(alongs(), x, within);
    }

    /** The nearest place across it, or the place itself where none is near. */
    public Length across(Length y, Length within) {
        return nearest(acrosses(), y, within);
    }

    private static Length nearest(Stream<Length> places, Length to, Length within) {
        return places.min(Comparator.comparing(place -> place.minus(to).abs()))
                .filter(place -> !place.minus(to).abs().isGreaterThan(within)).orElse(to);
    }

    /** The next place along the grain from where the part lies; empty where there is none. */
    public Optional<Length> nextAlong(boolean onwards) {
        return next(alongs(), part.x(), onwards);
    }

    /** The next place across it. */
    public Optional<Length> nextAcross(boolean onwards) {
        return next(acrosses(), part.y(), onwards);
    }

    private static Optional<Length> next(Stream<Length> places, Length from, boolean onwards) {
        return onwards
                ? places.filter(place -> place.isGreaterThan(from)).min(Comparator.naturalOrder())
                : places.filter(place -> place.isLessThan(from)).max(Comparator.naturalOrder());
    }
}
