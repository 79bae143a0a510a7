package longshoulder.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.plan.Plan;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.words.Words;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes a cut list as RFC 4180 CSV: a heading, then a record a line of the list, lengths in exact millimetres. */
public final class CutListCsv {

    private CutListCsv() {}

    /** The cut list of a plan as UTF-8. */
    public static byte[] toBytes(Plan plan) {
        Words words = Words.showing(plan.project().showing());
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord("design", "number", "marks", "piece", "count", "wood", "finished length mm",
                    "finished width mm", "finished thickness mm", "rough length mm", "rough width mm",
                    "rough thickness mm", "mirror image of number", "cut to length mm");
            for (CutLine line : CutList.of(plan).lines()) {
                csv.printRecord(harmless(plan.project().title()), line.number(),
                        harmless(String.join(" ", line.marks())), words.text(line.what()), line.count(),
                        words.wood(line.wood()), mm(line.finished().length()), mm(line.finished().width()),
                        mm(line.finished().thickness()), mm(line.rough().length()), mm(line.rough().width()),
                        mm(line.rough().thickness()), line.mirrorOf().map(String::valueOf).orElse(""),
                        mm(line.cutTo()));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("Writing to memory failed.", impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String mm(Amount amount) {
        return BigDecimal.valueOf(amount.value().picometres(), 9).stripTrailingZeros().toPlainString();
    }

    /** Where a spreadsheet would take a text for a formula: behind spaces and in full width too. */
    private static final Pattern FORMULA = Pattern.compile(
            "[\\s\\p{Cntrl}\\p{Cf}]*[=+@\\-\\uff1d\\uff0b\\uff20\\uff0d].*|[\\t\\r\\n].*",
            Pattern.DOTALL | Pattern.UNICODE_CHARACTER_CLASS);

    /** Text that a spreadsheet would take for a formula gets an apostrophe in front, which makes it plain text. */
    static String harmless(String text) {
        return FORMULA.matcher(text).matches() ? "'" + text : text;
    }
}
