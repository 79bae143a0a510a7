package longshoulder.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;

/** The text of a CSV file that somebody made with another program. */
final class CsvText {

    /** Where a spreadsheet would take a text for a formula: behind spaces and in full width too. */
    private static final Pattern FORMULA = Pattern.compile(
            "[\\s\\p{Cntrl}\\p{Cf}]*[=+@\\-\\uff1d\\uff0b\\uff20\\uff0d].*|[\\t\\r\\n].*",
            Pattern.DOTALL | Pattern.UNICODE_CHARACTER_CLASS);

    private CsvText() {}

    /**
     * Without the mark that some programs put before it.
     *
     * @param most bytes that are read
     * @param unreadable key of the sentence for a longer file
     */
    static String read(Path file, long most, String unreadable) throws IOException, BadFile {
        if (!Files.isRegularFile(file)) {
            throw BadFile.of("woods.missing", file);
        }
        if (Files.size(file) > most) {
            throw BadFile.of(unreadable, file.getFileName());
        }
        String text = Files.readString(file);
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }

    /** Text that a spreadsheet would take for a formula gets an apostrophe in front, which makes it plain text. */
    static String harmless(String text) {
        return FORMULA.matcher(text).matches() ? "'" + text : text;
    }
}
