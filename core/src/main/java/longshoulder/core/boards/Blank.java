package longshoulder.core.boards;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import longshoulder.core.measure.Length;

/**
 * A rough size that is to be sawn once for each of its names.
 *
 * @param id of the row that asks for it
 * @param length along the grain
 * @param names what each of the pieces is called; no two have the same, whatever their row
 */
public record Blank(String id, String wood, Length length, Length width, Length thickness, List<String> names) {

    public Blank {
        names = List.copyOf(names);
        if (!length.isPositive() || !width.isPositive() || !thickness.isPositive() || names.isEmpty()
                || new HashSet<>(names).size() < names.size()) {
            throw new IllegalArgumentException(
                    "The sizes of (%s) must be positive, its names one or more that differ.".formatted(id));
        }
    }

    /** So many that are called by their row and a number. */
    public static Blank counted(String id, String wood, Length length, Length width, Length thickness, int count) {
        return new Blank(id, wood, length, width, thickness,
                IntStream.rangeClosed(1, count).mapToObj(number -> id + "#" + number).toList());
    }

    /** How often it is to be sawn. */
    public int count() {
        return names.size();
    }

    /** The same for some of the pieces. */
    public Blank of(List<String> some) {
        return new Blank(id, wood, length, width, thickness, some);
    }

    /**
     * A line of a table of pieces: texts by the names {@code id}, {@code length}, {@code width}, {@code thickness}, {@code wood} and
     * {@code count}.
     *
     * @throws RowRefused if it cannot be used
     */
    public static Blank of(Map<String, String> cells) throws RowRefused {
        Row row = new Row(cells);
        return counted(row.id(), row.text("wood"), row.size("length"), row.size("width"), row.size("thickness"),
                row.count(1).orElse(1));
    }
}
