package longshoulder.core.cutlist;

import java.util.List;
import java.util.Optional;
import longshoulder.core.frame.Role;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;

/**
 * Pieces that are truly the same.
 *
 * @param number of the line, from 1
 * @param pieces their ids; their marks are in the same order
 * @param cutTo the length to which they are sawn: the finished one, and what is trimmed flush once they are glued
 * @param bought whether it is glass or a sheet, which is ordered or cut to its size and not sawn from boards
 * @param mirrorOf number of the line that holds their mirror images
 */
public record CutLine(int number, List<String> pieces, List<String> marks, Role role, String wood, Size finished,
        Amount cutTo, Size rough, boolean bought, Optional<Integer> mirrorOf) {

    public CutLine {
        pieces = List.copyOf(pieces);
        marks = List.copyOf(marks);
    }

    /** Whether there is anything to trim. */
    public boolean isTrimmed() {
        return !cutTo.value().equals(finished.length().value());
    }

    public int count() {
        return pieces.size();
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
