package longshoulder.core.boards;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import longshoulder.core.measure.Length;

/**
 * One board with what is sawn from it. Places are measured along the grain from the board's first end and across it from its lower edge.
 *
 * @param cuts in the order in which they are made; the first part is called {@value #WHOLE}
 * @param offcuts what is left over
 */
public record SawnBoard(Stock stock, List<Part> pieces, List<Cut> cuts, List<Part> offcuts) {

    /** The name of the part that is the whole board. */
    public static final String WHOLE = "board";

    public SawnBoard {
        pieces = List.copyOf(pieces);
        cuts = List.copyOf(cuts);
        offcuts = List.copyOf(offcuts);
    }

    /**
     * A part of the board.
     *
     * @param id of this very part
     * @param piece id of the row whose piece it is; of an offcut, its own id
     * @param layer which of those that lie one over the other, from 0
     */
    public record Part(String id, String piece, Length x, Length y, Length length, Length width, int layer) {}

    /** The same with something before the name of each piece. */
    public SawnBoard named(String prefix) {
        Set<String> ids = pieces.stream().map(Part::id).collect(Collectors.toSet());
        UnaryOperator<String> name = part -> ids.contains(part) ? prefix + part : part;
        return prefix.isEmpty()
                ? this
                : new SawnBoard(stock, pieces.stream().map(piece -> new Part(prefix + piece.id, prefix + piece.piece,
                        piece.x, piece.y, piece.length, piece.width, piece.layer)).toList(),
                        cuts.stream().map(cut -> new Cut(cut.part, cut.kind, cut.at, name.apply(cut.first),
                                name.apply(cut.second))).toList(),
                        offcuts);
    }

    /** How much of an offcut is sound along the grain: without what is lost at the board's second end. */
    public Length soundLength(Part offcut) {
        Length sound = stock.length().minus(stock.ends()).minus(offcut.x());
        return Length.greatest(Length.ZERO, Length.least(offcut.length(), sound));
    }

    /** What a cut does. */
    public enum Kind {
        CROSSCUT, RIP, RESAW;

        /** Its name in files. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A cut through a part from edge to edge.
     *
     * @param at the near side of the kerf: along the grain, across it, or for a resaw from the lower face
     * @param first the part before the kerf
     * @param second the part beyond it; of no size where the kerf takes all that is there
     */
    public record Cut(String part, Kind kind, Length at, String first, String second) {}
}
