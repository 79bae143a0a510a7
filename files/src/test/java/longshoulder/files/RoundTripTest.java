package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.joint.JointType;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever an edit accepts is written so that it is read again as the same project. */
class RoundTripTest {

    /** As makers type them; most are accepted somewhere, all others must be refused. */
    private static final List<String> TYPED = List.of("33.3333 %", "0.333333", "1/3", "999999/999998", "0,125",
            "12.345678 %",
            "0", "0.000001", "0.00001°", "-0", "-0.0°", "1e-9", "5.123456789", "89.999999", "7", "19 1/64",
            "3' 2 17/32\"",
            "1200.0000001", "0.001 mm", "12 3/16 in", "1200 - 2*65", "40.9999999 cm");

    static List<Kind> kinds() {
        return Kinds.all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everythingThatIsAccepted_isReadAgain(Kind kind) throws BadFile {
        Random random = new Random(7);
        for (Showing showing : List.of(Showing.TENTH_MILLIMETRES, Showing.SIXTY_FOURTHS)) {
            Project project = Project.ofKind(kind, "", showing);
            for (Parameter parameter : Stream.concat(kind.parameters().stream(), HouseRules.parameters().stream())
                    .toList()) {
                for (Value value : values(parameter, showing.unit())) {
                    assertReadAgain(project, new Edit.Give(parameter.name(), value));
                }
            }
            for (Edit edit : ofJoints(project, random)) {
                assertReadAgain(project, edit);
            }
        }
    }

    private static List<Value> values(Parameter parameter, Unit unit) {
        List<Value> values = new ArrayList<>();
        if (parameter instanceof Parameter.Choice choice) {
            choice.options().forEach(option -> values.add(new Value.Chosen(option)));
        }
        for (String typed : TYPED) {
            try {
                values.add(parameter.read(typed, unit));
            } catch (EntryException refused) {
                assertThat(refused).isNotNull();
            }
        }
        return values;
    }

    /** The type of some joints, and all that it asks for. */
    private static List<Edit> ofJoints(Project project, Random random) {
        Plan plan = Planner.plan(project);
        List<JointKind> types = List.of(JointKind.values());
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < 3 && !plan.joints().isEmpty(); i++) {
            String joint = plan.joints().get(random.nextInt(plan.joints().size())).id();
            JointKind type = types.get(random.nextInt(types.size()));
            Edit choice = new Edit.Give(Address.of(joint, JointKind.CHOICE), new Value.Chosen(type.id()));
            for (Parameter parameter : JointType.of(type).parameters()) {
                values(parameter, Unit.MILLIMETRE).forEach(value -> edits.add(new Edit.All(
                        List.of(choice, new Edit.Give(Address.of(joint, parameter.name()), value)))));
            }
        }
        return edits;
    }

    private static void assertReadAgain(Project project, Edit edit) throws BadFile {
        Project changed;
        try {
            changed = edit.applyTo(project);
        } catch (EditRefused refused) {
            return;
        }
        assertThat(DesignFile.parse("again", DesignFile.toBytes(changed))).as(edit.toString()).isEqualTo(changed);
    }

    /** Titles as they are pasted: the file holds them, or the edit says why not. */
    @Test
    void titles_areReadAgain() throws BadFile {
        Project project = Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
        for (String title : List.of("Tisch\nmit\tZeilen", "\ud83e\ude91", "\ud83e", "\u0000", "\u202eTable",
                "x".repeat(200),
                "\ud83e\ude91".repeat(100), "x".repeat(201))) {
            assertReadAgain(project, new Edit.Retitle(title));
        }
    }
}
