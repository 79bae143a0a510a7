package longshoulder.core.kind;

import longshoulder.core.Tables;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;

/** Designs of any kind, for tests. */
public final class Designs {

    private Designs() {}

    /** A design of a kind with stopped tenons where no joint is chosen ({@link Tables#plain}) and some values changed: name, text, name, text. */
    public static Project of(String kind, String... settings) {
        Project project = kind.equals("table")
                ? Tables.table()
                : Tables.plain(Project.ofKind(Kinds.find(kind).orElseThrow(), "test", Showing.TENTH_MILLIMETRES));
        for (int i = 0; i < settings.length; i += 2) {
            project = Tables.give(settings[i], settings[i + 1]).applyTo(project);
        }
        return project;
    }

    public static Plan plan(String kind, String... settings) {
        return Planner.plan(of(kind, settings));
    }

    /** The length of a piece, tenons included. */
    public static Length length(Plan plan, String piece) {
        return plan.piece(piece).length().value();
    }

    /** From shoulder to shoulder. */
    public static Length shoulder(Plan plan, String piece) {
        return plan.piece(piece).shoulderLength().orElseThrow().value();
    }
}
