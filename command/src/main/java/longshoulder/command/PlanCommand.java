package longshoulder.command;

import java.util.Optional;
import java.util.concurrent.Callable;
import longshoulder.core.plan.Plan;
import longshoulder.files.BadFile;
import longshoulder.files.PlanJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code plan FILE}: the plan, for a person or as JSON. */
@Command(name = "plan", mixinStandardHelpOptions = true, description = "Shows the plan of a design: pieces, shoulder lengths, joints and findings.")
final class PlanCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Option(names = "--json", description = "As JSON; docs/formats/plan.schema.json describes it.")
    private boolean json;

    @Option(names = "--why", paramLabel = "PIECE", description = "The reckoning of a piece, by its id or mark.")
    private Optional<String> why = Optional.empty();

    @Override
    public Integer call() throws BadFile {
        Plan plan = designs.plan();
        if (json) {
            designs.print(PlanJson.toBytes(plan));
        } else if (why.isPresent()) {
            new PlanText(plan, designs.out()).why(designs.piece(plan, why.get()));
        } else {
            new PlanText(plan, designs.out()).plan();
        }
        return Designs.code(plan);
    }
}
