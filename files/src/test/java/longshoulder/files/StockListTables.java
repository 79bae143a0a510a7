package longshoulder.files;

import java.util.List;
import java.util.Map;
import longshoulder.core.boards.RowRefused;
import longshoulder.core.boards.StockList;
import longshoulder.core.boards.StockRow;

/** Lists of stock for tests. */
final class StockListTables {

    private StockListTables() {}

    /** A board at hand with all that can be said of it, and a size that can be bought. */
    static StockList two() {
        try {
            return new StockList(List.of(
                    StockRow.of(Map.ofEntries(Map.entry("id", "a"), Map.entry("length", "2400"),
                            Map.entry("width", "8 1/2 in"), Map.entry("thickness", "27"), Map.entry("wood", "elm"),
                            Map.entry("count", "1"), Map.entry("price", "12.50"), Map.entry("kerf", "2"),
                            Map.entry("ends", "0"), Map.entry("edge", "4"), Map.entry("nominal", "1x9"),
                            Map.entry("bad", "knot 400 20 60 40; split 0 0 150 200"),
                            Map.entry("lower", "0 12; 1200 20.5"), Map.entry("upper", "600 3"),
                            Map.entry("rings", "rift"), Map.entry("place", "rack 2"),
                            Map.entry("origin", "reading table"))),
                    StockRow.of(Map.of("id", "b", "length", "3000", "width", "200", "thickness", "54"))));
        } catch (RowRefused impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
