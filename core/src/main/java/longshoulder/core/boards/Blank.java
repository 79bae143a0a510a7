package longshoulder.core.boards;

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
}
