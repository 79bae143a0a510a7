package longshoulder.core.boards;

import java.util.Map;
import longshoulder.core.measure.Length;

/**
 * A rough size that is to be sawn so many times.
 *
 * @param id of the row that asks for it
 * @param length along the grain
 */
public record Blank(String id, String wood, Length length, Length width, Length thickness, int count) {

    public Blank {
        if (!length.isPositive() || !width.isPositive() || !thickness.isPositive() || count < 1) {
            throw new IllegalArgumentException("The sizes and the count of (%s) must be positive.".formatted(id));
        }
    }

    /**
     * A line of a table of pieces: texts by the names {@code id}, {@code length}, {@code width}, {@code thickness}, {@code wood} and
     * {@code count}.
     *
     * @throws RowRefused if it cannot be used
     */
    public static Blank of(Map<String, String> cells) throws RowRefused {
        Row row = new Row(cells);
        return new Blank(row.id(), row.text("wood"), row.size("length"), row.size("width"), row.size("thickness"),
                row.count(1).orElse(1));
    }
}
