package longshoulder.core.joint;

import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Skins;
import longshoulder.core.kind.Designs;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pieces that share wood: crossings at any angle, panels in grooves, and what is neither. */
class OverlapsTest {

    private static Amount size(String millimetres) {
        return new Amount.Ruled(Label.of("amount.flush"), mm(millimetres), Label.of("rule.flush"));
    }

    private static Piece bar(String id, Role role, String length, String width, String thickness, Pose pose) {
        return new Piece(id, role, id, size(length), size(width), size(thickness), pose);
    }

    /** A bar 600 × 40 × 30, its middle over the origin, turned in plan. */
    private static Piece turned(String id, double degrees) {
        double turn = Math.toRadians(degrees);
        Vector3D.Unit along = Vector3D.of(Math.cos(turn), Math.sin(turn), 0).normalize();
        Vector3D.Unit across = Vector3D.of(-Math.sin(turn), Math.cos(turn), 0).normalize();
        Vector3D origin = along.multiply(-300).add(across.multiply(-20));
        return bar(id, Role.RAIL, "600", "40", "30", new Pose(origin, along, across, Vector3D.Unit.PLUS_Z));
    }

    private static Plan plan(Piece... pieces) {
        return Planner.plan(Designs.of("free"), new Frame(List.of(pieces), List.of(), List.of(), List.of()));
    }

    /** Two bars 40 wide that cross at an angle share 40² ÷ sin of it; each loses half of 30 over that. */
    @ParameterizedTest
    @ValueSource(doubles = {90, 60, 45, 30, 120})
    void crossing_atAnyAngle_eachGivesWayByHalf(double degrees) {
        Plan plan = plan(turned("rail-a", 0), turned("rail-b", degrees));
        assertThat(plan.joints()).extracting(Joint::kind).containsExactly(JointKind.CROSS_LAP);
        double area = 40 * 40 / Math.sin(Math.toRadians(degrees));
        for (PlannedPiece piece : plan.pieces()) {
            assertThat(600 * 40 * 30 - piece.solid().volume()).isCloseTo(area * 15, within(1e-3));
            Skins.assertClosed(piece.mesh());
        }
        assertThat(plan.pieces().get(0).solid().overlaps(plan.pieces().get(1).solid())).isFalse();
    }

    /** Laid in from above: moved up, the one piece comes free of the other. */
    @Test
    void crossing_comesApartTheWayItGoesHome() {
        Plan plan = plan(turned("rail-a", 0), turned("rail-b", 70));
        Joint lap = plan.joints().getFirst();
        Vector3D out = lap.homeward().negate().multiply(40);
        assertThat(plan.piece("rail-a").solid().moved(out).overlaps(plan.piece("rail-b").solid())).isFalse();
        assertThat(
                plan.piece("rail-a").solid().moved(out.negate().multiply(0.25)).overlaps(plan.piece("rail-b").solid()))
                .isTrue();
    }

    /** Nearly one in the other: that is a mistake and no joint, and it is told. */
    @Test
    void pieceInAPiece_isNoCrossing() {
        Plan plan = plan(turned("rail-a", 0), turned("rail-b", 5));
        assertThat(plan.joints()).isEmpty();
        assertThat(plan.findings()).extracting(Finding::code).contains("pieces-collide");
    }

    /** One that only ends inside another does not pass through it. */
    @Test
    void endInsideAPiece_isNoCrossing() {
        Piece post = bar("post", Role.POST, "600", "60", "60",
                new Pose(Vector3D.of(-30, -30, -300), Vector3D.Unit.PLUS_Z, Vector3D.Unit.PLUS_X,
                        Vector3D.Unit.PLUS_Y));
        Piece rail = bar("rail", Role.RAIL, "300", "40", "30",
                new Pose(Vector3D.of(10, -20, 0), Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z));
        assertThat(plan(post, rail).findings()).extracting(Finding::code).contains("pieces-collide");
        Piece butted = bar("rail", Role.RAIL, "300", "40", "30",
                new Pose(Vector3D.of(30, -20, 0), Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z));
        Plan sound = plan(post, butted);
        assertThat(sound.findings()).extracting(Finding::code).doesNotContain("pieces-collide");
        assertThat(sound.joints()).extracting(Joint::kind).containsExactly(JointKind.STOPPED_TENON);
    }

    /** The rail lies flat: its thickness along the post. It is taken turned, so that the mortise still lies along the post. */
    @Test
    void flatRail_hasItsTenonAlongThePost() {
        Piece post = bar("post", Role.POST, "600", "60", "60",
                new Pose(Vector3D.of(-30, -30, -300), Vector3D.Unit.PLUS_Z, Vector3D.Unit.PLUS_X,
                        Vector3D.Unit.PLUS_Y));
        Piece flat = bar("rail", Role.RAIL, "300", "50", "36",
                new Pose(Vector3D.of(30, -25, 0), Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z));
        Plan plan = plan(post, flat);
        Tenon tenon = plan.joints().getFirst().tenons().getFirst();
        assertThat(tenon.meeting().tenonPiece().width().value()).isEqualTo(mm("36"));
        // 36 less shoulders of 6 at both edges lies along the post; a third of 50, taken to a chisel, across it
        assertThat(tenon.width().value()).isEqualTo(mm("24"));
        assertThat(tenon.thickness().value()).isEqualTo(mm("16"));
        double[] size = tenon.removes().bounds().size().toArray();
        assertThat(size[2]).isCloseTo(24, within(1e-9));
        assertThat(size[1]).isCloseTo(16, within(1e-9));
        assertThat(plan.piece("rail").piece().width().value()).isEqualTo(mm("50"));
        assertThat(plan.piece("rail").solid().overlaps(plan.piece("post").solid())).isFalse();
    }

    /** A panel 8 thick that stands 9 deep in a post: the groove is 8 wide and 10 deep and opens on that face. */
    @Test
    void panel_standsInTheFaceItLooksAt() {
        Piece post = bar("post", Role.POST, "600", "60", "60",
                new Pose(Vector3D.of(-60, -30, -300), Vector3D.Unit.PLUS_Z, Vector3D.Unit.PLUS_X,
                        Vector3D.Unit.PLUS_Y));
        Piece panel = bar("panel", Role.PANEL, "400", "200", "8",
                new Pose(Vector3D.of(-9, -4, -200), Vector3D.Unit.PLUS_Z, Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y));
        Plan plan = plan(post, panel);
        Joint groove = plan.joints().getFirst();
        assertThat(groove.kind()).isEqualTo(JointKind.GROOVE);
        assertThat(groove.meeting().part()).isEqualTo(Meeting.Part.FACE_EDGE);
        assertThat(groove.removes().volume()).isCloseTo(402 * 8 * 10, within(1e-6));
        assertThat(plan.piece("panel").solid().volume()).isCloseTo(400 * 200 * 8, within(1e-6));
        assertThat(plan.piece("post").solid().overlaps(plan.piece("panel").solid())).isFalse();
    }
}
