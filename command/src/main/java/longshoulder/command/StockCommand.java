package longshoulder.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import longshoulder.core.boards.StockList;
import longshoulder.core.boards.StockRow;
import longshoulder.core.boards.Yard;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.supply.Offcuts;
import longshoulder.core.project.Workshop;
import longshoulder.files.BadFile;
import longshoulder.files.BoardsCsv;
import longshoulder.files.DesignFile;
import longshoulder.files.TableFormat;
import longshoulder.files.Tables;
import longshoulder.files.WorkshopFile;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code stock export [FILE]} and {@code stock import CSV FILE}: the boards of a design or of a workshop as a table. */
@Command(name = "stock", mixinStandardHelpOptions = true, description = "Writes the boards of a design, of a workshop or of the yard that ships as a table, or reads such a table.", subcommands = {
        StockCommand.Export.class, StockCommand.Import.class})
final class StockCommand implements Runnable {

    @Override
    public void run() {
        throw new Refusal("Say \"stock export\" or \"stock import\".");
    }

    private static boolean isDesign(Path file) {
        return file.toString().endsWith(DesignFile.SUFFIX);
    }

    /** Writes a table. */
    @Command(name = "export", mixinStandardHelpOptions = true, description = "Writes the boards as CSV to the standard output.")
    static final class Export implements Callable<Integer> {

        @Parameters(index = "0", arity = "0..1", paramLabel = "FILE", description = "A design or a workshop; without it the price list of the yard that ships.")
        private @Nullable Path file;

        @Option(names = "--inches", description = "Without a file: the yard's boards in inches.")
        private boolean inches;

        @Spec
        @SuppressWarnings("NullAway.Init") // picocli fills it in
        private CommandSpec command;

        @Override
        public Integer call() throws BadFile {
            PrintWriter out = command.commandLine().getOut();
            out.print(new String(TableFormat.CSV.toBytes(Tables.stock(rows())), StandardCharsets.UTF_8));
            out.flush();
            return Main.FINE;
        }

        private List<StockRow> rows() throws BadFile {
            if (file == null) {
                return Yard.rows(inches);
            }
            if (isDesign(file)) {
                Project project = DesignFile.read(file);
                return Stream.concat(project.stock().rows(project.brief().isInInches()).stream(),
                        Offcuts.of(project).stream()).toList();
            }
            return WorkshopFile.read(file).stock().rows(inches);
        }
    }

    /** Reads a table. */
    @Command(name = "import", mixinStandardHelpOptions = true, description = "Adds the boards of a table to a design or a workshop; those of the same id are replaced.")
    static final class Import implements Callable<Integer> {

        @Parameters(index = "0", paramLabel = "CSV", description = "The table; \"stock export\" writes one.")
        @SuppressWarnings("NullAway.Init") // picocli fills it in
        private Path table;

        @Parameters(index = "1", paramLabel = "FILE", description = "A design or a workshop.")
        @SuppressWarnings("NullAway.Init")
        private Path file;

        @Option(names = "--replace", description = "Drops the boards that were there before.")
        private boolean replace;

        @Spec
        @SuppressWarnings("NullAway.Init")
        private CommandSpec command;

        @Override
        public Integer call() throws BadFile, IOException {
            BoardsCsv.Table<StockRow> read = BoardsCsv.readStock(table);
            PrintWriter err = command.commandLine().getErr();
            read.troubles().forEach(err::println);
            err.flush();
            if (isDesign(file)) {
                Project project = DesignFile.read(file);
                DesignFile.write(file, Settings.apply(project, "stock", new Edit.UseStock(among(project.stock(),
                        read.rows()))));
            } else {
                Workshop workshop = WorkshopFile.read(file);
                WorkshopFile.write(file, workshop.withStock(among(workshop.stock(), read.rows())));
            }
            return read.troubles().isEmpty() ? Main.FINE : Main.BAD_INPUT;
        }

        private StockList among(StockList before, List<StockRow> rows) {
            return (replace ? StockList.SHIPPED : before).with(rows);
        }
    }
}
