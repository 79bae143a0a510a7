package longshoulder.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The text of a CSV file that somebody made with another program. */
final class CsvText {

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
}
