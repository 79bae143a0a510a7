package longshoulder.core.words;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import org.jspecify.annotations.Nullable;

/**
 * The texts of a language: those of the trade, and those that each kind of furniture brings along in a bundle of its
 * own beside it, so that a new kind changes no other file.
 *
 * <p>Immutable.
 */
final class Vocabulary {

    private static final Map<Locale, Vocabulary> READ = new ConcurrentHashMap<>();

    private final Map<String, String> texts = new HashMap<>();

    private Vocabulary(Locale locale) {
        bundles().map(name -> ResourceBundle.getBundle(name, locale))
                .forEach(bundle -> bundle.keySet().forEach(key -> texts.put(key, bundle.getString(key))));
    }

    /** The texts of a language, English where it is none of ours; read once. */
    static Vocabulary of(Locale locale) {
        return READ.computeIfAbsent(locale, Vocabulary::new);
    }

    /** The names of all bundles. */
    static Stream<String> bundles() {
        return Stream.concat(Stream.of("longshoulder.core.words.words"),
                Kinds.all().stream().map(Kind::id).map("longshoulder.core.kind."::concat));
    }

    boolean has(String key) {
        return texts.containsKey(key);
    }

    /** @throws MissingResourceException if there is none, which is our own mistake */
    String text(String key) {
        @Nullable
        String text = texts.get(key);
        if (text == null) {
            throw new MissingResourceException("No text for " + key, Vocabulary.class.getName(), key);
        }
        return text;
    }
}
