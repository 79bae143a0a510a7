package longshoulder.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import longshoulder.core.boards.Blank;
import longshoulder.core.boards.RowRefused;
import longshoulder.core.boards.StockRow;
import longshoulder.core.measure.Showing;
import longshoulder.core.words.Words;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Tables of pieces ({@code id,length,width,thickness,wood,count}) and of stock
 * ({@code id,length,width,thickness,wood,count,price,kerf,ends}) as CSV with a heading. Lengths are in millimetres unless they name their unit.
 * An empty count of stock means that any number can be bought; kerf and ends may be left out.
 */
public final class BoardsCsv {

    private static final long MOST_BYTES = 1 << 22;
    private static final int MOST_ROWS = 5_000;

    private BoardsCsv() {}

    /**
     * What a table tells.
     *
     * @param rows that can be used
     * @param troubles one sentence for each line that cannot, with its number
     */
    public record Table<T>(List<T> rows, List<String> troubles) {
        public Table {
            rows = List.copyOf(rows);
            troubles = List.copyOf(troubles);
        }
    }

    /** Reads pieces. @throws BadFile if it is no such table */
    public static Table<Blank> readPieces(Path file) throws BadFile {
        return read(file, Blank::of);
    }

    /** Reads stock. @throws BadFile if it is no such table */
    public static Table<StockRow> readStock(Path file) throws BadFile {
        return read(file, StockRow::of);
    }

    /** Makes something of a line. */
    @FunctionalInterface
    private interface Maker<T> {
        T of(Map<String, String> cells) throws RowRefused;
    }

    private static <T> Table<T> read(Path file, Maker<T> maker) throws BadFile {
        List<T> rows = new ArrayList<>();
        List<String> troubles = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setTrim(true)
                .setIgnoreHeaderCase(true).setIgnoreEmptyLines(true).get();
        try (CSVParser lines = CSVParser.parse(new StringReader(CsvText.read(file, MOST_BYTES, "boards.unreadable")),
                format)) {
            if (!lines.getHeaderMap().keySet().containsAll(List.of("id", "length", "width", "thickness"))) {
                throw BadFile.of("boards.heading", file.getFileName());
            }
            for (CSVRecord line : lines) {
                try {
                    T row = maker.of(cells(line));
                    if (ids.add(line.get("id"))) {
                        rows.add(row);
                    } else {
                        troubles.add(leftOut(line, file, "the id \"%s\" is there twice".formatted(line.get("id"))));
                    }
                } catch (RowRefused refused) {
                    troubles.add(leftOut(line, file,
                            Words.showing(Showing.TENTH_MILLIMETRES).say(refused.reason())));
                }
                if (rows.size() > MOST_ROWS) {
                    throw BadFile.of("boards.long", file.getFileName(), MOST_ROWS);
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            throw BadFile.of("boards.unreadable", file.getFileName());
        }
        return new Table<>(rows, troubles);
    }

    private static String leftOut(CSVRecord line, Path file, String reason) {
        return "Line %d of %s is left out: %s.".formatted(line.getRecordNumber() + 1, file.getFileName(), reason);
    }

    private static Map<String, String> cells(CSVRecord line) {
        Map<String, String> cells = new HashMap<>();
        line.toMap().forEach((column, text) -> cells.put(column.toLowerCase(Locale.ROOT), text));
        return cells;
    }
}
