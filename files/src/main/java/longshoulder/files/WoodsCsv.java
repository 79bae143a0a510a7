package longshoulder.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.measure.Showing;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.WoodRefused;
import longshoulder.core.words.Words;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A table of woods as CSV: a heading with the names in {@link Species#COLUMNS}, then a wood a line. */
public final class WoodsCsv {

    private static final long MOST_BYTES = 1 << 20;

    private WoodsCsv() {}

    /**
     * What a table tells.
     *
     * @param woods of the lines that can be used
     * @param troubles one sentence for each line that cannot, with its number
     */
    public record Table(List<Species> woods, List<String> troubles) {}

    /** Reads a table. @throws BadFile if it is none at all */
    public static Table read(Path file) throws BadFile {
        List<Species> woods = new ArrayList<>();
        List<String> troubles = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setTrim(true)
                .setIgnoreHeaderCase(true).get();
        try (CSVParser lines = CSVParser.parse(new StringReader(CsvText.read(file, MOST_BYTES, "woods.unreadable")),
                format)) {
            if (!lines.getHeaderMap().containsKey("id")) {
                throw BadFile.of("woods.heading", file.getFileName(), String.join(",", Species.COLUMNS));
            }
            for (CSVRecord line : lines) {
                try {
                    woods.add(Species.of(row(line)));
                } catch (WoodRefused refused) {
                    troubles.add("Line %d: %s.".formatted(line.getRecordNumber() + 1,
                            Words.showing(Showing.TENTH_MILLIMETRES).say(refused.reason())));
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            throw BadFile.of("woods.unreadable", file.getFileName());
        }
        return new Table(woods, troubles);
    }

    private static Map<String, String> row(CSVRecord line) {
        Map<String, String> row = new HashMap<>();
        for (String column : Species.COLUMNS) {
            if (line.isSet(column)) {
                row.put(column, line.get(column));
            }
        }
        return row;
    }
}
