package longshoulder.command;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** What the commands on a design file share: the file, and where to print. */
final class Designs {

    @Parameters(index = "0", paramLabel = "FILE", description = "A design file (*.longshoulder.json).")
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private Path file;

    @Mixin
    @SuppressWarnings("NullAway.Init")
    private WorkshopOption workshop;

    @Spec(Spec.Target.MIXEE)
    @SuppressWarnings("NullAway.Init")
    private CommandSpec command;

    Path file() {
        return file;
    }

    /** The design, with the workshop that was named in the place of its own. */
    Project project() throws BadFile {
        return workshop.in(DesignFile.read(file));
    }

    Plan plan() throws BadFile {
        return Planner.plan(project());
    }

    /** The plans of several design files. */
    static List<Plan> plans(List<Path> files, WorkshopOption workshop) throws BadFile {
        List<Plan> plans = new ArrayList<>();
        for (Path file : files) {
            plans.add(Planner.plan(workshop.in(DesignFile.read(file))));
        }
        return plans;
    }

    /** The piece with an id or a mark. */
    PlannedPiece piece(Plan plan, String idOrMark) {
        return plan.pieces().stream().filter(p -> p.id().equals(idOrMark) || p.piece().mark().equals(idOrMark))
                .findFirst()
                .orElseThrow(() -> new Refusal("There is no piece \"%s\" in this design; its pieces are %s.".formatted(
                        idOrMark, String.join(", ", plan.pieces().stream().map(PlannedPiece::id).toList()))));
    }

    PrintWriter out() {
        return command.commandLine().getOut();
    }

    void print(byte[] utf8) {
        out().print(new String(utf8, StandardCharsets.UTF_8));
        out().flush();
    }

    /** 1 where something keeps the design from being made, else 0. */
    static int code(Plan plan) {
        return plan.isStopped() ? Main.STOPPED : Main.FINE;
    }
}
