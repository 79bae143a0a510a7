package longshoulder.core.reckoning;

import java.util.List;

/**
 * A name or a sentence before it is put into words: a key of the words bundle and its arguments.
 *
 * @param key such as {@code amount.shoulder}
 * @param arguments ids of pieces, {@link longshoulder.core.measure.Length}s and other values, numbers, other labels or plain texts
 */
public record Label(String key, List<Object> arguments) {

    public Label {
        arguments = List.copyOf(arguments);
    }

    public static Label of(String key, Object... arguments) {
        return new Label(key, List.of(arguments));
    }
}
