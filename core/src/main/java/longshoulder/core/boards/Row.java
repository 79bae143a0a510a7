package longshoulder.core.boards;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Unit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Typed;

/** Reads the cells of one line of a table, by the names of their columns. Lengths are in millimetres unless they name their unit. */
record Row(Map<String, String> cells) {

    private static final int LONGEST_TEXT = 200;
    private static final int MOST_COUNT = 10_000;
    private static final int MOST_SPOTS = 200;
    /** A hundred metres. */
    private static final Length MOST_LENGTH = Length.ofMillimetres(100_000);
    private static final BigDecimal MOST_PRICE = new BigDecimal("1e9");

    /** A length as it stands in a cell: in millimetres, all its digits. */
    static String plain(Length length) {
        return BigDecimal.valueOf(length.picometres(), 9).stripTrailingZeros().toPlainString();
    }

    String text(String column) throws RowRefused {
        String text = cells.getOrDefault(column, "").strip();
        if (text.length() > LONGEST_TEXT) {
            throw new RowRefused(Label.of("refused.row.long", new Typed(column), LONGEST_TEXT));
        }
        return text;
    }

    String id() throws RowRefused {
        String id = cells.getOrDefault("id", "").strip();
        if (id.isEmpty() || id.length() > LONGEST_TEXT) {
            throw new RowRefused(Label.of("refused.row.id", LONGEST_TEXT));
        }
        return id;
    }

    /** More than nothing. */
    Length size(String column) throws RowRefused {
        Length length = length(column)
                .orElseThrow(() -> new RowRefused(Label.of("refused.row.missing", new Typed(column))));
        if (!length.isPositive()) {
            throw new RowRefused(Label.of("refused.row.size", new Typed(column), new Typed(text(column))));
        }
        return length;
    }

    /** Empty where the cell is. */
    Optional<Length> length(String column) throws RowRefused {
        String text = text(column);
        return text.isEmpty() ? Optional.empty() : Optional.of(length(column, text));
    }

    private static Length length(String column, String text) throws RowRefused {
        try {
            Length length = LengthEntry.read(text, Unit.MILLIMETRE);
            if (!length.isNegative() && !length.isGreaterThan(MOST_LENGTH)) {
                return length;
            }
        } catch (EntryException unread) {
            throw new RowRefused(Label.of("refused.row.unread", new Typed(column), new Typed(text)));
        }
        throw new RowRefused(Label.of("refused.row.bounds", new Typed(column), new Typed(text)));
    }

    /** Empty where the cell is. */
    Optional<Integer> count(int least) throws RowRefused {
        String text = text("count");
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            int count = Integer.parseInt(text);
            if (count >= least && count <= MOST_COUNT) {
                return Optional.of(count);
            }
        } catch (NumberFormatException unread) {
            // Said below, like a count that cannot be.
        }
        throw new RowRefused(Label.of("refused.row.count", least, MOST_COUNT, new Typed(text)));
    }

    /** Nothing where the cell is empty. */
    BigDecimal price() throws RowRefused {
        String text = text("price");
        if (text.isEmpty()) {
            return BigDecimal.ZERO;
        }
        try {
            BigDecimal price = new BigDecimal(text);
            if (price.signum() >= 0 && price.compareTo(MOST_PRICE) <= 0 && price.scale() <= 6 && price.scale() >= -9) {
                return price;
            }
        } catch (NumberFormatException unread) {
            // Said below, like a price that cannot be.
        }
        throw new RowRefused(Label.of("refused.row.price", new Typed(text)));
    }

    /**
     * Entries parted by semicolons.
     *
     * @param words how many words an entry has; the last ones are lengths
     * @param lengths how many of them are lengths
     */
    List<Entry> entries(String column, int words, int lengths) throws RowRefused {
        List<Entry> entries = new ArrayList<>();
        for (String text : cells.getOrDefault(column, "").split(";", MOST_SPOTS + 2)) {
            if (text.isBlank()) {
                continue;
            }
            String[] parts = text.strip().split("\\s+", words + 1);
            if (parts.length != words || entries.size() >= MOST_SPOTS) {
                throw new RowRefused(Label.of("refused.row." + column, new Typed(text.strip())));
            }
            List<Length> read = new ArrayList<>();
            for (int i = words - lengths; i < words; i++) {
                read.add(length(column, parts[i]));
            }
            entries.add(new Entry(parts[0], read));
        }
        return entries;
    }

    /** One of several entries of a cell. */
    record Entry(String first, List<Length> lengths) {}
}
