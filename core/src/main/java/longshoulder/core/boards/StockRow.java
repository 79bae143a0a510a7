package longshoulder.core.boards;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Typed;

/**
 * A line of the maker's list of stock: boards of one size, at hand or to be bought.
 *
 * @param id its name in the list
 * @param length along the grain
 * @param count how many there are; empty where any number can be bought
 * @param price of one board, in the maker's money
 * @param kerf of each cut, where it is another than the shop's
 * @param ends lost at each end, where it is other than in the shop
 * @param edge lost at the lower edge until it is straight, where it is other than in the shop
 * @param nominal what it is called at the yard, where it is sold by another size than it has
 * @param bad spots that no piece may hold
 * @param lower how far the wane reaches in at the lower edge, at places along the board
 * @param upper the same at the upper edge
 * @param rings how the growth rings lie at the end; empty where nobody looked
 * @param place where the boards lie
 * @param origin which job they are left from
 */
public record StockRow(String id, String wood, Length length, Length width, Length thickness, Optional<Integer> count,
        BigDecimal price, Optional<Length> kerf, Optional<Length> ends, Optional<Length> edge, String nominal,
        List<BadSpot> bad, List<Wane> lower, List<Wane> upper, Optional<Rings> rings, String place, String origin) {

    /** The columns of the table, in the order in which they are written; the first five are needed. */
    public static final List<String> COLUMNS = List.of("id", "length", "width", "thickness", "wood", "count", "price",
            "kerf", "ends", "edge", "nominal", "bad", "lower", "upper", "rings", "place", "origin");

    /** Those columns that hold numbers. */
    public static final List<String> NUMBERS = List.of("length", "width", "thickness", "count", "price", "kerf",
            "ends", "edge");

    public StockRow {
        bad = List.copyOf(bad);
        lower = List.copyOf(lower);
        upper = List.copyOf(upper);
    }

    /**
     * How far the wane reaches in at one place.
     *
     * @param x along the grain, from the board's first end
     */
    public record Wane(Length x, Length reach) {
        String text() {
            return Row.plain(x) + " " + Row.plain(reach);
        }
    }

    /** A line as a table tells it: texts by the names in {@link #COLUMNS}. @throws RowRefused if it cannot be used */
    public static StockRow of(Map<String, String> cells) throws RowRefused {
        Row row = new Row(cells);
        StockRow read = new StockRow(row.id(), row.text("wood"), row.size("length"), row.size("width"),
                row.size("thickness"), row.count(0), row.price(), row.length("kerf"), row.length("ends"),
                row.length("edge"), row.text("nominal"), bad(row),
                wane(row, "lower"), wane(row, "upper"), rings(row), row.text("place"), row.text("origin"));
        if (!read.length.minus(read.ends.orElse(Length.ZERO).times(2)).isPositive()
                || !read.width.isGreaterThan(read.edge.orElse(Length.ZERO))) {
            throw new RowRefused(Label.of("refused.row.ends"));
        }
        return read;
    }

    private static List<BadSpot> bad(Row row) throws RowRefused {
        List<BadSpot> spots = new ArrayList<>();
        for (Row.Entry entry : row.entries("bad", 5, 4)) {
            List<Length> at = entry.lengths();
            spots.add(new BadSpot(BadSpot.Kind.find(entry.first())
                    .orElseThrow(() -> new RowRefused(Label.of("refused.row.bad", new Typed(entry.first())))),
                    at.get(0), at.get(1), at.get(2), at.get(3)));
        }
        return spots;
    }

    private static List<Wane> wane(Row row, String column) throws RowRefused {
        return row.entries(column, 2, 2).stream()
                .map(entry -> new Wane(entry.lengths().getFirst(), entry.lengths().getLast())).toList();
    }

    private static Optional<Rings> rings(Row row) throws RowRefused {
        String text = row.text("rings");
        if (text.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                Rings.find(text).orElseThrow(() -> new RowRefused(Label.of("refused.row.rings", new Typed(text)))));
    }

    /** The line of boards as they are sawn in some shop: with all that sawing takes. */
    public static StockRow of(Stock stock) {
        return new StockRow(stock.id(), stock.wood(), stock.length(), stock.width(), stock.thickness(), stock.count(),
                stock.price(), Optional.of(stock.kerf()), Optional.of(stock.ends()), Optional.of(stock.losses().edge()),
                "", stock.bad(), List.of(), List.of(),
                Optional.empty(), "", "");
    }

    /** As a line of a table: the texts from which {@link #of} makes it again, without what is not said. */
    public Map<String, String> row() {
        Map<String, String> row = new LinkedHashMap<>();
        row.put("id", id);
        row.put("length", Row.plain(length));
        row.put("width", Row.plain(width));
        row.put("thickness", Row.plain(thickness));
        put(row, "wood", wood);
        count.ifPresent(number -> row.put("count", number.toString()));
        put(row, "price", price.signum() == 0 ? "" : price.toPlainString());
        kerf.ifPresent(own -> row.put("kerf", Row.plain(own)));
        ends.ifPresent(own -> row.put("ends", Row.plain(own)));
        edge.ifPresent(own -> row.put("edge", Row.plain(own)));
        put(row, "nominal", nominal);
        put(row, "bad", bad.stream().map(BadSpot::text).collect(Collectors.joining("; ")));
        put(row, "lower", lower.stream().map(Wane::text).collect(Collectors.joining("; ")));
        put(row, "upper", upper.stream().map(Wane::text).collect(Collectors.joining("; ")));
        rings.ifPresent(way -> row.put("rings", way.id()));
        put(row, "place", place);
        put(row, "origin", origin);
        return row;
    }

    private static void put(Map<String, String> row, String column, String text) {
        if (!text.isEmpty()) {
            row.put(column, text);
        }
    }

    /** Whether any number can be bought. */
    public boolean isForSale() {
        return count.isEmpty();
    }

    /** What can be sawn of it in a shop. */
    public Stock in(Losses shop) {
        List<BadSpot> unusable = new ArrayList<>(bad);
        addWane(lower, unusable, reach -> Length.ZERO);
        addWane(upper, unusable, width::minus);
        // A narrow offcut may be no wider than what a shop usually loses.
        Length lost = edge.orElse(width.isGreaterThan(shop.edge()) ? shop.edge() : Length.ZERO);
        return new Stock(id, wood, length, width, thickness, count, price, new Losses(kerf.orElse(shop.kerf()),
                kerf.orElse(shop.resawKerf()), ends.orElse(shop.ends()), lost), unusable);
    }

    /** Between two places the wane takes as much as at the worse of them. */
    private void addWane(List<Wane> wane, List<BadSpot> spots, UnaryOperator<Length> edge) {
        for (int i = 0; i < wane.size(); i++) {
            Length from = i == 0 ? Length.ZERO : wane.get(i - 1).x();
            Length reach = i == 0
                    ? wane.getFirst().reach()
                    : Length.greatest(wane.get(i - 1).reach(),
                            wane.get(i).reach());
            add(spots, from, wane.get(i).x(), reach, edge);
            if (i == wane.size() - 1) {
                add(spots, wane.get(i).x(), length, wane.get(i).reach(), edge);
            }
        }
    }

    private static void add(List<BadSpot> spots, Length from, Length to, Length reach,
            UnaryOperator<Length> edge) {
        if (reach.isPositive() && to.isGreaterThan(from)) {
            spots.add(new BadSpot(BadSpot.Kind.WANE, from, edge.apply(reach), to.minus(from), reach));
        }
    }
}
