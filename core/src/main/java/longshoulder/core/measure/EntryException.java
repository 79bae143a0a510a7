package longshoulder.core.measure;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.Objects;
import java.util.ResourceBundle;

/** What a maker typed cannot be read as a length; the message says in one sentence what was wrong and where. */
public final class EntryException extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final int position;

    private final String key;
    private final transient Object[] arguments;

    /**
     * @param key of the sentence in the bundle
     * @param arguments that stand in it, as text
     */
    EntryException(String key, int position, Object... arguments) {
        super(say(key, Locale.ROOT, arguments));
        this.position = position;
        this.key = key;
        this.arguments = arguments.clone();
    }

    private static String say(String key, Locale locale, Object... arguments) {
        String pattern = ResourceBundle.getBundle("longshoulder.core.measure.entry", locale).getString(key);
        return new MessageFormat(pattern, locale).format(arguments);
    }

    /** The same sentence in another language; in English for the root. */
    public String message(Locale locale) {
        return say(key, locale, arguments);
    }

    /** One sentence for the maker. */
    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }

    /** Where the trouble starts: a count of characters before it, from 0. */
    public int position() {
        return position;
    }
}
