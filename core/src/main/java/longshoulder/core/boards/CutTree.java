package longshoulder.core.boards;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.measure.Length;

/**
 * A board as its cuts part it: each part is whole, or parted by one cut into two.
 *
 * @param name of the part
 * @param x where it begins along the grain
 * @param y where it begins across it
 * @param parted empty where no cut goes through it
 */
public record CutTree(String name, Length x, Length y, Length length, Length width, Optional<Parted> parted) {

    /**
     * What a cut makes of a part.
     *
     * @param number of the cut, from 1
     */
    public record Parted(int number, SawnBoard.Kind kind, Length at, CutTree first, CutTree second) {}

    /** The whole board with all its cuts. */
    public static CutTree of(SawnBoard board) {
        Map<String, Integer> cuts = new HashMap<>();
        for (int i = 0; i < board.cuts().size(); i++) {
            cuts.put(board.cuts().get(i).part(), i);
        }
        Stock stock = board.stock();
        return part(SawnBoard.WHOLE, Length.ZERO, Length.ZERO, stock.length(), stock.width(), board, cuts);
    }

    private static CutTree part(String name, Length x, Length y, Length length, Length width, SawnBoard board,
            Map<String, Integer> cuts) {
        return new CutTree(name, x, y, length, width, Optional.ofNullable(cuts.get(name)).map(index -> {
            SawnBoard.Cut cut = board.cuts().get(index);
            Length kerf = board.stock().kerf();
            return switch (cut.kind()) {
                case CROSSCUT -> new Parted(index + 1, cut.kind(), cut.at(),
                        part(cut.first(), x, y, cut.at().minus(x), width, board, cuts),
                        part(cut.second(), cut.at().plus(kerf), y, left(x.plus(length), cut.at().plus(kerf)), width,
                                board, cuts));
                case RIP -> new Parted(index + 1, cut.kind(), cut.at(),
                        part(cut.first(), x, y, length, cut.at().minus(y), board, cuts),
                        part(cut.second(), x, cut.at().plus(kerf), length, left(y.plus(width), cut.at().plus(kerf)),
                                board, cuts));
                case RESAW -> new Parted(index + 1, cut.kind(), cut.at(),
                        part(cut.first(), x, y, length, width, board, cuts),
                        part(cut.second(), x, y, length, width, board, cuts));
            };
        }));
    }

    private static Length left(Length end, Length from) {
        return Length.greatest(Length.ZERO, end.minus(from));
    }
}
