package longshoulder.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import longshoulder.core.brief.Value;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Forms that are shared and remembered are those that would be cut anew. */
class CuttingTest {

    private static Project of(String kind) {
        return Project.ofKind(Kinds.find(kind).orElseThrow(), "", Showing.TENTH_MILLIMETRES);
    }

    private static Cutting anew(Plan plan, PlannedPiece piece) {
        List<Joint> received = plan.joints().stream()
                .filter(joint -> joint.meeting().post().id().equals(piece.id())).toList();
        return Cutting.of(piece.piece(), piece.joints().stream().map(Cutting.End::of).toList(), received,
                plan.frame().shaping(piece.id()));
    }

    /** The second plan takes from what the first one made. */
    @ParameterizedTest
    @ValueSource(strings = {"table", "stool", "bench", "door", "cabinet", "trestle"})
    void form_isThatOfThePieceCutAnew(String kind) {
        Project first = of(kind);
        Planner.plan(first);
        String size = first.brief().values().keySet().stream()
                .filter(name -> name.endsWith(".width") && first.brief().measure(name).isPresent())
                .findFirst().orElseThrow();
        Length wider = first.brief().required(size).value().plus(Length.ofMillimetres(3));
        Plan plan = Planner.plan(new Edit.Give(size, new Value.Measured(wider)).applyTo(first));
        for (PlannedPiece piece : plan.pieces()) {
            Solid anew = anew(plan, piece).solid();
            assertThat(piece.solid().volume()).as(piece.id()).isCloseTo(anew.volume(), within(0.01));
            assertThat(piece.solid().bounds().least().distance(anew.bounds().least())).isLessThan(1e-6);
            assertThat(piece.solid().bounds().greatest().distance(anew.bounds().greatest())).isLessThan(1e-6);
            assertThat(piece.mesh().volume()).as(piece.id()).isCloseTo(anew.volume(), within(0.1));
        }
    }

    @Test
    void alike_isEqualWhereTheSameIsCut() {
        Plan plan = Planner.plan(of("table"));
        Cutting.Likeness front = anew(plan, plan.piece("apron-front")).alike();
        assertThat(front).isEqualTo(anew(plan, plan.piece("apron-front")).alike());
        assertThat(front).isEqualTo(anew(plan, plan.piece("apron-back")).alike());
        assertThat(front).isNotEqualTo(anew(plan, plan.piece("apron-left")).alike());
        assertThat(front).isNotEqualTo(anew(plan, plan.piece("leg-front-left")).alike());
    }

    /** Their round holes lie alike too, though they stand the other way round. */
    @Test
    void alike_whereRoundHolesAre() {
        Project bolted = new Edit.Give("stretcher.joint", Edit.parameter(of("workbench"), "stretcher.joint")
                .read("bolted", Unit.MILLIMETRE)).applyTo(of("workbench"));
        Plan plan = Planner.plan(bolted);
        assertThat(anew(plan, plan.piece("stretcher-front")).alike())
                .isEqualTo(anew(plan, plan.piece("stretcher-back")).alike());
    }
}
