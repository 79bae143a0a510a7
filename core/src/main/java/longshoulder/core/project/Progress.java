package longshoulder.core.project;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import longshoulder.core.measure.Length;

/**
 * What was really done at the bench. It has an undo of its own: to take back a change of the design leaves it as it is.
 *
 * @param milled what was really cut or milled, by the kind of furniture and {@code id:what}: a piece's shoulder, width or thickness,
 *        a joint's tenon, mortise or tongue, a type's tongue. What belongs to another kind than the project's waits until the project
 *        is of that kind again
 */
public record Progress(Map<String, Map<String, Length>> milled) {

    /** Nothing was done yet. */
    public static final Progress NONE = new Progress(Map.of());

    public Progress {
        Map<String, Map<String, Length>> sorted = new TreeMap<>();
        milled.forEach((kind, lengths) -> {
            if (!lengths.isEmpty()) {
                sorted.put(kind, Collections.unmodifiableMap(new TreeMap<>(lengths)));
            }
        });
        milled = Collections.unmodifiableMap(sorted);
    }

    /** What was milled of the pieces of a kind. */
    public Map<String, Length> milledOf(String kind) {
        return milled.getOrDefault(kind, Map.of());
    }

    /** With one length more, or another one in its place. */
    public Progress with(String kind, String key, Length length) {
        Map<String, Length> lengths = new TreeMap<>(milledOf(kind));
        lengths.put(key, length);
        return with(kind, lengths);
    }

    /** Without a length. */
    public Progress without(String kind, String key) {
        Map<String, Length> lengths = new TreeMap<>(milledOf(kind));
        lengths.remove(key);
        return with(kind, lengths);
    }

    private Progress with(String kind, Map<String, Length> lengths) {
        Map<String, Map<String, Length>> all = new TreeMap<>(milled);
        all.put(kind, lengths);
        return new Progress(all);
    }
}
