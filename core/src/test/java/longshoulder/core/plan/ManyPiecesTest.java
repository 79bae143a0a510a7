package longshoulder.core.plan;

import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import longshoulder.core.Tables;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Boundary;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Skin;
import longshoulder.core.geometry.Skins;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.Meetings;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Frames of many pieces: what is shared or left out for speed changes nothing. */
class ManyPiecesTest {

    private static final double POST = 60;

    private static Amount size(double millimetres) {
        return new Amount.Ruled(Label.of("amount.setback"), Length.fromMillimetres(millimetres),
                Label.of("rule.measured"));
    }

    /** Posts in a row with rails between them, each bay so wide and with so many rails. */
    private static Frame rack(int bays, int rails, double bay) {
        List<Piece> pieces = new ArrayList<>();
        for (int post = 0; post <= bays; post++) {
            pieces.add(new Piece("post-" + post, Role.LEG, "A" + post, size(1800), size(POST), size(POST),
                    Pose.of(Vector3D.of(post * (bay + POST), POST, 1800), Vector3D.Unit.PLUS_X,
                            Vector3D.Unit.MINUS_Y)));
        }
        for (int rail = 0; rail < bays * rails; rail++) {
            int at = rail / rails;
            double x = at * (bay + POST) + POST;
            double z = 150 + rail % rails * (1500.0 / rails);
            pieces.add(new Piece("rail-" + rail, Role.APRON, "B" + rail, size(bay), size(80), size(22),
                    new Pose(Vector3D.of(x, 40, z), Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Z,
                            Vector3D.Unit.MINUS_Y)));
        }
        return new Frame(pieces, List.of(), List.of(), List.of());
    }

    /** Every rail meets the post before it and the post after it, however far along the row. */
    @Property(tries = 60, seed = "2611")
    void meetings_noneIsMissedAndNoneInvented(@ForAll @IntRange(min = 1, max = 12) int bays,
            @ForAll @IntRange(min = 1, max = 4) int rails, @ForAll @IntRange(min = 30, max = 2000) int bay) {
        Set<String> expected = new HashSet<>();
        for (int rail = 0; rail < bays * rails; rail++) {
            expected.add("rail-" + rail + "/post-" + rail / rails);
            expected.add("rail-" + rail + "/post-" + (rail / rails + 1));
        }
        List<String> found = Meetings.find(rack(bays, rails, bay)).stream().map(Meeting::id).toList();
        assertThat(found).containsExactlyInAnyOrderElementsOf(expected);
    }

    /** Seats are measured on the model where no kind gives them: setback 18, and from the post's upper end to the edge. */
    @Test
    void seats_areMeasured() {
        Meeting meeting = Meetings.find(rack(1, 1, 600)).getFirst();
        assertThat(meeting.seat().setback().value()).isEqualTo(Tables.mm("18"));
        assertThat(meeting.seat().drop().value()).isEqualTo(Tables.mm("150"));
    }

    @Test
    void rack_isSoundAndItsRailsAreOneLineOfTheCutList() {
        Plan plan = Planner.plan(table(), rack(6, 4, 500));
        assertThat(plan.joints()).hasSize(48);
        List<CutLine> lines = CutList.of(plan).lines();
        assertThat(lines).anySatisfy(line -> assertThat(line.count()).isEqualTo(24));
        assertThat(lines).anySatisfy(line -> assertThat(line.count()).isEqualTo(5));
        for (PlannedPiece piece : plan.pieces()) {
            Skins.assertClosed(piece.mesh());
            assertThat(piece.mesh().volume()).isCloseTo(piece.solid().volume(), within(1e-3));
        }
        for (Joint joint : plan.joints()) {
            assertThat(joint.adds().minus(joint.removes()).volume()).isLessThan(1e-6);
        }
    }

    /** A skin that was made for an equal piece, or for its image, is the skin of this one; it may fall into other triangles. */
    @Property(tries = 60, seed = "2611")
    void skins_carriedOver_areThoseOfTheirOwnSolids(@ForAll("tables") Project project) {
        for (PlannedPiece piece : Planner.plan(project).pieces()) {
            Mesh own = Mesh.of(piece.solid());
            Skins.assertBalanced(piece.mesh());
            assertThat(piece.mesh().volume()).isCloseTo(own.volume(), within(1e-6 * own.volume()));
            assertPointsOf(own, piece.mesh());
            assertPointsOf(piece.mesh(), own);
            Boundary boundary = Boundary.of(piece.solid());
            List<Boundary.Arris> lines = boundary.lines().arrises();
            assertThat(piece.cutShape().lines().arrises()).hasSameSizeAs(lines)
                    .allSatisfy(arris -> assertThat(lines).anyMatch(line -> Skins.areSame(arris, line)));
            assertThat(piece.cutShape().lines().bends()).hasSameSizeAs(boundary.lines().bends());
            Skin carried = piece.cutShape().boundary().skin();
            assertThat(carried.seams()).isEqualTo(boundary.skin().seams());
            for (Skin.Face face : boundary.skin().faces()) {
                assertThat(Skins.areaLike(face, carried)).isCloseTo(Skins.areaLike(face, boundary.skin()),
                        within(1e-3));
            }
        }
    }

    private static void assertPointsOf(Mesh one, Mesh other) {
        assertThat(one.points())
                .allSatisfy(point -> assertThat(other.points()).anyMatch(near -> near.distance(point) < 1e-6));
    }

    @Provide
    Arbitrary<Project> tables() {
        return Tables.sensible();
    }

    /** Two tables side by side in the files would have the same outlines: the same design gives the same plan. */
    @Test
    void plan_isAPureFunction() {
        Plan one = Planner.plan(table("splay.side", "7\u00b0"));
        Plan other = Planner.plan(table("splay.side", "7\u00b0"));
        for (int i = 0; i < one.pieces().size(); i++) {
            assertThat(one.pieces().get(i).mesh().points()).isEqualTo(other.pieces().get(i).mesh().points());
            assertThat(one.pieces().get(i).outline().edges()).isEqualTo(other.pieces().get(i).outline().edges());
        }
        assertThat(one.findings()).isEqualTo(other.findings());
    }
}
