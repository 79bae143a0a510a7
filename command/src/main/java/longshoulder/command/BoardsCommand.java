package longshoulder.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.BoardPlanner;
import longshoulder.core.boards.Goal;
import longshoulder.core.boards.Losses;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.Search;
import longshoulder.core.boards.Stock;
import longshoulder.core.measure.Showing;
import longshoulder.core.papers.BoardsDrawing;
import longshoulder.core.papers.Stamp;
import longshoulder.core.plan.Plan;
import longshoulder.core.supply.Supply;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.files.DesignFile;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.BoardsCsv;
import longshoulder.files.BoardsJson;
import longshoulder.files.BoardsPdf;
import longshoulder.files.DrawingFile;
import longshoulder.files.DrawingFormat;
import longshoulder.files.PaperTypeface;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code boards FILE... [--stock S.csv]} and {@code boards --pieces P.csv --stock S.csv}: which boards the pieces are sawn from, cut by cut. */
@Command(name = "boards", mixinStandardHelpOptions = true, description = {
        "Plans which boards the pieces are sawn from, in which cuts, and how few boards would do at least.",
        "Exits with 1 if a piece has no board."})
final class BoardsCommand implements Callable<Integer> {

    private static final int MOST_SECONDS = 3600;
    private static final double SVG_SCALE = 0.1;

    @Parameters(arity = "0..*", paramLabel = "FILE", description = "A design, or several of a shop: their rough sizes are planned together.")
    private List<Path> files = new ArrayList<>();

    @Option(names = "--pieces", paramLabel = "CSV", description = "In place of a design a table of pieces, taken as they are: id,length,width,thickness,wood,count.")
    private @Nullable Path pieces;

    @Option(names = "--stock", paramLabel = "CSV", description = "The boards: id,length,width,thickness,wood,count,price,kerf,ends. Without a count any number can be bought. Without a table the design's own stock.")
    private @Nullable Path stock;

    @Mixin
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private WorkshopOption workshop;

    @Option(names = "--goal", paramLabel = "GOAL", description = "What is to be least: cost (unless given), wood or boards.")
    private String goal = Goal.COST.option();

    @Option(names = "--seconds", paramLabel = "N", description = "How long to look at most: 5 unless given.")
    private double seconds = 5;

    @Option(names = "--seed", paramLabel = "N", description = "Of what is tried at random: 1 unless given.")
    private long seed = 1;

    @Option(names = "--json", description = "As JSON, lengths in millimetres.")
    private boolean json;

    @Option(names = "--pdf", paramLabel = "OUT", description = "Writes the boards with their cuts as PDF.")
    private @Nullable Path pdf;

    @Option(names = "--svg", paramLabel = "OUT", description = "Writes them as SVG, at 1:10.")
    private @Nullable Path svg;

    @Option(names = "--saw", paramLabel = "N", description = "Notes in the design that the Nth board of this plan is sawn: it stays as it is, the others are planned round it.")
    private int sawn;

    @Option(names = "--paper", paramLabel = "PAPER", description = "Of the PDF: a4 or letter; usually ${DEFAULT-VALUE}.", defaultValue = "a4")
    private String paper = "a4";

    @Spec
    @SuppressWarnings("NullAway.Init")
    private CommandSpec command;

    @Override
    public Integer call() throws BadFile, IOException {
        if (!(seconds > 0) || seconds > MOST_SECONDS) {
            throw new Refusal("--seconds must lie between 0 and %d.".formatted(MOST_SECONDS));
        }
        Goal least = Goal.find(goal)
                .orElseThrow(() -> new Refusal("--goal must be cost, wood or boards, not \"%s\".".formatted(goal)));
        if (files.isEmpty() == (pieces == null)) {
            throw new Refusal("Name either a design or a table of pieces with --pieces.");
        }
        long end = System.nanoTime() + (long) (seconds * TimeUnit.SECONDS.toNanos(1));
        Planned planned = plan(new Search(least, seed, () -> System.nanoTime() - end > 0));
        BoardPlan plan = planned.plan;
        PrintWriter out = command.commandLine().getOut();
        plan.unpinned().forEach(pin -> command.commandLine().getErr().printf("%s is not where it is pinned: %s.%n",
                pin.pin().name(), planned.words.text("pin." + pin.why().id())));
        if (sawn > 0) {
            saw(plan);
        }
        if (json) {
            out.print(new String(BoardsJson.toBytes(plan), StandardCharsets.UTF_8));
        } else if (!draw(planned, out)) {
            print(plan, planned.marks, out);
        }
        out.flush();
        return plan.missing().isEmpty() ? Main.FINE : Main.STOPPED;
    }

    /** Marks a board as sawn in the design. */
    private void saw(BoardPlan plan) throws BadFile, IOException {
        if (files.size() != 1 || sawn > plan.boards().size()) {
            throw new Refusal("--saw needs one design and the number of a board of its plan, from 1 to %d."
                    .formatted(plan.boards().size()));
        }
        Project project = DesignFile.read(files.getFirst());
        Edit edit = new Edit.Saw(plan.boards().get(sawn - 1));
        DesignFile.write(files.getFirst(), Settings.apply(project, "--saw " + sawn, edit));
    }

    /** The lines that can be used; what is wrong with the others is said. */
    private <T> List<T> told(BoardsCsv.Table<T> table) {
        PrintWriter err = command.commandLine().getErr();
        table.troubles().forEach(err::println);
        err.flush();
        return table.rows();
    }

    /**
     * A plan, and what it is called.
     *
     * @param boards those that are sawn already, then those of the plan
     * @param marks what is written on a piece
     */
    private record Planned(BoardPlan plan, List<SawnBoard> boards, Function<SawnBoard.Part, String> marks,
            Words words, String title) {}

    private Planned plan(Search search) throws BadFile {
        if (pieces == null) {
            List<Plan> designs = Designs.plans(files, workshop);
            Supply supply = stock == null
                    ? Supply.of(designs)
                    : Supply.of(designs, told(BoardsCsv.readStock(stock)));
            BoardPlan plan = supply.plan(search);
            return new Planned(plan, Stream.concat(supply.sawn().stream(), plan.boards().stream()).toList(),
                    part -> String.join(" ", supply.marks(part)),
                    Words.showing(designs.getFirst().project().showing()), designs.getFirst().project().title());
        }
        if (stock == null) {
            throw new Refusal("Name the boards with --stock: a table of pieces brings none of its own.");
        }
        BoardPlan plan = BoardPlanner.plan(told(BoardsCsv.readPieces(pieces)),
                told(BoardsCsv.readStock(stock)).stream().map(row -> row.in(Losses.USUAL)).toList(), search);
        return new Planned(plan, plan.boards(), SawnBoard.Part::id, Words.showing(Showing.TENTH_MILLIMETRES),
                String.valueOf(pieces.getFileName()));
    }

    /** Whether anything was to be drawn. */
    private boolean draw(Planned planned, PrintWriter out) throws IOException {
        if (svg != null) {
            BoardsDrawing drawing = new BoardsDrawing(planned.words, PaperTypeface.SHIPPED, planned.boards,
                    planned.marks, 1);
            DrawingFile.write(svg, DrawingFormat.SVG.toBytes(planned.title, drawing.atScale(SVG_SCALE)));
            out.println(svg);
        }
        if (pdf != null) {
            DrawingFile.write(pdf, BoardsPdf.toBytes(planned.boards, planned.marks, planned.words,
                    PaperOption.read(paper),
                    new Stamp(planned.title, "", LocalDate.now(ZoneId.systemDefault()).toString())));
            out.println(pdf);
        }
        return svg != null || pdf != null;
    }

    private static void print(BoardPlan plan, Function<SawnBoard.Part, String> marks, PrintWriter out) {
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        for (BoardPlan.Group group : plan.groups()) {
            out.printf(Locale.ROOT, "%s, %s thick: %d %s, %s%s%n", words.wood(group.wood()),
                    words.length(group.thickness()), group.boards(), group.boards() == 1 ? "board" : "boards",
                    group.proved() ? "proved least" : "at least " + group.leastBoards() + " are needed",
                    group.cost().signum() > 0 ? ", " + group.cost().toPlainString() : "");
        }
        for (int i = 0; i < plan.boards().size(); i++) {
            board(i + 1, plan.boards().get(i), marks, out);
        }
        plan.missing().stream().collect(Collectors.groupingBy(missing -> missing, LinkedHashMap::new,
                Collectors.counting())).forEach(
                        (missing, count) -> out.printf(Locale.ROOT, "Missing: %d × %s, %s.%n",
                                count, missing.piece(), words.text("board.missing." + missing.why().id())));
    }

    private static void board(int number, SawnBoard board, Function<SawnBoard.Part, String> marks, PrintWriter out) {
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        Stock stock = board.stock();
        out.printf(Locale.ROOT, "%nBoard %d: %s, %s × %s × %s%n", number, stock.id(), words.length(stock.length()),
                words.length(stock.width()), words.length(stock.thickness()));
        for (SawnBoard.Cut cut : board.cuts()) {
            out.printf(Locale.ROOT, "  %-8s %-10s at %-10s → %s, %s%n", cut.kind().id(), cut.part(),
                    words.length(cut.at()), named(cut.first(), board, marks), named(cut.second(), board, marks));
        }
        for (SawnBoard.Part offcut : board.offcuts()) {
            out.printf(Locale.ROOT, "  left over: %s, %s × %s%n", offcut.id(), words.length(offcut.length()),
                    words.length(offcut.width()));
        }
    }

    /** A piece by its mark, anything else by the name of the part. */
    private static String named(String part, SawnBoard board, Function<SawnBoard.Part, String> marks) {
        return board.pieces().stream().filter(piece -> piece.id().equals(part)).map(marks).findFirst().orElse(part);
    }
}
