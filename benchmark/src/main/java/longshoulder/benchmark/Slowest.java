package longshoulder.benchmark;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Angle;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;

/**
 * Looks for the slowest design of a kind: each parameter in turn is given whichever of some values makes an edit allocate most. Bytes are
 * counted and not time, since they are the same whatever else the machine does. Designs with a stop are passed over.
 */
public final class Slowest {

    /** A parameter may only tell when others have changed. */
    private static final int PASSES = 2;

    /** Less more than this is no find. */
    private static final double MORE = 1.01;

    /** The first plans load classes. */
    private static final int WARM = 50;

    private final Kind kind;
    private Project slowest;
    private double bytes;

    private Slowest(Project design) {
        kind = Kinds.find(design.brief().kind()).orElseThrow();
        slowest = design;
        for (int i = 0; i < WARM; i++) {
            bytes = bytes(design);
        }
    }

    /** Prints what it finds. @param designs in a line each, to begin with; all kinds as they are if there are none */
    public static void main(String[] designs) {
        List<String> lines = designs.length > 0 ? List.of(designs) : Kinds.all().stream().map(Kind::id).toList();
        for (String line : lines) {
            Slowest search = new Slowest(Designs.of(line));
            System.out.printf("%s: %.1f MB an edit%n", line, search.bytes / 1e6);
            for (int pass = 0; pass < PASSES; pass++) {
                search.kind.parameters().forEach(search::vary);
            }
            System.out.printf("  %.1f MB in the end, %d joints%n", search.bytes / 1e6,
                    Planner.plan(search.slowest).joints().size());
        }
    }

    private void vary(Parameter parameter) {
        Project before = slowest;
        values(parameter).forEach(value -> {
            try {
                Edit edit = new Edit.Give(parameter.name(), value);
                double changed = bytes(edit.applyTo(before));
                if (changed > MORE * bytes) {
                    bytes = changed;
                    slowest = edit.applyTo(before);
                    System.out.printf("  %.1f MB with %s%n", bytes / 1e6, edit);
                }
            } catch (EditRefused beyondItsBounds) {
                // Nothing is tried there.
            }
        });
    }

    private static Stream<Value> values(Parameter parameter) {
        return switch (parameter) {
            case Parameter.Choice choice -> choice.options().stream().map(Value.Chosen::new);
            case Parameter.Turn turn -> Stream.of(new Angle(0), new Angle(6), turn.greatest()).map(Value.Turned::new);
            case Parameter.Measure measure -> measure.metric().stream()
                    .flatMap(usual -> Stream.of(measure.greatest(), measure.least(), usual.times(3, 2),
                            usual.times(2, 3)))
                    .map(Value.Measured::new);
            case Parameter.Proportion proportion -> proportion.preset(false).stream();
        };
    }

    /** What the plan of an edit allocates on all threads; nothing where the design has a stop. */
    private static double bytes(Project design) {
        if (Planner.plan(design).isStopped()) {
            return 0;
        }
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        Sizes sizes = new Sizes(design);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 2; i++) {
            Project edited = sizes.next().applyTo(design);
            long before = threads.getTotalThreadAllocatedBytes();
            Planner.plan(edited);
            least = Math.min(least, threads.getTotalThreadAllocatedBytes() - before);
        }
        return least;
    }
}
