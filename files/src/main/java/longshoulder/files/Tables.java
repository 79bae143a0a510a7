package longshoulder.files;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.Map;
import longshoulder.core.boards.Stock;
import longshoulder.core.boards.StockRow;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Copies;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Noted;
import longshoulder.core.supply.BuyingList;
import longshoulder.core.words.Words;
import longshoulder.core.wood.Species;

/** What the program writes as tables: lengths in exact millimetres. */
public final class Tables {

    private static final int DIGITS = 6;

    private Tables() {}

    /** The cut list of a plan, a row for each line. */
    public static Table cutList(Plan plan) {
        Words words = Words.showing(plan.project().showing());
        List<List<Object>> rows = new ArrayList<>();
        Copies.of(plan).forEach(copies -> CutList.of(copies.plan()).lines()
                .forEach(line -> rows.add(row(plan, copies.numbers(), line, words))));
        return new Table("cut list", List.of("design", "number", "marks", "piece", "count", "wood",
                "finished length mm", "finished width mm", "finished thickness mm", "rough length mm",
                "rough width mm", "rough thickness mm", "mirror image of number", "cut to length mm", "rough pieces",
                "copies", "rough", "milled", "length", "jointed", "fitted", "glued", "note"), rows);
    }

    private static List<Object> row(Plan plan, List<Integer> copies, CutLine line, Words words) {
        List<Object> row = new ArrayList<>(List.of(plan.project().title(), line.number(),
                String.join(" ", line.marks()), words.text(line.what()), line.count() * copies.size(),
                words.wood(line.wood())));
        addSize(row, line.finished());
        addSize(row, line.rough());
        row.add(line.mirrorOf().<Object>map(other -> other).orElse(""));
        row.add(mm(line.cutTo().value()));
        row.add(line.blanks() * copies.size());
        row.add(copies.stream().map(String::valueOf).collect(Collectors.joining(" ")));
        List<String> parts = line.pieces().stream().flatMap(piece -> copies.stream()
                .map(copy -> copy > 1 ? piece + "@" + copy : piece)).toList();
        Stream.of(Noted.values()).filter(Noted::isStep).forEach(step -> row.add(
                Math.toIntExact(parts.stream().filter(part -> plan.project().noted(part, step).isPresent()).count())));
        row.add(parts.stream().flatMap(part -> plan.project().noted(part, Noted.NOTE).stream()).distinct()
                .collect(Collectors.joining("; ")));
        return row;
    }

    private static void addSize(List<Object> row, CutLine.Size size) {
        row.add(mm(size.length().value()));
        row.add(mm(size.width().value()));
        row.add(mm(size.thickness().value()));
    }

    /** What has to be bought: boards, then what is bought ready. */
    public static Table buying(BuyingList list, Words words) {
        List<List<Object>> rows = new ArrayList<>();
        for (BuyingList.Line line : list.lines()) {
            Stock stock = line.stock();
            rows.add(List.of(line.count(), words.wood(stock.wood()), mm(stock.length()), mm(stock.width()),
                    mm(stock.thickness()), rounded(line.cubicMetres()), rounded(line.boardFeet()), line.price(),
                    line.kilograms().<Object>map(Tables::rounded).orElse("")));
        }
        for (BuyingList.Ready ready : list.ready()) {
            CutLine line = ready.line();
            String what = words.text(line.what()) + (line.wood().isEmpty() ? "" : ", " + words.wood(line.wood()));
            rows.add(List.of(ready.count(), what, mm(line.finished().length().value()),
                    mm(line.finished().width().value()), mm(line.finished().thickness().value()), "", "", "", ""));
        }
        return new Table("buying list", List.of("count", "what", "length mm", "width mm", "thickness mm", "m3",
                "board feet", "price", "weight kg"), rows);
    }

    /** Lines of stock, as they are read again. */
    public static Table stock(List<StockRow> stock) {
        List<List<Object>> rows = new ArrayList<>();
        for (StockRow line : stock) {
            Map<String, String> cells = line.row();
            rows.add(StockRow.COLUMNS.stream()
                    .map(column -> cell(column, cells.getOrDefault(column, ""))).toList());
        }
        return new Table("stock", StockRow.COLUMNS, rows);
    }

    private static Object cell(String column, String text) {
        boolean number = StockRow.NUMBERS.contains(column) && !text.isEmpty();
        return number ? new BigDecimal(text) : text;
    }

    /** Some woods, as they are read again. */
    public static Table woods(List<Species> woods) {
        return new Table("woods", Species.COLUMNS, woods.stream().map(Species::row).map(row -> Species.COLUMNS.stream()
                .<Object>map(column -> row.getOrDefault(column, "")).toList()).toList());
    }

    private static BigDecimal mm(Length length) {
        BigDecimal number = BigDecimal.valueOf(length.picometres(), 9).stripTrailingZeros();
        return number.scale() < 0 ? number.setScale(0) : number;
    }

    private static BigDecimal rounded(double value) {
        return BigDecimal.valueOf(value).setScale(DIGITS, RoundingMode.HALF_UP);
    }
}
