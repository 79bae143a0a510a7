package longshoulder.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

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

    /**
     * A table as UTF-8, with a heading.
     *
     * @param rows texts by the names of the columns; what is missing is left empty
     */
    static byte[] of(List<String> columns, List<Map<String, String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(columns);
            for (Map<String, String> row : rows) {
                csv.printRecord(
                        columns.stream().map(column -> CutListCsv.harmless(row.getOrDefault(column, ""))).toList());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("Writing to memory failed.", impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }
}
