package longshoulder.core.plan;

import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;

import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Ratio;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;

class MovementTest {

    private static Project table() {
        return new Edit.UseWood("top", "beech").applyTo(new Edit.Give("overall.depth", new Value.Measured(mm("450")))
                .applyTo(Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES)));
    }

    private static Movement top(Project project) {
        return Movement.of(Planner.plan(project)).stream().filter(one -> one.piece().id().equals("top")).findFirst()
                .orElseThrow();
    }

    /** Beech, flat-sawn, 450 wide: 450 × 0.00431 × 3 = 5.82, × 2 = 3.88, slots of 9.70; quartered 450 × 0.0019 × 3 = 2.57. */
    @Test
    void top_growsAndShrinks() {
        Movement flat = top(table());
        assertThat(flat.growth().toMillimetres()).isEqualTo(5.8185);
        assertThat(flat.shrinkage().toMillimetres()).isEqualTo(3.879);
        assertThat(flat.swing().toMillimetres()).isEqualTo(9.6975);
        assertThat(flat.held()).isEmpty();
        Movement quartered = top(new Edit.Give("top:rings", new Value.Chosen("quartered")).applyTo(table()));
        assertThat(quartered.growth().toMillimetres()).isEqualTo(2.565);
    }

    /** The door's panel: what its grooves leave is more than it grows; where it dries by 12 they hardly hold it. */
    @Test
    void panel_isHeldByItsGrooves() throws Exception {
        Project door = Project.ofKind(Kinds.find("door").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        assertThat(Movement.of(Planner.plan(door))).isNotEmpty().noneMatch(Movement::isRisk);
        Project dry = new Edit.Give("wood.drying", new Value.Proportioned(Ratio.read("12"))).applyTo(door);
        Movement panel = Movement.of(Planner.plan(dry)).getFirst();
        assertThat(panel.isRisk()).isTrue();
        Movement.Held held = panel.held().orElseThrow();
        assertThat(held.left().plus(panel.shrinkage().times(1, 2)).plus(held.room().times(1, 2)))
                .isEqualTo(held.depth());
    }
}
