package longshoulder.files;

import com.github.miachm.sods.Color;
import com.github.miachm.sods.Range;
import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import com.github.miachm.sods.Style;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** The kinds of file that a table can be written as; numbers are numbers in all of them. */
public enum TableFormat {
    CSV, XLSX, ODS;

    private static final String PROGRAM = "Long Shoulder";
    private static final String PROGRAM_VERSION = "1.0";

    /** How names of such files end, such as ".xlsx". */
    public String suffix() {
        return "." + name().toLowerCase(Locale.ROOT);
    }

    /** A table as a file of this kind. */
    public byte[] toBytes(Table table) {
        try {
            return switch (this) {
                case CSV -> csv(table);
                case XLSX -> xlsx(table);
                case ODS -> ods(table);
            };
        } catch (IOException impossible) {
            throw new UncheckedIOException("Writing to memory failed.", impossible);
        }
    }

    private static byte[] csv(Table table) throws IOException {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(table.heading());
            for (List<Object> row : table.rows()) {
                csv.printRecord(row.stream().map(TableFormat::plain).toList());
            }
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static Object plain(Object cell) {
        return switch (cell) {
            case BigDecimal number -> number.toPlainString();
            case Integer number -> number;
            default -> CsvText.harmless(cell.toString());
        };
    }

    private static byte[] xlsx(Table table) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(bytes, PROGRAM, PROGRAM_VERSION)) {
            Worksheet sheet = book.newWorksheet(table.name());
            for (int column = 0; column < table.heading().size(); column++) {
                sheet.value(0, column, table.heading().get(column));
                sheet.style(0, column).bold().set();
            }
            for (int row = 0; row < table.rows().size(); row++) {
                for (int column = 0; column < table.rows().get(row).size(); column++) {
                    Object cell = table.rows().get(row).get(column);
                    if (cell instanceof Number number) {
                        sheet.value(row + 1, column, number);
                    } else {
                        sheet.value(row + 1, column, cell.toString());
                    }
                }
            }
            sheet.freezePane(0, 1);
        }
        return bytes.toByteArray();
    }

    private static byte[] ods(Table table) throws IOException {
        Sheet sheet = new Sheet(table.name(), table.rows().size() + 1, table.heading().size());
        Style bold = new Style();
        bold.setBold(true);
        bold.setBackgroundColor(new Color("#ebe6d9"));
        for (int column = 0; column < table.heading().size(); column++) {
            Range cell = sheet.getRange(0, column);
            cell.setValue(table.heading().get(column));
            cell.setStyle(bold);
        }
        for (int row = 0; row < table.rows().size(); row++) {
            for (int column = 0; column < table.rows().get(row).size(); column++) {
                Object cell = table.rows().get(row).get(column);
                sheet.getRange(row + 1, column).setValue(cell instanceof Number number
                        ? (Object) number.doubleValue()
                        : cell.toString());
            }
        }
        SpreadSheet book = new SpreadSheet();
        book.appendSheet(sheet);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        book.save(bytes);
        return bytes.toByteArray();
    }
}
