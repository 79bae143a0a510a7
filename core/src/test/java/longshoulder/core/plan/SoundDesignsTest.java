package longshoulder.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Random designs with other joints than the usual ones: what nothing stops can be made, for no two solids want the same place. */
class SoundDesignsTest {

    /** Of each kind; {@code benchmark/campaign} makes many more. */
    private static final int DESIGNS = Integer.getInteger("campaign.designs", 12);
    private static final int FIRST_SEED = Integer.getInteger("campaign.seed", 0);

    private record Body(String name, Solid solid) {}

    static List<Kind> kinds() {
        return Kinds.all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whatNothingStops_hasNoTwoSolidsInOnePlace(Kind kind) {
        for (int seed = FIRST_SEED; seed < FIRST_SEED + DESIGNS; seed++) {
            Plan plan = Planner.plan(design(kind, new Random(seed)));
            if (!plan.isStopped()) {
                assertThat(overlapping(plan)).as("%s of seed %s: %s", kind.id(), seed, plan.project().brief().values())
                        .isEmpty();
            }
        }
    }

    private static List<String> overlapping(Plan plan) {
        List<Body> bodies = new ArrayList<>();
        plan.pieces().forEach(piece -> bodies.add(new Body(piece.id(), piece.solid())));
        plan.joints().forEach(joint -> bodies.add(new Body("loose part of " + joint.id(), joint.loosePart())));
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < bodies.size(); i++) {
            for (int j = i + 1; j < bodies.size(); j++) {
                if (bodies.get(i).solid.overlaps(bodies.get(j).solid)) {
                    pairs.add(bodies.get(i).name + " and " + bodies.get(j).name);
                }
            }
        }
        return pairs;
    }

    /** A few choices of the kind, and another type for a few joints. */
    private static Project design(Kind kind, Random random) {
        Project project = Project.ofKind(kind, "", Showing.TENTH_MILLIMETRES);
        List<Parameter.Choice> choices = kind.parameters().stream().filter(Parameter.Choice.class::isInstance)
                .map(Parameter.Choice.class::cast).toList();
        for (int i = random.nextInt(3); i > 0 && !choices.isEmpty(); i--) {
            Parameter.Choice choice = choices.get(random.nextInt(choices.size()));
            project = chosen(project, choice.name(), any(choice.options(), random));
        }
        List<Joint> joints = Planner.plan(project).joints();
        for (int i = 1 + random.nextInt(3); i > 0 && !joints.isEmpty(); i--) {
            String joint = joints.get(random.nextInt(joints.size())).id();
            project = chosen(project, Address.of(joint, JointKind.CHOICE), any(JointKind.ofEnds(), random).id());
            if (random.nextInt(3) == 0) {
                project = chosen(project, Address.of(joint, "peg"), "drawbored");
            }
        }
        return project;
    }

    private static <T> T any(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    private static Project chosen(Project project, String name, String option) {
        try {
            return new Edit.Give(name, new Value.Chosen(option)).applyTo(project);
        } catch (EditRefused refused) {
            return project;
        }
    }
}
