package longshoulder.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.Optional;
import longshoulder.core.plan.SolveFor;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.Words;
import org.jspecify.annotations.Nullable;
import longshoulder.files.DesignFile;
import longshoulder.files.WoodsCsv;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * {@code set FILE NAME=VALUE...}: edits a design file in place. A parameter of one joint is named by its joint:
 * {@code apron-front/leg-front-left:joint=haunched-tenon}.
 */
@Command(name = "set", mixinStandardHelpOptions = true, description = "Edits a design file: parameters, joints, rules of thumb, limits, woods, what was really milled.")
final class SetCommand implements Callable<Integer> {

    @Mixin
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private Designs design;

    @Parameters(index = "1..*", paramLabel = "NAME=VALUE", description = "Gives a parameter a value; NAME= leaves it to the rule of thumb. JOINT:joint=TYPE chooses a joint, JOINT:NAME=VALUE sets one of its parameters.")
    private List<String> settings = new ArrayList<>();

    @Option(names = "--wood", paramLabel = "ROLE=WOOD", description = "Chooses a wood, such as top=elm; all=oak for every piece.")
    private List<String> woods = new ArrayList<>();

    @Option(names = "--milled", paramLabel = "ID:WHAT=LENGTH", description = "Enters what was really cut: the shoulder, width or thickness of a piece, the tenon or mortise of a joint, the tongue of a joint or a type. ID:WHAT= forgets it.")
    private List<String> milled = new ArrayList<>();

    @Option(names = "--note", paramLabel = "PIECE:WHAT=TEXT", description = "Notes of a piece what is done (rough, milled, length, jointed, fitted or glued =done), the number that it bears (number) or a note. PIECE:WHAT= takes it back.")
    private List<String> noted = new ArrayList<>();

    @Option(names = "--pin", paramLabel = "PART=STOCK#N@X,Y", description = "Pins a part to a place on the Nth board of a line of stock, X along the grain from the first end and Y across it. PART= lets it go.")
    private List<String> pins = new ArrayList<>();

    @Option(names = "--alter", paramLabel = "DO,NAME=VALUE,...", description = "Changes the frame beyond its kind: add, between, move, resize, rename or remove, then its fields, such as between,piece=rail-low,from=post-left,to=post-right,width=60,thickness=22,height=100.")
    private List<String> alterations = new ArrayList<>();

    @Option(names = "--kind", paramLabel = "KIND", description = "Makes another kind of furniture of it, with its usual sizes; says what is dropped.")
    private @Nullable String kind;

    @Option(names = "--chisels", paramLabel = "LENGTH,...", description = "The chisels and cutters that are owned, in the place of those before, such as \"6 mm,8 mm,10 mm\".")
    private @Nullable String chisels;

    @Option(names = "--woods-from", paramLabel = "CSV", description = "Adds the woods of a table to those that can be chosen; \"woods --csv\" writes one.")
    private @Nullable Path ownWoods;

    @Option(names = "--solve", paramLabel = "PIECE:WHAT=LENGTH[,SIZE]", description = "Gives a length that follows (shoulder, length, width or thickness of a piece) and changes one size of the brief so that it comes out, such as rail-top:length=410,size.width; without SIZE the overall size that it hangs on. Says what changed.")
    private List<String> solved = new ArrayList<>();

    @Option(names = "--show", paramLabel = "STEP", description = "Shows lengths in steps of 1 mm, 0.5 mm, 0.1 mm, 1/16 in, 1/32 in or 1/64 in; it also says in what unit bare numbers are typed.")
    private @Nullable String step;

    @Option(names = "--force", description = "Writes even where another program has changed the file meanwhile.")
    private boolean force;

    @Override
    public Integer call() throws Exception {
        String mark = DesignFile.mark(design.file());
        Project project = design.project();
        if (kind != null) {
            Edit.BuildAs edit = new Edit.BuildAs(kind);
            Optional<Label> drops = edit.drops(project);
            project = Settings.apply(project, "--kind", edit);
            Words words = Words.showing(project.showing());
            drops.ifPresent(what -> design.out().println(words.sentence(what) + "."));
        }
        if (step != null) {
            project = Settings.show(project, step);
        }
        if (chisels != null) {
            project = Settings.own(project, chisels);
        }
        if (ownWoods != null) {
            WoodsCsv.Table table = WoodsCsv.read(ownWoods);
            table.troubles().forEach(design.out()::println);
            project = Settings.apply(project, "--woods-from " + ownWoods, new Edit.KnowWoods(table.woods()));
        }
        for (String alteration : alterations) {
            project = Settings.alter(project, alteration);
        }
        for (String setting : settings) {
            project = Settings.give(project, setting);
        }
        for (String wanted : solved) {
            SolveFor.Solution solution = Settings.solve(project, wanted);
            project = Settings.apply(project, wanted, solution.edit());
            design.out().println(Settings.said(project, solution));
        }
        for (String wood : woods) {
            project = Settings.useWood(project, wood);
        }
        for (String real : milled) {
            project = Settings.milled(project, real);
        }
        for (String what : noted) {
            project = Settings.note(project, what);
        }
        for (String pin : pins) {
            project = Settings.pin(project, pin);
        }
        if (force) {
            DesignFile.write(design.file(), project);
        } else if (!DesignFile.writeUnlessChanged(design.file(), project, mark)) {
            throw new Refusal(
                    "%s was changed by another program meanwhile, so it stays as it is; give the command again, or --force."
                            .formatted(design.file()));
        }
        return Main.FINE;
    }
}
