package longshoulder.core.cutlist;

import java.util.List;
import java.util.Optional;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;

/**
 * Parts that are truly the same.
 *
 * @param number of the line; once it was noted on a piece it stays
 * @param kind where the parts come from
 * @param pieces ids of pieces; of small parts the id of their joint, a colon, and which they are
 * @param marks in the same order as their ids
 * @param what key of what they are in the words bundle
 * @param cutTo the length to which they are sawn: the finished one, and what is trimmed flush once they are glued
 * @param rough what is sawn from a board: a piece, or a strip from which several small parts are cut
 * @param blanks how many of that rough size are needed
 * @param mirrorOf number of the line that holds their mirror images
 */
public record CutLine(int number, Kind kind, List<String> pieces, List<String> marks, String what, String wood,
        Size finished, Amount cutTo, Size rough, int blanks, Optional<Integer> mirrorOf) {

    /** Where parts come from. */
    public enum Kind {
        /** Pieces of the furniture, sawn from boards. */
        PIECE,
        /** Small parts of joints, such as wedges, cut from strips. */
        SMALL_PART,
        /** Glass, sheets and bolts, which are bought ready or cut from a sheet. */
        BOUGHT
    }

    public CutLine {
        pieces = List.copyOf(pieces);
        marks = List.copyOf(marks);
    }

    /** The piece that a part is, or of a small part the piece whose joint takes it. */
    public static String pieceOf(String part) {
        return part.replaceFirst("[/@].*", "");
    }

    /** Whether it is bought and not sawn from boards. */
    public boolean isBought() {
        return kind == Kind.BOUGHT;
    }

    /** Whether there is anything to trim. */
    public boolean isTrimmed() {
        return !cutTo.value().equals(finished.length().value());
    }

    public int count() {
        return pieces.size();
    }

    /** The same under another number, and the one that its mirror images have. */
    CutLine numbered(int own, Optional<Integer> mirror) {
        return new CutLine(own, kind, pieces, marks, what, wood, finished, cutTo, rough, blanks, mirror);
    }

    /** Length along the grain, width and thickness. */
    public record Size(Amount length, Amount width, Amount thickness) {
        boolean equalTo(Size other) {
            return isAlike(length, other.length) && isAlike(width, other.width) && isAlike(thickness, other.thickness);
        }

        /** Where planes lean, lengths are worked out in doubles: of pieces that are the same they differ by noise. */
        private static boolean isAlike(Amount one, Amount other) {
            return one.value().minus(other.value()).abs().isLessThan(Length.ofMicrometres(1));
        }
    }
}
