package longshoulder.core.supply;

import java.util.List;
import java.util.OptionalInt;
import longshoulder.core.boards.Blank;
import longshoulder.core.cutlist.CutLine;

/**
 * Rough sizes of one line of a cut list, as they are to be sawn.
 *
 * @param design which of the designs, from 0
 * @param blank what is sawn; its id is this order's
 * @param sources what each of the blanks becomes
 */
public record Order(int design, CutLine line, Blank blank, List<Source> sources) {

    public Order {
        sources = List.copyOf(sources);
    }

    /**
     * What one blank becomes.
     *
     * @param parts which parts of the line, from 0: several small parts of a strip, else one
     * @param strip which of the strips or layers that the part is glued up from, from 1; empty if it is in one
     */
    public record Source(List<Integer> parts, OptionalInt strip) {
        public Source {
            parts = List.copyOf(parts);
        }
    }

    /**
     * Ids of the parts that a blank becomes.
     *
     * @param index of the blank, from 1
     */
    public List<String> pieces(int index) {
        return sources.get(index - 1).parts.stream().map(line.pieces()::get).toList();
    }

    /**
     * Their marks, such as A1; of a strip with its place in the piece, such as T/2.
     *
     * @param index of the blank, from 1
     */
    public List<String> marks(int index) {
        Source source = sources.get(index - 1);
        String place = source.strip.isPresent() ? "/" + source.strip.getAsInt() : "";
        return source.parts.stream().map(part -> line.marks().get(part) + place).toList();
    }
}
