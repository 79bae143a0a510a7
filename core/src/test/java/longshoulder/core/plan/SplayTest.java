package longshoulder.core.plan;

import static longshoulder.core.Tables.plan;
import static longshoulder.core.Tables.worked;
import static longshoulder.core.Tables.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import java.util.function.ToDoubleFunction;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.Tables;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Leaning legs: the worked figures of the trade, and what holds for any lean. */
class SplayTest {

    private static final double ANGLE = 0.001;
    private static final double LENGTH = 0.001;

    private static Project leaning(Project project, double front, double side, String faces) {
        for (Edit edit : List.of(new Edit.Give("splay.front", new Value.Turned(new Angle(front))),
                new Edit.Give("splay.side", new Value.Turned(new Angle(side))),
                new Edit.Give("leg.faces", new Value.Chosen(faces)))) {
            project = edit.applyTo(project);
        }
        return project;
    }

    private static Plan leaning(double front, double side, String faces) {
        return Planner.plan(leaning(worked(), front, side, faces));
    }

    @Test
    void oneWay_sevenDegrees_asWorked() {
        Plan plan = leaning(0, 7, "square");
        assertThat(plan.piece("leg-front-left").length().value().toMillimetres()).isCloseTo(730.445, within(LENGTH));
        EndCut end = plan.piece("apron-left").start();
        assertThat(Math.abs(end.faceAngle())).isCloseTo(7, within(ANGLE));
        assertThat(end.edgeAngle()).isCloseTo(0, within(ANGLE));
        assertThat(end.shortPoint().toMillimetres()).isCloseTo(599.099, within(LENGTH));
        assertThat(end.longPoint().toMillimetres()).isCloseTo(622.428, within(LENGTH));
        assertThat(end.fence(mm("450")).toMillimetres()).isCloseTo(55.253, within(LENGTH));
        assertThat(end.faceBevel()).isCloseTo(83, within(ANGLE));
        assertThat(end.edge()).as("the top edge is the face edge, the bottom is longer")
                .isEqualTo(EndCut.LongAt.FAR_EDGE);
        assertThat(plan.piece("apron-left").finish().edge()).isEqualTo(EndCut.LongAt.FAR_EDGE);
        EndCut square = plan.piece("apron-front").start();
        assertThat(square.isSquare()).isTrue();
        assertThat(square.faceAngle()).isCloseTo(0, within(ANGLE));
        assertThat(square.longPoint().toMillimetres()).isCloseTo(1260, within(LENGTH));
    }

    /** A plain mortise: its sides stand square to the face of the leg, and it is as deep as the rule says. */
    @Test
    void tenonSquareToTheLeg_hasAPlainMortise_andShortGrainBeyondTenDegrees() {
        String joint = "apron-left/leg-front-left";
        Project gentle = Tables.give(joint + ":tenon.line", "post").applyTo(leaning(worked(), 0, 8, "square"));
        Joint plain = Planner.plan(gentle).joints().stream().filter(one -> one.id().equals(joint)).findFirst()
                .orElseThrow();
        assertThat(plain.removes().cells().getFirst().faces()).hasSize(6).allSatisfy(face -> assertThat(
                Math.abs(face.plane().normal().dot(plain.meeting().surface().normal()))).satisfiesAnyOf(
                        dot -> assertThat(dot).isCloseTo(0, within(1e-9)),
                        dot -> assertThat(dot).isCloseTo(1, within(1e-9))));
        assertThat(Planner.plan(gentle).findings()).noneMatch(one -> one.code().equals("tenon-short-grain"));
        Project steep = Tables.give(joint + ":tenon.line", "post").applyTo(leaning(worked(), 0, 12, "square"));
        Finding finding = Planner.plan(steep).findings().stream()
                .filter(one -> one.code().equals("tenon-short-grain")).findFirst().orElseThrow();
        Project mended = finding.remedies().getFirst().edit().applyTo(steep);
        assertThat(Planner.plan(mended).findings()).noneMatch(one -> one.code().equals("tenon-short-grain"));
    }

    /** The third rule: whatever the lean, both mortises are square to the shoulder and as deep as asked. */
    @Test
    void looseTenonWhereTheShoulderLeans_hasBothMortisesSquare() {
        Project project = Tables.give("loose-tenon:mortise.fit", "locating").applyTo(
                Tables.give("stopped-tenon:tenon.line", "loose").applyTo(leaning(worked(), 7, 7, "square")));
        Plan plan = Planner.plan(project);
        assertThat(plan.isStopped()).isFalse();
        assertThat(plan.joints()).isNotEmpty().allSatisfy(joint -> {
            assertThat(joint.kind()).isEqualTo(JointKind.LOOSE_TENON);
            HalfSpace face = joint.meeting().surface();
            double depth = Objects.requireNonNull(joint.figures().get("mortise.depth")).value().toMillimetres();
            assertThat(deepest(joint.removes(), face)).isCloseTo(depth, within(1e-6));
            assertThat(deepest(joint.removesFromRail(), face.complement())).isCloseTo(depth, within(1e-6));
            assertThat(joint.removes().volume()).isCloseTo(joint.removesFromRail().volume(), within(1e-3));
        });
        assertThat(Planner.plan(Tables.give("stopped-tenon:tenon.line", "loose").applyTo(Tables.worked())).joints())
                .allMatch(joint -> joint.kind() == JointKind.STOPPED_TENON);
    }

    private static double deepest(Solid solid, HalfSpace face) {
        return solid.cells().stream().flatMap(cell -> cell.corners().stream())
                .mapToDouble(corner -> -face.distance(corner)).max().orElse(0);
    }

    @Test
    void bothWaysCheck_saysWhichMeasureIsTheOddOne() {
        EndCut planned = leaning(0, 7, "square").piece("apron-left").start();
        Length width = Length.ofMillimetres(95);
        assertThat(BothWays.of(planned, width, Length.parse("599.1 mm"), Length.parse("622.4 mm"), new Angle(7)).odd())
                .isEqualTo(BothWays.Odd.NONE);
        assertThat(BothWays.of(planned, width, Length.parse("599.1 mm"), Length.parse("619.4 mm"), new Angle(7)).odd())
                .isEqualTo(BothWays.Odd.LONG_EDGE);
        assertThat(BothWays.of(planned, width, Length.parse("602 mm"), Length.parse("622.4 mm"), new Angle(7)).odd())
                .isEqualTo(BothWays.Odd.SHORT_EDGE);
        BothWays bevel = BothWays.of(planned, width, Length.parse("599.1 mm"), Length.parse("622.4 mm"),
                new Angle(8.5));
        assertThat(bevel.odd()).isEqualTo(BothWays.Odd.BEVEL);
        assertThat(bevel.fromEdges().degrees()).isCloseTo(6.992, within(ANGLE));
        // All three agree with each other, but are those of another piece.
        BothWays other = BothWays.of(planned, width, Length.parse("699.1 mm"), Length.parse("722.4 mm"), new Angle(7));
        assertThat(other.odd()).isEqualTo(BothWays.Odd.NONE);
        assertThat(other.isRight()).isFalse();
        assertThat(other.shorterBy().toMillimetres()).isCloseTo(100, within(0.01));
        BothWays square = BothWays.of(planned, width, Length.parse("600 mm"), Length.parse("600 mm"), Angle.ZERO);
        assertThat(square.isBevelAsPlanned()).isFalse();
        assertThat(square.bevelBy()).isCloseTo(-7, within(ANGLE));
    }

    /** Which edge and which side have the long point, told from where the corners of the shoulder lie. */
    @ParameterizedTest
    @CsvSource({"9, 9, square", "9, 9, backed", "0, 7, square", "5, 0, square", "4, 12, square"})
    void longPoints_lieWhereTheCornersDo(double front, double side, String faces) {
        Plan plan = leaning(front, side, faces);
        for (PlannedPiece apron : plan.pieces().stream().filter(one -> one.id().startsWith("apron")).toList()) {
            for (boolean finish : List.of(false, true)) {
                EndCut end = finish ? apron.finish() : apron.start();
                Shape shape = apron.piece().shape();
                List<Vector3D> corners = shape.corners(finish ? shape.finish() : shape.start()).stream()
                        .map(apron.piece().pose()::toLocal).toList();
                double across = reach(corners, Vector3D::getY, finish);
                double through = reach(corners, Vector3D::getZ, finish);
                assertThat(end.edge()).isEqualTo(side(across, EndCut.LongAt.FAR_EDGE, EndCut.LongAt.FACE_EDGE));
                assertThat(end.side()).isEqualTo(side(through, EndCut.LongAt.FACE_SIDE, EndCut.LongAt.BACK));
            }
        }
    }

    private static EndCut.LongAt side(double reach, EndCut.LongAt far, EndCut.LongAt near) {
        return Math.abs(reach) < 1e-6 ? EndCut.LongAt.NEITHER : reach > 0 ? far : near;
    }

    /** How much farther out the corners that lie far along an axis stand than those that lie near. */
    private static double reach(List<Vector3D> corners, ToDoubleFunction<Vector3D> axis, boolean finish) {
        double middle = corners.stream().mapToDouble(axis).average().orElseThrow();
        return (finish ? 1 : -1) * corners.stream()
                .mapToDouble(corner -> Math.signum(axis.applyAsDouble(corner) - middle) * corner.getX()).sum();
    }

    @Test
    void bothWays_nineDegrees_squareLegs_asWorked() {
        Plan plan = leaning(9, 9, "square");
        assertThat(plan.piece("leg-back-right").length().value().toMillimetres()).isCloseTo(742.965, within(LENGTH));
        assertThat(plan.piece("leg-back-right").blank()).isCloseTo(742.965 + 9.503 + 9.503, within(2 * LENGTH));
        assertThat(CutList.of(plan).lines()).filteredOn(line -> line.pieces().contains("leg-back-right"))
                .singleElement()
                .satisfies(line -> assertThat(line.rough().length().value().toMillimetres())
                        .isCloseTo(761.971 + 40, within(2 * LENGTH)));
        for (String apron : List.of("apron-front", "apron-right")) {
            for (EndCut end : List.of(plan.piece(apron).start(), plan.piece(apron).finish())) {
                assertThat(Math.abs(end.faceAngle())).isCloseTo(8.892, within(ANGLE));
                assertThat(Math.abs(end.edgeAngle())).isCloseTo(0.701, within(ANGLE));
                assertThat(Math.abs(end.sawMitre())).isCloseTo(8.892, within(ANGLE));
                assertThat(end.sawTilt()).isCloseTo(0.693, within(ANGLE));
            }
        }
    }

    @Test
    void bothWays_nineDegrees_backedLegs_asWorked() {
        Plan plan = leaning(9, 9, "backed");
        EndCut end = plan.piece("apron-front").start();
        assertThat(Math.abs(end.faceAngle())).isCloseTo(9, within(ANGLE));
        assertThat(end.edgeAngle()).isCloseTo(0, within(ANGLE));
        var leg = plan.piece("leg-front-left").piece().shape();
        double corner = Math.toDegrees(leg.faceSide().normal().angle(leg.farEdge().normal()));
        assertThat(Math.min(corner, 180 - corner)).isCloseTo(88.598, within(ANGLE));
        assertThat(plan.piece("leg-front-left").length().value().toMillimetres()).isCloseTo(742.965, within(LENGTH));
    }

    @Test
    void noLean_isThePlainTable() {
        assertThat(leaning(0, 0, "backed").piece("apron-front").length().value())
                .isEqualTo(plan("tenon.length", "38").piece("apron-front").length().value());
    }

    /** The legs lean away from under plumb aprons: what fits at the top may miss the leg farther down. */
    @Test
    void apronThatLeavesItsLegFartherDown_isFound() {
        Project narrow = Tables.table("leg.width", "42", "leg.depth", "42", "apron.width", "140");
        assertThat(Planner.plan(leaning(narrow, 2, 2, "square")).findings())
                .noneMatch(one -> one.code().equals("rail-off-post"));
        Finding finding = Planner.plan(leaning(narrow, 14, 14, "square")).findings().getFirst();
        assertThat(finding.code()).isEqualTo("rail-off-post");
        assertThat(finding.remedies()).isNotEmpty();
    }

    @Provide
    Arbitrary<Project> tables() {
        return Combinators
                .combine(Tables.sensible(), Arbitraries.integers().between(0, 150),
                        Arbitraries.integers().between(0, 150), Arbitraries.of("square", "backed"))
                .as((project, front, side, faces) -> leaning(project, front / 10.0, side / 10.0, faces));
    }

    /** Solids never overlap, skins are closed, meetings are found, the top section keeps the overhang. */
    @Property(tries = 300, seed = "2611")
    void anyLean_isSound(@ForAll("tables") Project project) {
        Plan plan = Planner.plan(project);
        assertThat(plan.joints().size()).isEqualTo(8);
        if (plan.findings().stream().anyMatch(finding -> finding.code().equals("rail-off-post"))) {
            return;
        }
        List<PlannedPiece> pieces = plan.pieces();
        for (int i = 0; i < pieces.size(); i++) {
            Skins.assertClosed(pieces.get(i).mesh());
            for (int j = i + 1; j < pieces.size(); j++) {
                Solid shared = pieces.get(i).solid().intersection(pieces.get(j).solid());
                assertThat(shared.volume()).as("%s in %s", pieces.get(i).id(), pieces.get(j).id())
                        .isLessThan(1e-6 * pieces.get(i).solid().volume());
            }
        }
        Bounds all = pieces.stream().map(PlannedPiece::solid).reduce(Solid.NOTHING, Solid::plus).bounds();
        assertThat(all.least().getZ()).isCloseTo(0, within(1e-6));
        double overhang = project.brief().required("overhang.ends").value().toMillimetres();
        double under = plan.piece("top").piece().pose().origin().getZ();
        double outermost = plan.piece("leg-front-left").mesh().points().stream()
                .filter(point -> point.getZ() > under - 1e-6).mapToDouble(Vector3D::getX).min().orElseThrow();
        assertThat(outermost).isCloseTo(overhang, within(1e-6));
    }

    @Property(tries = 300, seed = "2611")
    void anyLean_tenonsLieInTheirMortises(@ForAll("tables") Project project) {
        Plan plan = Planner.plan(project);
        for (Joint joint : plan.joints()) {
            assertThat(joint.adds().minus(joint.removes()).volume()).isLessThan(1e-6 * joint.adds().volume() + 1e-9);
        }
        assertThat(plan.findings()).allSatisfy(finding -> assertThat(finding.remedies()).isNotEmpty());
        assertThat(plan.findings()).noneMatch(finding -> finding.level() == Level.STOP
                && finding.code().equals("tenons-collide"));
    }
}
