package longshoulder.files;

import java.math.BigDecimal;
import java.util.List;

/**
 * A table with a heading, as spreadsheets and CSV files hold it.
 *
 * @param name of the sheet
 * @param rows of cells: a {@link BigDecimal} or an {@link Integer} is a number, all else is text, never a formula
 */
public record Table(String name, List<String> heading, List<List<Object>> rows) {

    public Table {
        heading = List.copyOf(heading);
        rows = rows.stream().map(List::copyOf).toList();
    }
}
