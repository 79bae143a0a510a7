package longshoulder.core.finding;

import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.joint.Joints;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Orientation;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import org.junit.jupiter.api.Test;

/** Mirror images and pieces that would also go in turned, found from the solids. */
class HandedTest {

    private static final String FRONT_RIGHT = "apron-front/leg-front-right";

    private static List<Finding> found(Project project, String code) {
        return Planner.plan(project).findings().stream().filter(finding -> finding.code().equals(code)).toList();
    }

    /** Legs of 60 × 60 with both aprons set back alike are the same turned about; 60 × 70 they are left and right. */
    @Test
    void legs_ofUnequalSides_areLeftAndRight() {
        assertThat(found(table(), "handed")).isEmpty();
        Finding finding = found(table("leg.depth", "70"), "handed").getFirst();
        assertThat(finding.about()).containsExactlyInAnyOrder("leg-front-left", "leg-front-right", "leg-back-left",
                "leg-back-right");
        assertThat(finding.level()).isEqualTo(Level.NOTE);
    }

    /** One action marks them all; one piece without a mark is no pair any more. */
    @Test
    void mark_settlesIt() {
        Project project = table("leg.depth", "70");
        Finding finding = found(project, "handed").getFirst();
        Project marked = finding.remedies().getFirst().edit().applyTo(project);
        assertThat(found(marked, "handed")).isEmpty();
        assertThat(finding.about()).allMatch(piece -> Orientation.isMarked(marked, piece));
        Project three = Tables.give(Address.of("leg-back-left", Orientation.PARAMETER), "unmarked").applyTo(marked);
        assertThat(found(three, "handed")).isEmpty();
        Project two = Tables.give(Address.of("leg-front-left", Orientation.PARAMETER), "unmarked").applyTo(three);
        assertThat(found(two, "handed")).singleElement()
                .satisfies(pair -> assertThat(pair.about()).containsExactly("leg-front-left", "leg-back-left"));
    }

    /** A rail with tusks at both ends fits turned over about its length, but then the slots slope the wrong way. */
    @Test
    void tuskedRail_wouldGoInTurnedOver() {
        Project project = table("apron.setback", "0", "leg.width", "40", "leg.depth", "40");
        for (String joint : List.of(Joints.FRONT_LEFT, FRONT_RIGHT)) {
            project = Tables.give(joint + ":joint", "tusked-tenon").applyTo(project);
        }
        List<Finding> turned = found(project, "goes-in-turned");
        assertThat(turned).singleElement().satisfies(finding -> {
            assertThat(finding.about()).containsExactly("apron-front");
            assertThat(finding.message().key()).isEqualTo("finding.turned.OVER");
        });
        Project marked = turned.getFirst().remedies().getFirst().edit().applyTo(project);
        assertThat(found(marked, "goes-in-turned")).isEmpty();
    }

    /** Plain tenons with square ends: whichever way it goes in, it is the same rail. */
    @Test
    void plainRail_isTheSameEveryWay() {
        assertThat(found(table("tenon.meeting", "shortened"), "goes-in-turned")).isEmpty();
        assertThat(found(table(), "goes-in-turned")).isEmpty();
    }

    /** Drawbored, a rail turned end for end has its holes where they were; turned over as well. */
    @Test
    void peggedRail_symmetricHoles_isTheSame() {
        Project project = table("tenon.meeting", "shortened");
        for (String joint : List.of(Joints.FRONT_LEFT, FRONT_RIGHT)) {
            project = Tables.give(joint + ":peg", "drawbored").applyTo(project);
        }
        assertThat(found(project, "goes-in-turned")).isEmpty();
    }

    /** Pegged at one end only, it would also go in end for end. */
    @Test
    void peggedAtOneEnd_wouldGoInEndForEnd() {
        Project project = Joints.with(table("tenon.meeting", "shortened"), JointKind.STOPPED_TENON, "peg", "pegged");
        assertThat(found(project, "goes-in-turned")).singleElement().satisfies(
                finding -> assertThat(finding.message().key()).isIn("finding.turned.END_FOR_END_FACE_UP",
                        "finding.turned.END_FOR_END_FACE_DOWN"));
    }
}
