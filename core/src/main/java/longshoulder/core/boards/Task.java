package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Pieces of one wood that are sawn from boards of one thickness. Sizes are in picometres. */
record Task(List<Wanted> wanted, List<Offered> offered) {

    Task {
        wanted = List.copyOf(wanted);
        offered = List.copyOf(offered);
    }

    /**
     * A rough size, as often as it is wanted.
     *
     * @param layers how many are sawn apart from one place
     * @param places how many places it takes
     */
    record Wanted(Blank blank, int layers, int places) {

        static Wanted of(Blank blank, Stock stock) {
            int layers = stock.layers(blank.thickness());
            return new Wanted(blank, layers, Math.ceilDiv(blank.count(), layers));
        }

        long length() {
            return blank.length().picometres();
        }

        long width() {
            return blank.width().picometres();
        }
    }

    /**
     * Boards of one size.
     *
     * @param count how many there are at most; as many as there are pieces where any number can be bought
     * @param weight what one of them adds to what the plan is to have little of
     * @param pinned places that are taken; a board that has any is used in every solution
     */
    record Offered(Stock stock, int count, double weight, List<Pinning.Place> pinned, Zone zone) {

        Offered(Stock stock, int count, double weight) {
            this(stock, count, weight, List.of());
        }

        Offered(Stock stock, int count, double weight, List<Pinning.Place> pinned) {
            this(stock, count, weight, List.copyOf(pinned), zone(stock, pinned).orElseThrow());
        }

        /** How cuts from edge to edge part a board; with no pinned parts there is always a way. */
        static Optional<Zone> zone(Stock stock, List<Pinning.Place> pinned) {
            long first = stock.first().picometres();
            long lower = stock.lower().picometres();
            List<Zone.Obstacle> obstacles = new ArrayList<>();
            stock.bad().forEach(spot -> obstacles.add(new Zone.Obstacle(spot.x().picometres() - first,
                    spot.y().picometres() - lower, spot.length().picometres(), spot.width().picometres(), -1)));
            pinned.forEach(
                    place -> obstacles.add(new Zone.Obstacle(place.x() - first, place.y() - lower, place.length(),
                            place.width(), pinned.indexOf(place))));
            return Zone.of(stock.usableLength().picometres(), stock.usableWidth().picometres(),
                    stock.kerf().picometres(),
                    obstacles);
        }

        /** Whether something is pinned on it. */
        boolean isPinned() {
            return !pinned.isEmpty();
        }

        /** Whether it has no bad spot. */
        boolean isWholeClear() {
            return zone instanceof Zone.Clear;
        }

        long length() {
            return stock.usableLength().picometres();
        }

        long width() {
            return stock.usableWidth().picometres();
        }

        long kerf() {
            return stock.kerf().picometres();
        }

        boolean holds(long pieceLength, long pieceWidth) {
            return pieceLength <= length() && pieceWidth <= width();
        }
    }

    /** How many places each of the sizes takes. */
    int[] places() {
        return wanted.stream().mapToInt(Wanted::places).toArray();
    }

    int allPlaces() {
        return wanted.stream().mapToInt(Wanted::places).sum();
    }

    /** Whether no board has a bad spot, and no two pieces lie side by side in any: then only lengths matter. */
    boolean isOfLengthsOnly() {
        long narrowest = Long.MAX_VALUE;
        long next = Long.MAX_VALUE;
        for (Wanted one : wanted) {
            long second = one.places() > 1 ? one.width() : Long.MAX_VALUE;
            next = Math.min(next, Math.min(second, Math.max(narrowest, one.width())));
            narrowest = Math.min(narrowest, one.width());
        }
        long both = next == Long.MAX_VALUE ? Long.MAX_VALUE : narrowest + next;
        return offered.stream().allMatch(board -> board.isWholeClear() && both > board.width() - board.kerf());
    }
}
