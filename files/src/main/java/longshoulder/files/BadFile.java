package longshoulder.files;

import java.util.Locale;
import java.util.Objects;
import longshoulder.core.words.Words;

/** A file that cannot be taken as it is; the message is one sentence that says what is wrong and where. */
public final class BadFile extends Exception {

    private static final long serialVersionUID = 1;

    private final transient Sentence sentence;

    BadFile(Sentence sentence) {
        super(Words.oneLine(sentence.in(Locale.ROOT)));
        this.sentence = sentence;
    }

    /** The sentence of a key in the bundle, with its arguments. */
    static BadFile of(String key, Object... arguments) {
        return new BadFile(Sentence.of(key, arguments));
    }

    /** One sentence for the maker, in English. */
    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }

    /** The same sentence in another language; in English for the root. */
    public String message(Locale locale) {
        return Words.oneLine(sentence.in(locale.equals(Locale.ENGLISH) ? Locale.ROOT : locale));
    }
}
