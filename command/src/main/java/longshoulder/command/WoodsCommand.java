package longshoulder.command;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import longshoulder.core.measure.Showing;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Woods;
import longshoulder.core.words.Words;
import longshoulder.files.DesignFile;
import longshoulder.files.TableFormat;
import longshoulder.files.Tables;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code woods [FILE]}: the woods that can be chosen, with what is known of each. */
@Command(name = "woods", mixinStandardHelpOptions = true, description = "Lists the woods that can be chosen, with what is known of each and where it is from.")
final class WoodsCommand implements Callable<Integer> {

    @Parameters(index = "0", arity = "0..1", paramLabel = "FILE", description = "A design file: its own woods are listed first.")
    private @Nullable Path file;

    @Option(names = "--csv", description = "As a table that can be changed and read with set FILE --woods-from.")
    private boolean csv;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private CommandSpec command;

    @Override
    public Integer call() throws Exception {
        Woods woods = file == null ? Woods.SHIPPED : DesignFile.read(file).knownWoods();
        PrintWriter out = command.commandLine().getOut();
        if (csv) {
            out.print(new String(TableFormat.CSV.toBytes(Tables.woods(woods.all())), StandardCharsets.UTF_8));
        } else {
            Words words = Words.showing(Showing.TENTH_MILLIMETRES);
            out.printf("%-20s %-24s %7s %8s %8s %8s  %s%n", "wood", "called", "kg/m\u00b3", "radial", "tangent.",
                    "hardness",
                    "character");
            woods.all().forEach(wood -> out.printf("%-20s %-24s %7s %8s %8s %8s  %s%n", wood.id(),
                    words.wood(wood.id()), figure(wood.density(), "%.0f"), figure(wood.radial(), "%.5f"),
                    figure(wood.tangential(), "%.5f"), figure(wood.hardness(), "%.0f"),
                    wood.traits().stream().sorted().map(Species.Trait::id).collect(Collectors.joining(", "))));
            out.println(
                    "Density at 12 % moisture; movement as a share of the width per % of moisture; hardness in newton.");
        }
        out.flush();
        return Main.FINE;
    }

    private static String figure(Optional<Double> figure, String format) {
        return figure.map(format::formatted).orElse("unknown");
    }
}
