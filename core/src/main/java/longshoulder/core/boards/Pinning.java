package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import longshoulder.core.measure.Length;

/** Boards on which the maker pinned parts, and what is left to plan freely. A pin that cannot be kept is left out. */
final class Pinning {

    private final List<Blank> blanks;
    private final List<Stock> stock;
    private final Map<Key, Board> boards = new LinkedHashMap<>();
    private final Set<String> placed = new HashSet<>();
    private final List<Pin.Refused> refused = new ArrayList<>();

    Pinning(List<Blank> blanks, List<Stock> stock, List<Pin> pins) {
        this.blanks = blanks;
        this.stock = stock;
        pins.forEach(pin -> add(pin).ifPresent(why -> refused.add(new Pin.Refused(pin, why))));
    }

    /** Which board of a row. */
    private record Key(String stock, int board) {}

    /** A board that is used, whatever else is planned. */
    record Board(Stock stock, List<Place> places) {
        Board {
            places = List.copyOf(places);
        }
    }

    /**
     * Where pinned parts lie one over the other; sizes in picometres.
     *
     * @param blank whose size they have
     * @param names from the lower face up
     */
    record Place(Blank blank, List<String> names, long x, long y) {

        Place {
            names = List.copyOf(names);
        }

        long length() {
            return blank.length().picometres();
        }

        long width() {
            return blank.width().picometres();
        }

        private boolean isAt(Place other) {
            return x == other.x && y == other.y && length() == other.length() && width() == other.width()
                    && blank.thickness().equals(other.blank.thickness());
        }

        private boolean meets(long fromX, long fromY, long otherLength, long otherWidth) {
            return x < fromX + otherLength && fromX < x + length() && y < fromY + otherWidth && fromY < y + width();
        }
    }

    List<Board> boards() {
        return List.copyOf(boards.values());
    }

    List<Pin.Refused> refused() {
        return refused;
    }

    /** What is to be planned beside the pinned parts. */
    List<Blank> left() {
        List<Blank> left = new ArrayList<>();
        for (Blank blank : blanks) {
            List<String> names = blank.names().stream().filter(name -> !placed.contains(name)).toList();
            if (!names.isEmpty()) {
                left.add(names.size() == blank.count() ? blank : blank.of(names));
            }
        }
        return left;
    }

    /** The stock without the boards on which something is pinned. */
    List<Stock> stockLeft() {
        return stock.stream().map(row -> row.counted(row.count().map(count -> count - (int) boards.keySet().stream()
                .filter(key -> key.stock.equals(row.id())).count()))).toList();
    }

    /** @return why the pin cannot be kept */
    private Optional<Pin.Why> add(Pin pin) {
        Optional<Blank> blank = blanks.stream().filter(one -> one.names().contains(pin.name())).findFirst();
        Optional<Stock> row = stock.stream().filter(one -> one.id().equals(pin.stock())).findFirst();
        if (blank.isEmpty() || placed.contains(pin.name())) {
            return Optional.of(Pin.Why.NO_PIECE);
        }
        Key key = new Key(pin.stock(), pin.board());
        if (row.isEmpty() || !boards.containsKey(key) && row.get().count().orElse(Integer.MAX_VALUE) <= boards.keySet()
                .stream().filter(other -> other.stock.equals(pin.stock())).count()) {
            return Optional.of(Pin.Why.NO_BOARD);
        }
        Board board = boards.getOrDefault(key, new Board(row.get().counted(row.get().count().map(count -> 1)),
                List.of()));
        Place place = new Place(blank.get(), List.of(pin.name()), pin.x().picometres(), pin.y().picometres());
        Optional<Pin.Why> why = whyNot(board.stock, place);
        if (why.isPresent()) {
            return why;
        }
        List<Place> places = with(board, place);
        if (places.isEmpty()) {
            return Optional.of(Pin.Why.TAKEN);
        }
        if (Task.Offered.zone(board.stock, places).isEmpty()) {
            return Optional.of(Pin.Why.NO_CUTS);
        }
        boards.put(key, new Board(board.stock, places));
        placed.add(pin.name());
        return Optional.empty();
    }

    private static Optional<Pin.Why> whyNot(Stock board, Place place) {
        Length first = board.first();
        if (!board.wood().equalsIgnoreCase(place.blank.wood())
                || place.blank.thickness().isGreaterThan(board.thickness())) {
            return Optional.of(Pin.Why.OTHER_BOARD);
        }
        if (place.x < first.picometres() || place.y < board.lower().picometres()
                || place.x + place.length() > first.plus(board.usableLength()).picometres()
                || place.y + place.width() > board.width().picometres()) {
            return Optional.of(Pin.Why.BEYOND);
        }
        return board.bad().stream().anyMatch(spot -> place.meets(spot.x().picometres(), spot.y().picometres(),
                spot.length().picometres(), spot.width().picometres()))
                        ? Optional.of(Pin.Why.BAD_SPOT)
                        : Optional.empty();
    }

    /** The places of a board with one more, or with one more part at a place that is thick enough; none where another is in the way. */
    private static List<Place> with(Board board, Place place) {
        List<Place> places = new ArrayList<>(board.places);
        for (int i = 0; i < places.size(); i++) {
            Place other = places.get(i);
            if (other.isAt(place) && other.names.size() < board.stock.layers(place.blank.thickness())) {
                List<String> names = new ArrayList<>(other.names);
                names.addAll(place.names);
                places.set(i, new Place(other.blank, names, other.x, other.y));
                return places;
            }
        }
        if (places.stream().anyMatch(other -> other.meets(place.x, place.y, place.length(), place.width()))) {
            return List.of();
        }
        places.add(place);
        return places;
    }
}
