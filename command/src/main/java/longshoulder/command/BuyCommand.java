package longshoulder.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.Goal;
import longshoulder.core.boards.Search;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.plan.Plan;
import longshoulder.core.supply.BuyingList;
import longshoulder.core.supply.Supply;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.BuyingJson;
import longshoulder.files.Table;
import longshoulder.files.TableFormat;
import longshoulder.files.Tables;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code buy FILE...}: the boards that have to be bought, at the least money that is found, and what is bought ready. */
@Command(name = "buy", mixinStandardHelpOptions = true, description = {
        "Lists the boards that have to be bought for designs, and what is bought ready; what is at hand is taken off.",
        "Exits with 1 if a piece has no board."})
final class BuyCommand implements Callable<Integer> {

    private static final int SECONDS = 5;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "A design, or several of a shop.")
    private List<Path> files = new ArrayList<>();

    @Mixin
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private WorkshopOption workshop;

    @Option(names = "--json", description = "As JSON, lengths in millimetres.")
    private boolean json;

    @Option(names = "--csv", description = "As CSV (RFC 4180), lengths in millimetres.")
    private boolean csv;

    @Mixin
    private TableOptions tables = new TableOptions();

    @Spec
    @SuppressWarnings("NullAway.Init")
    private CommandSpec command;

    @Override
    public Integer call() throws BadFile, IOException {
        List<Plan> designs = Designs.plans(files, workshop);
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
        BoardPlan boards = Supply.of(designs).plan(new Search(Goal.COST, 1, () -> System.nanoTime() - end > 0));
        BuyingList list = BuyingList.of(designs, boards);
        PrintWriter out = command.commandLine().getOut();
        Words words = Words.showing(designs.getFirst().project().showing());
        Table table = Tables.buying(list, words);
        boolean written = tables.write(table, out);
        if (csv) {
            out.print(new String(TableFormat.CSV.toBytes(table), StandardCharsets.UTF_8));
        } else if (json) {
            out.print(new String(BuyingJson.toBytes(list), StandardCharsets.UTF_8));
        } else if (!written) {
            print(list, boards, words, out);
        }
        out.flush();
        return boards.missing().isEmpty() ? Main.FINE : Main.STOPPED;
    }

    private static void print(BuyingList list, BoardPlan boards, Words words, PrintWriter out) {
        for (BuyingList.Line line : list.lines()) {
            out.printf(Locale.ROOT, "%d × %s %s × %s × %s: %.4f m³ (%.1f board feet), price %s%s%n", line.count(),
                    words.wood(line.stock().wood()), words.length(line.stock().length()),
                    words.length(line.stock().width()), words.length(line.stock().thickness()), line.cubicMetres(),
                    line.boardFeet(), line.price().toPlainString(),
                    line.kilograms().map(weight -> ", %.1f kg".formatted(weight)).orElse(""));
        }
        out.printf(Locale.ROOT, "In all: %s%n", list.price().toPlainString());
        for (BuyingList.Ready ready : list.ready()) {
            CutLine line = ready.line();
            out.printf(Locale.ROOT, "%d × %s%s %s × %s × %s%n", ready.count(), words.text(line.what()),
                    line.wood().isEmpty() ? "" : ", " + words.wood(line.wood()),
                    words.length(line.finished().length().value()), words.length(line.finished().width().value()),
                    words.length(line.finished().thickness().value()));
        }
        boards.missing().forEach(missing -> out.printf(Locale.ROOT, "No board for a part of line %s: %s.%n",
                missing.piece(), words.text("board.missing." + missing.why().id())));
    }
}
