package longshoulder.files;

import java.text.MessageFormat;
import java.util.Arrays;
import java.util.Locale;
import java.util.ResourceBundle;
import longshoulder.core.measure.EntryException;

/** A sentence about a file in any language the program speaks; English is that of the root locale. */
@FunctionalInterface
interface Sentence {

    String in(Locale locale);

    /**
     * The sentence of a key in the bundle.
     *
     * @param arguments that stand in it: sentences and refused entries in the same language, all else as text
     */
    static Sentence of(String key, Object... arguments) {
        return locale -> {
            String pattern = ResourceBundle.getBundle("longshoulder.files.files", locale).getString(key);
            return new MessageFormat(pattern, locale)
                    .format(Arrays.stream(arguments).map(argument -> said(argument, locale)).toArray());
        };
    }

    private static String said(Object argument, Locale locale) {
        return switch (argument) {
            case Sentence sentence -> sentence.in(locale);
            case EntryException refused -> refused.message(locale);
            default -> String.valueOf(argument);
        };
    }
}
