package longshoulder.core.project;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.measure.Length;

/**
 * What was really done at the bench. It has an undo of its own: to take back a change of the design leaves it as it is.
 *
 * @param milled what was really cut or milled, by the kind of furniture and {@code id:what}: a piece's shoulder, width or thickness,
 *        a joint's tenon, mortise or tongue, a type's tongue. What belongs to another kind than the project's waits until the project
 *        is of that kind again
 * @param noted what was noted of pieces, by the kind of furniture and {@code piece:what}, as {@link Noted} says
 * @param sawn boards that are sawn, or begun: their cuts stay as they are; by the kind of furniture
 * @param pinned where on the boards the maker wants parts to lie; by the kind of furniture
 */
public record Progress(Map<String, Map<String, Length>> milled, Map<String, Map<String, String>> noted,
        Map<String, List<SawnBoard>> sawn, Map<String, List<Pin>> pinned) {

    /** Nothing was done yet. */
    public static final Progress NONE = new Progress(Map.of(), Map.of(), Map.of(), Map.of());

    public Progress {
        milled = copyOf(milled);
        noted = copyOf(noted);
        sawn = listsOf(sawn);
        pinned = listsOf(pinned);
    }

    private static <T> Map<String, List<T>> listsOf(Map<String, List<T>> byKind) {
        Map<String, List<T>> sorted = new TreeMap<>();
        byKind.forEach((kind, list) -> {
            if (!list.isEmpty()) {
                sorted.put(kind, List.copyOf(list));
            }
        });
        return Collections.unmodifiableMap(sorted);
    }

    private static <T> Map<String, Map<String, T>> copyOf(Map<String, Map<String, T>> byKind) {
        Map<String, Map<String, T>> sorted = new TreeMap<>();
        byKind.forEach((kind, entries) -> {
            if (!entries.isEmpty()) {
                sorted.put(kind, Collections.unmodifiableMap(new TreeMap<>(entries)));
            }
        });
        return Collections.unmodifiableMap(sorted);
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
        return new Progress(all, noted, sawn, pinned);
    }

    /** What was noted of the pieces of a kind, by {@code piece:what}. */
    public Map<String, String> notedOf(String kind) {
        return noted.getOrDefault(kind, Map.of());
    }

    /** With an entry more, another one in its place, or none where the text is empty. */
    public Progress noting(String kind, String key, String text) {
        Map<String, String> entries = new TreeMap<>(notedOf(kind));
        if (text.isEmpty()) {
            entries.remove(key);
        } else {
            entries.put(key, text);
        }
        Map<String, Map<String, String>> all = new TreeMap<>(noted);
        all.put(kind, entries);
        return new Progress(milled, all, sawn, pinned);
    }

    /** Boards that are sawn for a kind of furniture. */
    public List<SawnBoard> sawnOf(String kind) {
        return sawn.getOrDefault(kind, List.of());
    }

    /** With other boards that are sawn. */
    public Progress sawing(String kind, List<SawnBoard> boards) {
        Map<String, List<SawnBoard>> all = new TreeMap<>(sawn);
        all.put(kind, boards);
        return new Progress(milled, noted, all, pinned);
    }

    /** Where parts of a kind of furniture are pinned. */
    public List<Pin> pinnedOf(String kind) {
        return pinned.getOrDefault(kind, List.of());
    }

    /** With other pins. */
    public Progress pinning(String kind, List<Pin> pins) {
        Map<String, List<Pin>> all = new TreeMap<>(pinned);
        all.put(kind, pins);
        return new Progress(milled, noted, sawn, all);
    }
}
