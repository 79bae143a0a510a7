package longshoulder.command;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Callable;
import longshoulder.core.plan.Movement;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.MovementJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code movement FILE [--json]}: how much wide pieces grow and shrink, and the room that they have. */
@Command(name = "movement", mixinStandardHelpOptions = true, description = "Lists how much each wide piece grows and shrinks with the moisture, and the room that its grooves leave.")
final class MovementCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Option(names = "--json", description = "As JSON, lengths in millimetres.")
    private boolean json;

    @Override
    public Integer call() throws BadFile {
        Plan plan = designs.plan();
        List<Movement> all = Movement.of(plan);
        if (json) {
            designs.out().print(new String(MovementJson.toBytes(all), StandardCharsets.UTF_8));
        } else {
            Words words = Words.showing(plan.project().showing());
            all.forEach(one -> designs.out().println(words.say(one)));
        }
        designs.out().flush();
        return Designs.code(plan);
    }
}
