package longshoulder.core.joint;

import java.util.Objects;
import longshoulder.core.Tables;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;

/** One joint of a plain table, for tests. */
public final class Joints {

    public static final String FRONT_LEFT = "apron-front/leg-front-left";

    private Joints() {}

    /** A table whose joint at the front left is of a type, with settings of its own: name, text, name, text. */
    public static Project with(Project project, JointKind kind, String... settings) {
        Project changed = Tables.give(Address.of(FRONT_LEFT, JointKind.CHOICE), kind.id()).applyTo(project);
        for (int i = 0; i < settings.length; i += 2) {
            changed = Tables.give(Address.of(FRONT_LEFT, settings[i]), settings[i + 1]).applyTo(changed);
        }
        return changed;
    }

    /** That joint in a table whose aprons are flush with their legs. */
    public static Joint joint(JointKind kind, String... settings) {
        return in(with(Tables.table("apron.setback", "0"), kind, settings));
    }

    /** That joint of a project. */
    public static Joint in(Project project) {
        return Planner.plan(project).joints().stream().filter(one -> one.id().equals(FRONT_LEFT)).findFirst()
                .orElseThrow();
    }

    public static Length figure(Joint joint, String name) {
        return Objects.requireNonNull(joint.figures().get(name), name).value();
    }
}
