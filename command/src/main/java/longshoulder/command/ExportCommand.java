package longshoulder.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import longshoulder.core.plan.Plan;
import longshoulder.files.BadFile;
import longshoulder.files.ObjExport;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code export FILE --obj DIR}: the exact solids. */
@Command(name = "export", mixinStandardHelpOptions = true, description = "Writes the exact solids of all pieces.")
final class ExportCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Option(names = "--obj", paramLabel = "DIR", required = true, description = "Where to write Wavefront OBJ files: one a piece and one of all.")
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private Path directory;

    @Override
    public Integer call() throws BadFile, IOException {
        Plan plan = designs.plan();
        ObjExport.write(plan, directory).forEach(designs.out()::println);
        return Designs.code(plan);
    }
}
