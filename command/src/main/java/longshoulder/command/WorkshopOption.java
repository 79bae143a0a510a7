package longshoulder.command;

import java.nio.file.Path;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.files.BadFile;
import longshoulder.files.WorkshopFile;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/**
 * The option {@code --workshop FILE}. Without it a design keeps the workshop that it has, and a new one gets the one that ships: never
 * the one of whoever runs the command, so that results do not depend on the machine.
 */
final class WorkshopOption {

    @Option(names = "--workshop", paramLabel = "WORKSHOP", description = "Uses the tools, ways of working and limits of this file; \"longshoulder workshop\" writes one.")
    private @Nullable Path file;

    /** A design with that workshop in the place of its own. */
    Project in(Project project) throws BadFile {
        return file == null ? project : new Edit.UseWorkshop(WorkshopFile.read(file)).applyTo(project);
    }
}
