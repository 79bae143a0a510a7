package longshoulder.command;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Callable;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Parameter;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.words.Words;
import longshoulder.files.KindsJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** {@code kinds}: every kind of furniture with its parameters. */
@Command(name = "kinds", mixinStandardHelpOptions = true, description = "Lists every kind of furniture with its parameters.")
final class KindsCommand implements Callable<Integer> {

    @Option(names = "--json", description = "As JSON, lengths in millimetres.")
    private boolean json;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private CommandSpec command;

    @Override
    public Integer call() {
        PrintWriter out = command.commandLine().getOut();
        if (json) {
            out.print(new String(KindsJson.toBytes(), StandardCharsets.UTF_8));
        } else {
            Words words = Words.showing(Showing.TENTH_MILLIMETRES);
            for (Kind kind : Kinds.all()) {
                out.println(kind.id() + ": " + words.text("kind." + kind.id() + ".summary"));
                kind.parameters().forEach(parameter -> describe(out, parameter, words));
            }
            out.println("House rules, for every kind:");
            HouseRules.parameters().forEach(rule -> describe(out, rule, words));
        }
        out.flush();
        return Main.FINE;
    }

    private static void describe(PrintWriter out, Parameter parameter, Words words) {
        out.printf("  %-21s %s (%s)%n", parameter.name(), words.meaning(parameter), switch (parameter) {
            case Parameter.Measure measure ->
                measure.preset(false).map(Object::toString).orElse("left to the rule of thumb") + "; "
                        + words.length(measure.least()) + " to " + words.length(measure.greatest());
            case Parameter.Turn turn -> turn.usual() + "; " + turn.least() + " to " + turn.greatest();
            case Parameter.Proportion part -> part.usual() + "; " + part.least() + " to " + part.greatest();
            case Parameter.Choice choice -> String.join(", ", choice.options());
        });
    }
}
