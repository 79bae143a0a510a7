package longshoulder.core.boards;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The boards that a maker has, and the sizes that can be bought. As long as the maker names no size that can be bought, those of the yard that
 * ships can be.
 *
 * @param own the maker's lines
 */
public record StockList(List<StockRow> own) {

    /** The yard's sizes alone. */
    public static final StockList SHIPPED = new StockList(List.of());

    public StockList {
        own = List.copyOf(own);
    }

    /**
     * All lines.
     *
     * @param inches whether the yard sells by inches
     */
    public List<StockRow> rows(boolean inches) {
        return sellsOwn() ? own : Stream.concat(own.stream(), Yard.rows(inches).stream()).toList();
    }

    private boolean sellsOwn() {
        return own.stream().anyMatch(StockRow::isForSale);
    }

    /** The maker's line with an id. */
    public Optional<StockRow> find(String id) {
        return own.stream().filter(row -> row.id().equals(id)).findFirst();
    }

    /** These lines and others, which replace those of the same id. */
    public StockList with(List<StockRow> more) {
        return new StockList(Stream.concat(
                own.stream().filter(row -> more.stream().noneMatch(other -> other.id().equals(row.id()))),
                more.stream()).toList());
    }

    /** Without the line with an id. */
    public StockList without(String id) {
        return new StockList(own.stream().filter(row -> !row.id().equals(id)).toList());
    }
}
