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

    /** As it stands in a cell of a table. */
    String text() {
        return String.join(" ", kind.id(), Row.plain(x), Row.plain(y), Row.plain(length), Row.plain(width));
    }
}
