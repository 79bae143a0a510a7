package longshoulder.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;

/**
 * What an edit of each length of a design takes to plan, in turn, round by round: an overall size is one of many that a maker types. Of
 * each length a few edits follow each other, to sizes that it did not have in the round before.
 */
public final class EachLength {

    /** Of one length in a round; the first ones come from another length's edits and are not counted. */
    private static final int EDITS = 6;
    private static final int TURNING = 2;

    /** Sizes differ by micrometres, and come back after so many: what is remembered is forgotten by then. */
    private static final int SIZES = 900;

    private final Project design;
    private final Map<String, List<Double>> times = new LinkedHashMap<>();

    private EachLength(Project design) {
        this.design = design;
        Kinds.find(design.brief().kind()).orElseThrow().parameters().stream().map(parameter -> parameter.name())
                .filter(name -> design.brief().measure(name).isPresent())
                .forEach(name -> times.put(name, new ArrayList<>()));
    }

    /** Prints medians, the slowest first. @param arguments for how many seconds each, then designs in a line each */
    public static void main(String[] arguments) {
        long seconds = Long.parseLong(arguments[0]);
        Arrays.stream(arguments).skip(1).forEach(line -> {
            System.out.println(line);
            new EachLength(Designs.of(line)).run(TimeUnit.SECONDS.toNanos(seconds));
        });
    }

    private void run(long nanoseconds) {
        long end = System.nanoTime() + nanoseconds;
        for (int round = 0; System.nanoTime() < end; round++) {
            for (String name : times.keySet()) {
                for (int i = 0; i < EDITS; i++) {
                    double milliseconds = milliseconds(edited(name, (round * (EDITS + 1) + i) % SIZES + 1));
                    if (i >= TURNING) {
                        times.get(name).add(milliseconds);
                    }
                }
            }
        }
        times.keySet().stream().sorted(Comparator.comparingDouble(this::median).reversed())
                .forEach(name -> System.out.printf("  %5.1f ms %s%n", median(name), name));
    }

    /** Longer by so many micrometres, or shorter where it cannot be longer. */
    private Project edited(String name, int micrometres) {
        Length length = design.brief().measure(name).orElseThrow().value();
        Length step = Length.ofMicrometres(micrometres);
        return Stream.of(length.plus(step), length.minus(step)).flatMap(other -> given(name, other)).findFirst()
                .orElseThrow();
    }

    private Stream<Project> given(String name, Length length) {
        try {
            return Stream.of(new Edit.Give(name, new Value.Measured(length)).applyTo(design));
        } catch (EditRefused beyondItsBounds) {
            return Stream.empty();
        }
    }

    private static double milliseconds(Project edited) {
        long start = System.nanoTime();
        Planner.plan(edited);
        return (System.nanoTime() - start) / 1e6;
    }

    /** Of the last two fifths: before, the compiler is still at work. */
    private double median(String name) {
        List<Double> all = times.getOrDefault(name, List.of());
        List<Double> warm = new ArrayList<>(all.subList(all.size() * 3 / 5, all.size()));
        Collections.sort(warm);
        return warm.get(warm.size() / 2);
    }
}
