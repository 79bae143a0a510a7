package longshoulder.command;

import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.measure.Showing;
import longshoulder.core.words.Words;
import longshoulder.files.JointsJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** {@code joints}: every type of joint with its parameters and schools. */
@Command(name = "joints", mixinStandardHelpOptions = true, description = "Lists the types of joint with their parameters and schools.")
final class JointsCommand implements Callable<Integer> {

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private CommandSpec command;

    @Override
    public Integer call() {
        var out = command.commandLine().getOut();
        if (json) {
            out.print(new String(JointsJson.toBytes(), StandardCharsets.UTF_8));
            out.flush();
            return Main.FINE;
        }
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        for (JointKind kind : JointKind.values()) {
            out.printf("%s: %s%n", kind.id(), words.text("joint." + kind.id() + ".summary"));
            for (Parameter parameter : kind.parameters()) {
                out.printf("  %-18s %s%s%n", parameter.name(), words.meaning(parameter),
                        parameter instanceof Parameter.Choice choice ? ": " + String.join(", ", choice.options()) : "");
            }
        }
        return Main.FINE;
    }
}
