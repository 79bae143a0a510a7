package longshoulder.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Project;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What holds for any sensible table. */
class TablePropertiesTest {

    @Provide
    Arbitrary<Project> tables() {
        return Tables.sensible();
    }

    @Property(tries = 300, seed = "2611")
    void plan_overallSizes_recomputedFromThePieces(@ForAll("tables") Project project) {
        Plan plan = Planner.plan(project);
        Length legs = plan.piece("leg-front-left").piece().width().value().times(2);
        Length shoulder = plan.piece("apron-front").shoulderLength().orElseThrow().value();
        Length overhang = project.brief().required("overhang.ends").value().times(2);
        assertThat(shoulder.plus(legs).plus(overhang)).isEqualTo(project.brief().required("overall.length").value());
        Bounds all = plan.pieces().stream().map(PlannedPiece::solid).reduce(Solid.NOTHING, Solid::plus).bounds();
        assertThat(all.size().getX())
                .isCloseTo(project.brief().required("overall.length").value().toMillimetres(), within(1e-9));
        assertThat(all.size().getY())
                .isCloseTo(project.brief().required("overall.depth").value().toMillimetres(), within(1e-9));
        assertThat(all.size().getZ())
                .isCloseTo(project.brief().required("overall.height").value().toMillimetres(), within(1e-9));
    }

    @Property(tries = 300, seed = "2611")
    void plan_solids_neverOverlap(@ForAll("tables") Project project) {
        List<PlannedPiece> pieces = Planner.plan(project).pieces();
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = i + 1; j < pieces.size(); j++) {
                Solid shared = pieces.get(i).solid().intersection(pieces.get(j).solid());
                assertThat(shared.volume()).as("%s in %s", pieces.get(i).id(), pieces.get(j).id())
                        .isLessThan(1e-6 * pieces.get(i).solid().volume());
            }
        }
    }

    @Property(tries = 300, seed = "2611")
    void plan_meshes_areClosedAndHoldTheVolume(@ForAll("tables") Project project) {
        for (PlannedPiece piece : Planner.plan(project).pieces()) {
            Skins.assertClosed(piece.mesh());
            assertThat(piece.mesh().volume()).isCloseTo(piece.solid().volume(),
                    within(1e-6 * piece.solid().volume()));
        }
    }

    @Property(tries = 300, seed = "2611")
    void plan_volumes_addUp(@ForAll("tables") Project project) {
        Plan plan = Planner.plan(project);
        for (PlannedPiece piece : plan.pieces()) {
            double body = piece.piece().body().volume();
            double added = piece.joints().stream().mapToDouble(joint -> joint.adds().volume()).sum();
            Solid mortises = plan.mortisesIn(piece.id()).stream().map(Joint::removes).reduce(Solid.NOTHING,
                    (a, b) -> a.plus(b.minus(a)));
            assertThat(piece.solid().volume()).isCloseTo(body + added - mortises.volume(), within(1e-3));
        }
    }

    @Property(tries = 300, seed = "2611")
    void plan_everyTenon_liesInItsMortise(@ForAll("tables") Project project) {
        Plan plan = Planner.plan(project);
        assertThat(plan.joints()).hasSize(8);
        for (Joint joint : plan.joints()) {
            assertThat(joint.adds().minus(joint.removes()).volume()).isLessThan(1e-6 * joint.adds().volume());
            assertThat(joint.tenons().getFirst().depth().value().minus(joint.tenons().getFirst().length().value()))
                    .isEqualTo(Length.ofMicrometres(1_500));
        }
    }
}
