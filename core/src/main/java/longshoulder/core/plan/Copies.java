package longshoulder.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Value;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;

/**
 * The copies of a design that are made as one job. A copy may have sizes of its own; those that are the same share a plan.
 *
 * @param numbers from 1
 */
public record Copies(Plan plan, List<Integer> numbers) {

    public Copies {
        numbers = List.copyOf(numbers);
    }

    /** How many are made of a project. */
    public static int count(Project project) {
        return project.brief().choice(Brief.COPIES).map(Integer::parseInt).orElse(1);
    }

    /** All copies, those that are the same together, in the order of the first of each. */
    public static List<Copies> of(Plan plan) {
        Project project = plan.project();
        Map<Map<String, Value>, List<Integer>> alike = new LinkedHashMap<>();
        IntStream.rangeClosed(1, count(project)).forEach(
                number -> alike.computeIfAbsent(own(project, number), own -> new ArrayList<>()).add(number));
        List<Copies> copies = new ArrayList<>();
        alike.forEach((own, numbers) -> copies.add(new Copies(own.isEmpty() ? plan : planned(project, own), numbers)));
        return copies;
    }

    /** What was given for one copy alone. */
    private static Map<String, Value> own(Project project, int number) {
        Map<String, Value> own = new TreeMap<>();
        project.brief().values().forEach((name, value) -> {
            Address address = Address.parse(name);
            if (address.copy().isPresent() && address.copy().getAsInt() == number) {
                own.put(address.parameter(), value);
            }
        });
        return own;
    }

    private static Plan planned(Project project, Map<String, Value> own) {
        Project copy = project;
        for (Map.Entry<String, Value> value : own.entrySet()) {
            copy = new Edit.Give(value.getKey(), value.getValue()).applyTo(copy);
        }
        return Planner.plan(copy);
    }

    /** What is written on a piece of a copy: its mark, with the number of the copy where there are several. */
    public static String mark(Project project, String mark, int number) {
        return count(project) > 1 ? mark + "-" + number : mark;
    }
}
