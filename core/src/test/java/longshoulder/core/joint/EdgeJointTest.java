package longshoulder.core.joint;

import static longshoulder.core.Tables.give;
import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.projection.JointDetail;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Skins;
import longshoulder.core.kind.Designs;
import longshoulder.core.marking.Rod;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Boards glued along their grain. */
class EdgeJointTest {

    private static final String LAYER = "inner-apron-front/apron-front";

    private static Amount size(String millimetres) {
        return new Amount.Ruled(Label.of("amount.flush"), mm(millimetres), Label.of("rule.flush"));
    }

    /** A board 800 × 150 × 24 that lies flat with its least corner at (0, y, 0). */
    private static Piece board(String id, double y) {
        return new Piece(id, Role.TOP, id, size("800"), size("150"), size("24"),
                new Pose(Vector3D.of(0, y, 0), Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z));
    }

    private static List<Joint> edges(Plan plan) {
        return plan.joints().stream().filter(joint -> joint.kind() == JointKind.EDGE_JOINT).toList();
    }

    @Test
    void layers_meetTheirAprons_andTheGlueTakesNothing() {
        Plan plan = Planner.plan(Designs.of("table", "apron.layers", "two"));
        assertThat(edges(plan)).hasSize(4).extracting(Joint::id).contains(LAYER);
        assertThat(plan.isStopped()).isFalse();
        PlannedPiece layer = plan.piece("inner-apron-front");
        assertThat(layer.length().value()).isEqualTo(layer.piece().length().value());
        assertThat(layer.solid().volume()).isCloseTo(layer.piece().body().volume(), within(1e-6));
        assertThat(Rod.of(plan, layer.id()).marks()).isNotEmpty();
        assertThat(new JointDetail(plan, edges(plan).getFirst()).apart(0.5)).hasSize(2);
    }

    /** Boards of 24: a tongue 8 thick, grooves 8 deep in each, the tongue 15 wide; 800 long. */
    @Test
    void boards_tongued_loseTheirGroovesAndTheTongueFillsThem() {
        Frame frame = new Frame(List.of(board("top-a", 0), board("top-b", 150), board("top-c", 310)), List.of(),
                List.of(), List.of());
        Plan plain = Planner.plan(Designs.of("free"), frame);
        assertThat(edges(plain)).extracting(Joint::id).containsExactly("top-a/top-b");
        Project tongued = Designs.of("free").keeping("top-a/top-b:edge.form",
                new Value.Chosen("tongued"));
        Plan plan = Planner.plan(tongued, frame);
        for (String id : List.of("top-a", "top-b")) {
            assertThat(800 * 150 * 24 - plan.piece(id).solid().volume()).isCloseTo(800 * 8 * 8, within(1e-3));
            Skins.assertClosed(plan.piece(id).mesh());
        }
        Joint joint = edges(plan).getFirst();
        assertThat(joint.loosePart().volume()).isCloseTo(800 * 8 * 15, within(1e-3));
        assertThat(joint.loosePart().overlaps(plan.piece("top-a").solid())).isFalse();
        assertThat(joint.figures().keySet()).containsExactly("tongue.thickness", "tongue.width", "groove.depth");
    }

    /** Boards that lie across each other, or apart, are not glued. */
    @Test
    void acrossTheGrainOrApart_isNoEdgeJoint() {
        Piece across = new Piece("top-b", Role.TOP, "b", size("150"), size("800"), size("24"),
                new Pose(Vector3D.of(800, 150, 0), Vector3D.Unit.PLUS_Y, Vector3D.Unit.MINUS_X,
                        Vector3D.Unit.PLUS_Z));
        Plan plan = Planner.plan(Designs.of("free"),
                new Frame(List.of(board("top-a", 0), across, board("top-c", 310)), List.of(), List.of(), List.of()));
        assertThat(edges(plan)).isEmpty();
    }

    @Test
    void layer_leavesNoChoiceOfJoint() {
        assertThatThrownBy(() -> give(LAYER + ":joint", "through-tenon").applyTo(layeredTable()))
                .isInstanceOf(EditRefused.class);
        assertThat(edges(Planner.plan(give(LAYER + ":edge.form", "tongued").applyTo(layeredTable()))).stream()
                .filter(joint -> !joint.removes().isNothing())).hasSize(1);
    }

    private static Project layeredTable() {
        return Designs.of("table", "apron.layers", "two");
    }
}
