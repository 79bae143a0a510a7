package longshoulder.core.boards;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;

/**
 * The price list of a made-up timber yard: its usual boards of each wood, any number of each. Sawn boards have the size by which they are sold,
 * dressed ones are smaller and named by what they were before.
 */
public final class Yard {

    private static final List<String> COLUMNS = List.of("wood", "length", "width", "thickness", "price", "edge",
            "nominal");

    private static final List<StockRow> MILLIMETRES = read("mm");
    private static final List<StockRow> INCHES = read("in");

    private Yard() {}

    /**
     * Its boards.
     *
     * @param inches whether it sells by inches, thicknesses in quarters
     */
    public static List<StockRow> rows(boolean inches) {
        return inches ? INCHES : MILLIMETRES;
    }

    private static List<StockRow> read(String unit) {
        ResourceBundle list = ResourceBundle.getBundle("longshoulder.core.boards.yard-" + unit, Locale.ROOT);
        return list.keySet().stream().sorted().map(id -> row(id, list.getString(id).split(",", -1))).toList();
    }

    private static StockRow row(String id, String[] texts) {
        Map<String, String> cells = new HashMap<>(Map.of("id", id));
        for (int i = 0; i < texts.length; i++) {
            cells.put(COLUMNS.get(i), texts[i]);
        }
        try {
            return StockRow.of(cells);
        } catch (RowRefused wrong) {
            throw new IllegalStateException(id, wrong);
        }
    }
}
