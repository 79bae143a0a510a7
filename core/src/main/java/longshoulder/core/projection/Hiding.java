package longshoulder.core.projection;

import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Skin;

/**
 * A cell that hides what lies behind it. Looked at from all sides, its piece is asked once for its seams.
 *
 * @param seams those of its faces, by their numbers, beyond which the wood goes on in another cell; nobody changes them
 */
record Hiding(Cell cell, BitSet seams) {

    /** The cells of a piece with this skin. */
    static List<Hiding> of(List<Cell> cells, Skin skin) {
        return IntStream.range(0, cells.size()).mapToObj(i -> new Hiding(cells.get(i), skin.seams().get(i))).toList();
    }
}
