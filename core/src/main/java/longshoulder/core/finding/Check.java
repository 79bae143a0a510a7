package longshoulder.core.finding;

import java.util.List;

/** One rule. It reports every place where it is broken, not only the first. */
@FunctionalInterface
public interface Check {
    List<Finding> run(Subject subject);
}
