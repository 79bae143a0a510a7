package longshoulder.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import longshoulder.core.boards.Blank;
import longshoulder.core.boards.Stock;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Unit;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Tables of pieces ({@code id,length,width,thickness,wood,count}) and of stock
 * ({@code id,length,width,thickness,wood,count,price,kerf,ends}) as CSV with a heading. Lengths are in millimetres unless they name their unit.
 * An empty count of stock means that any number can be bought; kerf and ends may be left out.
 */
public final class BoardsCsv {

    /** What saws and split ends cost where a table does not say it. */
    private static final Length KERF = Length.ofMicrometres(3200);
    private static final Length RESAW_KERF = Length.ofMicrometres(1200);
    private static final Length ENDS = Length.ofMillimetres(25);

    private static final long MOST_BYTES = 1 << 22;
    private static final int MOST_ROWS = 5_000;
    private static final int MOST_COUNT = 10_000;
    /** A hundred metres. */
    private static final Length MOST_LENGTH = Length.ofMillimetres(100_000);
    private static final BigDecimal MOST_PRICE = new BigDecimal("1e9");

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
        return read(file, BoardsCsv::blank);
    }

    /** Reads stock. @throws BadFile if it is no such table */
    public static Table<Stock> readStock(Path file) throws BadFile {
        return read(file, BoardsCsv::stock);
    }

    /** Makes something of a line. */
    @FunctionalInterface
    private interface Maker<T> {
        T of(CSVRecord line) throws Trouble;
    }

    /** What is wrong with a line. */
    private static final class Trouble extends Exception {

        private static final long serialVersionUID = 1;

        Trouble(String sentence) {
            super(sentence);
        }
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
                    T row = maker.of(line);
                    if (!ids.add(line.get("id"))) {
                        throw new Trouble("the id \"%s\" is there twice".formatted(line.get("id")));
                    }
                    rows.add(row);
                } catch (Trouble trouble) {
                    troubles.add("Line %d of %s is left out: %s.".formatted(line.getRecordNumber() + 1,
                            file.getFileName(), trouble.getMessage()));
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

    private static Blank blank(CSVRecord line) throws Trouble {
        return new Blank(id(line), wood(line), size(line, "length"), size(line, "width"), size(line, "thickness"),
                count(line, 1).orElse(1));
    }

    private static Stock stock(CSVRecord line) throws Trouble {
        Optional<Length> kerf = length(line, "kerf");
        Stock stock = new Stock(id(line), wood(line), size(line, "length"), size(line, "width"),
                size(line, "thickness"), count(line, 0), price(line), kerf.orElse(KERF), kerf.orElse(RESAW_KERF),
                length(line, "ends").orElse(ENDS));
        if (!stock.length().minus(stock.ends().times(2)).isPositive()) {
            throw new Trouble("its ends take the whole length");
        }
        return stock;
    }

    private static String cell(CSVRecord line, String column) {
        return line.isMapped(column) && line.isSet(column) ? line.get(column) : "";
    }

    private static String id(CSVRecord line) throws Trouble {
        String id = cell(line, "id");
        if (id.isEmpty() || id.length() > 200) {
            throw new Trouble("an id of 1 to 200 characters is needed");
        }
        return id;
    }

    private static String wood(CSVRecord line) {
        return cell(line, "wood");
    }

    private static Length size(CSVRecord line, String column) throws Trouble {
        Length length = length(line, column).orElseThrow(() -> new Trouble("the %s is missing".formatted(column)));
        if (!length.isPositive()) {
            throw new Trouble("the %s must be more than 0, not \"%s\"".formatted(column, cell(line, column)));
        }
        return length;
    }

    private static Optional<Length> length(CSVRecord line, String column) throws Trouble {
        String text = cell(line, column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            Length length = LengthEntry.read(text, Unit.MILLIMETRE);
            if (length.isNegative() || length.isGreaterThan(MOST_LENGTH)) {
                throw new Trouble("the %s must lie between 0 and 100 m, not \"%s\"".formatted(column, text));
            }
            return Optional.of(length);
        } catch (EntryException unread) {
            throw new Trouble("the %s \"%s\" cannot be read as a length".formatted(column, text));
        }
    }

    private static Optional<Integer> count(CSVRecord line, int least) throws Trouble {
        String text = cell(line, "count");
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            int count = Integer.parseInt(text);
            if (count >= least && count <= MOST_COUNT) {
                return Optional.of(count);
            }
        } catch (NumberFormatException unread) {
            // said below
        }
        throw new Trouble(
                "the count must be a whole number from %d to %d, not \"%s\"".formatted(least, MOST_COUNT, text));
    }

    private static BigDecimal price(CSVRecord line) throws Trouble {
        String text = cell(line, "price");
        if (text.isEmpty()) {
            return BigDecimal.ZERO;
        }
        try {
            BigDecimal price = new BigDecimal(text);
            if (price.signum() >= 0 && price.compareTo(MOST_PRICE) <= 0 && price.scale() <= 6) {
                return price;
            }
        } catch (NumberFormatException unread) {
            // said below
        }
        throw new Trouble("the price must be a number such as 12.50, not \"%s\"".formatted(text));
    }
}
