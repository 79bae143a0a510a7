package longshoulder.files;

import java.io.FileNotFoundException;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.util.Locale;
import java.util.Map;

/** Why the system refused to read or write, in the language of the maker: its own words are English or those of the machine. */
public final class SystemReason {

    /** What systems say in words alone, each with the key of a sentence of ours. */
    private static final Map<String, String> WORDS = Map.of("No space left", "full", "not enough space", "full",
            "Disk quota", "full", "Read-only", "readOnly", "Is a directory", "folder", "Not a directory", "gone");

    private SystemReason() {}

    /** The reason as part of a sentence, in a language; English for the root. */
    public static String of(IOException failure, Locale locale) {
        return of(failure).in(locale.equals(Locale.ENGLISH) ? Locale.ROOT : locale);
    }

    static Sentence of(IOException failure) {
        return Sentence.of("reason." + switch (failure) {
            case DesignFile.UnreadableAgain _ -> "unreadable";
            case AccessDeniedException _ -> "denied";
            case NoSuchFileException _ -> "gone";
            case FileNotFoundException _ -> "gone";
            case NotDirectoryException _ -> "gone";
            case FileSystemException system -> worded(String.valueOf(system.getReason()));
            default -> worded(String.valueOf(failure.getMessage()));
        });
    }

    private static String worded(String said) {
        return WORDS.entrySet().stream().filter(word -> said.contains(word.getKey())).map(Map.Entry::getValue)
                .findFirst().orElse("other");
    }
}
