package longshoulder.desktop.words;

import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;

/** The texts of the window that are not words of the trade, in the language that the program speaks since its start. */
public final class Texts {

    /** The languages that there are, the first where no other is asked for. */
    public static final List<Locale> LANGUAGES = List.of(Locale.ENGLISH, Locale.GERMAN);

    private static Locale locale = Locale.ENGLISH;
    private static ResourceBundle bundle = bundle(Locale.ROOT);

    private Texts() {}

    private static ResourceBundle bundle(Locale language) {
        return ResourceBundle.getBundle("longshoulder.desktop.window", language);
    }

    /** Speaks a language from now on; English where it is none of ours. For the start: what stands already stays as it is. */
    public static void speak(Locale wanted) {
        locale = LANGUAGES.stream().filter(one -> one.getLanguage().equals(wanted.getLanguage())).findFirst()
                .orElse(Locale.ENGLISH);
        bundle = bundle(locale.equals(Locale.ENGLISH) ? Locale.ROOT : locale);
    }

    /** Where dates are written as in that language: in English the day stands first. */
    public static Locale dates() {
        return locale.equals(Locale.ENGLISH) ? Locale.UK : locale;
    }

    /** The language that is spoken. */
    public static Locale locale() {
        return locale;
    }

    /** The text of a key. */
    public static String get(String key) {
        return bundle.getString(key);
    }
}
