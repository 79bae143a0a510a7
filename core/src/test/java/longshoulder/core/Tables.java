package longshoulder.core;

import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Tables for tests. */
public final class Tables {

    private Tables() {}

    /** A table with aprons 95 wide, its other metric defaults and some values changed: name, text, name, text. */
    public static Project table(String... settings) {
        Project project = plain(Project.ofKind(Kinds.find("table").orElseThrow(), "test", Showing.TENTH_MILLIMETRES));
        project = give("apron.width", "95").applyTo(project);
        for (int i = 0; i < settings.length; i += 2) {
            project = give(settings[i], settings[i + 1]).applyTo(project);
        }
        return project;
    }

    /** The same design with stopped tenons wherever no joint is chosen, unmarked pieces, walls of a quarter of the stock, one through tenon each, and nothing rounded. */
    public static Project plain(Project project) {
        return new Edit.All(List.of(give(HouseRules.JOINTS, HouseRules.STOPPED_EVERYWHERE),
                give(HouseRules.MARKS, HouseRules.MARKS_AS_CHOSEN), give("limit.wall-share", "1/4"),
                give("figures.step", "0"),
                give("through-tenon:tenon.count", "one"))).applyTo(project);
    }

    public static Plan plan(String... settings) {
        return Planner.plan(table(settings));
    }

    /** The worked example of the chains: tenons 38 long. */
    public static Project worked() {
        return table("tenon.length", "38");
    }

    /** What is typed: 60, -1, 7°, a quarter as 1/4 for a house rule, or the name of an option. */
    public static Edit.Give give(String parameter, String text) {
        return HouseRules.find(parameter).map(rule -> new Edit.Give(parameter, rule.read(text, Unit.MILLIMETRE)))
                .orElseGet(() -> guess(parameter, text));
    }

    private static Edit.Give guess(String parameter, String text) {
        if (text.endsWith("°")) {
            return new Edit.Give(parameter, new Value.Turned(Angle.read(text)));
        }
        return new Edit.Give(parameter, Character.isDigit(text.charAt(0)) || text.startsWith("-")
                ? new Value.Measured(LengthEntry.read(text.startsWith("-") ? "0" + text : text, Unit.MILLIMETRE))
                : new Value.Chosen(text));
    }

    public static Length mm(String millimetres) {
        return Length.parse(millimetres + " mm");
    }

    /**
     * Sensible tables of any size: rails thinner than their legs, room between the legs, and legs so long that staggered aprons meet them one
     * below the other.
     */
    public static Arbitrary<Project> sensible() {
        Arbitrary<List<Integer>> sizes = Combinators.combine(Arbitraries.integers().between(500_000, 3_000_000),
                Arbitraries.integers().between(400_000, 1_500_000), Arbitraries.integers().between(350_000, 1_100_000),
                Arbitraries.integers().between(15_000, 60_000)).as((l, d, h, t) -> List.of(l, d, h, t));
        Arbitrary<List<Integer>> sections = Combinators.combine(Arbitraries.integers().between(40_000, 100_000),
                Arbitraries.integers().between(40_000, 100_000), Arbitraries.integers().between(60_000, 140_000),
                Arbitraries.integers().between(16_000, 28_000), Arbitraries.integers().between(0, 9_000),
                Arbitraries.integers().between(0, 60_000)).as((w, d, a, t, s, o) -> List.of(w, d, a, t, s, o));
        return Combinators.combine(sizes, sections, Arbitraries.of("mitred", "shortened", "interlocked", "staggered"))
                .as(Tables::sensible);
    }

    private static Project sensible(List<Integer> sizes, List<Integer> sections, String meeting) {
        List<Integer> micrometres = Stream.concat(sizes.stream(), sections.stream()).toList();
        String[] names = {"overall.length", "overall.depth", "overall.height", "top.thickness", "leg.width",
                "leg.depth", "apron.width", "apron.thickness", "apron.setback", "overhang.ends"};
        Project project = give("tenon.meeting", meeting).applyTo(table());
        for (int i = 0; i < names.length; i++) {
            Value value = new Value.Measured(Length.ofMicrometres(micrometres.get(i)));
            project = new Edit.Give(names[i], value).applyTo(project);
        }
        return project;
    }
}
