package longshoulder.core.boards;

import java.util.Locale;
import longshoulder.core.measure.Length;

/**
 * A maker's wish that a part lies at one place of one board.
 *
 * @param name of the part, as its blank calls it
 * @param stock id of the row that offers the board
 * @param board which of the boards of that row, from 1: parts with the same number lie on the same board
 * @param x along the grain, from the board's first end
 * @param y across it, from the lower edge
 */
public record Pin(String name, String stock, int board, Length x, Length y) {

    /** The same for a part with something before its name, on boards that are counted on. */
    public Pin of(String prefix, int boardsBefore) {
        return new Pin(prefix + name, stock, board + boardsBefore, x, y);
    }

    /** Why a part cannot lie where it is pinned. */
    public enum Why {
        /** No such part is still to be sawn. */
        NO_PIECE,
        /** There is no such board. */
        NO_BOARD,
        /** The board is of another wood, or too thin. */
        OTHER_BOARD,
        /** It reaches beyond what is usable of the board. */
        BEYOND,
        /** A bad spot is in the way. */
        BAD_SPOT,
        /** Another pinned part is in the way. */
        TAKEN,
        /** No cuts from edge to edge would free it. */
        NO_CUTS;

        /** What the words bundle calls it. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** A pin that cannot be kept; its part is planned without it. */
    public record Refused(Pin pin, Why why) {}
}
