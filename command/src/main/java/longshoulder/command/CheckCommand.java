package longshoulder.command;

import java.util.concurrent.Callable;
import longshoulder.core.plan.Plan;
import longshoulder.files.BadFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code check FILE}: the findings. */
@Command(name = "check", mixinStandardHelpOptions = true, description = "Lists what is wrong with a design; exits with 1 if it cannot be made.")
final class CheckCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Override
    public Integer call() throws BadFile {
        Plan plan = designs.plan();
        new PlanText(plan, designs.out()).findings();
        return Designs.code(plan);
    }
}
