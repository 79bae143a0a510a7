package longshoulder.command;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Workshop;
import longshoulder.files.DesignFile;
import longshoulder.files.WorkshopFile;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code workshop [FILE]}: a workshop's file on the standard output, that of a design or the one that ships. */
@Command(name = "workshop", mixinStandardHelpOptions = true, description = "Writes the workshop of a design, or the one that ships, to the standard output: tools, ways of working and limits, for --workshop.")
final class WorkshopCommand implements Callable<Integer> {

    @Parameters(index = "0", arity = "0..1", paramLabel = "FILE", description = "A design file (*.longshoulder.json).")
    private @Nullable Path file;

    @Option(names = "--inches", description = "Without a design: chisels in inches.")
    private boolean inches;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private CommandSpec command;

    @Override
    public Integer call() throws Exception {
        Workshop workshop = file == null
                ? Workshop.usual(inches ? Showing.SIXTY_FOURTHS : Showing.TENTH_MILLIMETRES)
                : DesignFile.read(file).workshop();
        PrintWriter out = command.commandLine().getOut();
        out.print(new String(WorkshopFile.toBytes(workshop), StandardCharsets.UTF_8));
        out.flush();
        return Main.FINE;
    }
}
