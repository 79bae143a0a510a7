package longshoulder.core.supply;

import java.util.List;
import java.util.OptionalInt;
import longshoulder.core.boards.Blank;
import longshoulder.core.cutlist.CutLine;

/**
 * Rough sizes of one line of a cut list, as they are to be sawn.
 *
 * @param design which of the designs, from 0
 * @param copies how many are made of the design
 * @param blank what is sawn; its id is this order's
 * @param sources what each of the blanks becomes
 */
public record Order(int design, int copies, CutLine line, Blank blank, List<Source> sources) {

    public Order {
        sources = List.copyOf(sources);
    }

    /**
     * What a blank is called: the id of the piece, with the place of a strip in it and the number of the copy from the second on; of a strip
     * of small parts the first of them.
     */
    static String name(CutLine line, Source source, String prefix) {
        return prefix + line.pieces().get(source.parts.getFirst()) + place(source)
                + (source.copy > 1 ? "@" + source.copy : "");
    }

    private static String place(Source source) {
        return source.strip.isPresent() ? "/" + source.strip.getAsInt() : "";
    }

    /**
     * What one blank becomes.
     *
     * @param parts which parts of the line, from 0: several small parts of a strip, else one
     * @param strip which of the strips or layers that the part is glued up from, from 1; empty if it is in one
     * @param copy of the design, from 1
     */
    public record Source(List<Integer> parts, OptionalInt strip, int copy) {
        public Source {
            parts = List.copyOf(parts);
        }
    }

    private Source source(String name) {
        return sources.get(blank.names().indexOf(name));
    }

    /**
     * Ids of the parts that a blank becomes.
     *
     * @param name of the blank
     */
    public List<String> pieces(String name) {
        return source(name).parts.stream().map(line.pieces()::get).toList();
    }

    /**
     * Their marks, such as A1, A1-2 in the second of several copies, or 2·A1 in the second of several designs; of a strip with its place in the piece, such as T/2.
     *
     * @param name of the blank
     */
    public List<String> marks(String name) {
        Source source = source(name);
        String copy = copies > 1 ? "-" + source.copy : "";
        String of = design > 0 ? (design + 1) + "\u00b7" : "";
        return source.parts.stream().map(part -> of + line.marks().get(part) + copy + place(source)).toList();
    }
}
