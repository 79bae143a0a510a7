package longshoulder.command;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.joint.Candidate;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.plan.TriedCandidate;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;
import longshoulder.files.JointsJson;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code joints}: every type of joint with its parameters and rules; with a file, how they suit its meetings. */
@Command(name = "joints", mixinStandardHelpOptions = true, description = "Lists the types of joint with their parameters and rules.")
final class JointsCommand implements Callable<Integer> {

    @Parameters(index = "0", arity = "0..1", paramLabel = "FILE", description = "A design: compares the types for its meetings.")
    private @Nullable Path file;

    @Option(names = "--at", paramLabel = "JOINT", description = "Only for this one, such as apron-front/leg-front-left.")
    private String at = "";

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private CommandSpec command;

    @Override
    public Integer call() throws BadFile {
        PrintWriter out = command.commandLine().getOut();
        if (file != null) {
            compare(Planner.plan(DesignFile.read(file)), out);
            return Main.FINE;
        }
        if (json) {
            out.print(new String(JointsJson.toBytes(), StandardCharsets.UTF_8));
            out.flush();
            return Main.FINE;
        }
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        for (JointKind kind : JointKind.values()) {
            out.printf("%s: %s%n", kind.id(), words.text("joint." + kind.id() + ".summary"));
            for (Parameter parameter : JointType.of(kind).parameters()) {
                out.printf("  %-18s %s%s%n", parameter.name(), words.meaning(parameter),
                        parameter instanceof Parameter.Choice choice ? ": " + String.join(", ", choice.options()) : "");
            }
        }
        return Main.FINE;
    }

    private void compare(Plan plan, PrintWriter out) {
        Words words = Words.showing(plan.project().showing());
        List<Joint> asked = plan.joints().stream().filter(joint -> at.isEmpty() || joint.id().equals(at)).toList();
        if (asked.isEmpty()) {
            throw new Refusal("There is no joint \"%s\" in this design; its joints are %s.".formatted(at,
                    String.join(", ", plan.joints().stream().map(Joint::id).toList())));
        }
        if (json) {
            out.print(new String(at.isEmpty()
                    ? JointsJson.toBytes(plan, asked)
                    : JointsJson.toBytes(plan, asked.getFirst()), StandardCharsets.UTF_8));
            out.flush();
            return;
        }
        for (Joint joint : asked) {
            out.printf("%s (%s)%n", words.name(joint.id()), joint.id());
            for (TriedCandidate tried : TriedCandidate.of(plan, joint)) {
                Candidate candidate = tried.candidate();
                out.printf("  %s %s%s%n", candidate.kind() == joint.kind() ? "*" : " ",
                        words.text("joint." + candidate.kind().id()), candidate.unusual() ? " (unusual here)" : "");
                tried.stop().ifPresent(stop -> out.println("      ! " + words.say(stop)));
                candidate.speaksFor().forEach(reason -> out.println("      + " + words.say(reason)));
                candidate.speaksAgainst().forEach(reason -> out.println("      - " + words.say(reason)));
            }
        }
        out.flush();
    }
}
