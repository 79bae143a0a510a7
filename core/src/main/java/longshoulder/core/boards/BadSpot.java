package longshoulder.core.boards;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.measure.Length;

/**
 * A rectangle of a board that no piece may hold.
 *
 * @param x along the grain, from the board's first end
 * @param y across it, from the lower edge
 */
public record BadSpot(Kind kind, Length x, Length y, Length length, Length width) {

    /** What is bad about it. */
    public enum Kind {
        KNOT, SPLIT, SAPWOOD, ROT, STAIN, WANE;

        /** Its name in files. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** The kind with a name. */
        public static Optional<Kind> find(String id) {
            return Stream.of(values()).filter(kind -> kind.id().equals(id)).findFirst();
        }
    }

    /** What of it lies in a part of the board, measured from that part's own corner; empty where nothing does. */
    public Optional<BadSpot> within(Length fromX, Length fromY, Length partLength, Length partWidth) {
        Length left = Length.greatest(x, fromX);
        Length low = Length.greatest(y, fromY);
        Length end = Length.least(x.plus(length), fromX.plus(partLength));
        Length high = Length.least(y.plus(width), fromY.plus(partWidth));
        return end.isGreaterThan(left) && high.isGreaterThan(low)
                ? Optional.of(new BadSpot(kind, left.minus(fromX), low.minus(fromY), end.minus(left), high.minus(low)))
                : Optional.empty();
    }

    /** As it stands in a cell of a table. */
    String text() {
        return String.join(" ", kind.id(), Row.plain(x), Row.plain(y), Row.plain(length), Row.plain(width));
    }
}
