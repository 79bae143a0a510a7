package longshoulder.command;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.files.DesignFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code new KIND --set NAME=VALUE}: a design file on the standard output. */
@Command(name = "new", mixinStandardHelpOptions = true, description = "Writes a new design to the standard output.")
final class NewCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "KIND", description = "A kind of furniture, such as table.")
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private String kindId;

    @Option(names = "--set", paramLabel = "NAME=VALUE", description = "Gives a parameter a value, such as overall.length=\"1500 mm\".")
    private List<String> settings = new ArrayList<>();

    @Option(names = "--wood", paramLabel = "ROLE=WOOD", description = "Chooses a wood, such as top=elm; all=oak for every piece.")
    private List<String> woods = new ArrayList<>();

    @Option(names = "--title", description = "What to call the design.")
    private String title = "";

    @Option(names = "--inches", description = "Inches with binary fractions instead of millimetres.")
    private boolean inches;

    @Mixin
    @SuppressWarnings("NullAway.Init")
    private WorkshopOption workshop;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private CommandSpec command;

    @Override
    public Integer call() throws Exception {
        Kind kind = Kinds.find(kindId).orElseThrow(() -> new Refusal(
                "There is no kind of furniture called \"%s\"; \"longshoulder kinds\" lists them.".formatted(kindId)));
        Project project = Project.ofKind(kind, "", inches ? Showing.SIXTY_FOURTHS : Showing.TENTH_MILLIMETRES);
        project = workshop.in(project);
        project = Settings.apply(project, "--title", new Edit.Retitle(title));
        for (String setting : settings) {
            project = Settings.give(project, setting);
        }
        for (String wood : woods) {
            project = Settings.useWood(project, wood);
        }
        PrintWriter out = command.commandLine().getOut();
        out.print(new String(DesignFile.toBytes(project), StandardCharsets.UTF_8));
        out.flush();
        return Main.FINE;
    }
}
