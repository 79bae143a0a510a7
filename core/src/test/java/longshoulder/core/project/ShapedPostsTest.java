package longshoulder.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import longshoulder.core.Tables;
import longshoulder.core.frame.Arc;
import longshoulder.core.geometry.Skins;
import longshoulder.core.joint.Joint;
import longshoulder.core.kind.Designs;
import longshoulder.core.measure.Unit;
import longshoulder.core.plan.EndCut;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Posts that are bevelled, curved or tapered, and the shoulders that follow them. */
class ShapedPostsTest {

    private static Project altered(Project project, String... fields) {
        Map<String, String> all = new LinkedHashMap<>();
        for (int i = 0; i < fields.length; i += 2) {
            all.put(fields[i], fields[i + 1]);
        }
        return new Edit.Alter(Alterations.read(all, Unit.MILLIMETRE)).applyTo(project);
    }

    private static Project bevelled(String angle) {
        return altered(Designs.of("table"), "do", "bevel", "piece", "leg-front-left", "face", "right", "keeps", "front",
                "angle", angle);
    }

    private static void assertSound(Plan plan) {
        assertThat(plan.isStopped()).as("%s", plan.findings()).isFalse();
        for (PlannedPiece one : plan.pieces()) {
            Skins.assertClosed(one.mesh());
            for (PlannedPiece other : plan.pieces()) {
                assertThat(one.id().compareTo(other.id()) < 0 && one.solid().overlaps(other.solid()))
                        .as("%s in %s", one.id(), other.id()).isFalse();
            }
        }
    }

    /** The front apron, 22 thick, meets a face that falls away by 7° from front to back: its edge angle is 7°. */
    @ParameterizedTest
    @ValueSource(doubles = {3, 7, 12})
    void bevel_makesTheShoulderLeanAcrossTheEdge(double degrees) {
        Plan plan = Planner.plan(bevelled(degrees + "°"));
        assertSound(plan);
        PlannedPiece apron = plan.piece("apron-front");
        EndCut cut = apron.start().isSquare() ? apron.finish() : apron.start();
        assertThat(Math.abs(cut.edgeAngle())).isCloseTo(degrees, within(1e-9));
        assertThat(cut.faceAngle()).isCloseTo(0, within(1e-9));
        assertThat(cut.side()).isEqualTo(EndCut.LongAt.BACK);
        double outer = Planner.plan(Designs.of("table")).piece("apron-front").shoulderLength().orElseThrow().value()
                .toMillimetres();
        double tangent = Math.tan(Math.toRadians(degrees));
        double setback = plan.project().brief().required("apron.setback").value().toMillimetres();
        double back = setback + apron.piece().thickness().value().toMillimetres();
        assertThat(cut.longPoint().toMillimetres()).isCloseTo(outer + back * tangent, within(1e-6));
        assertThat(cut.shortPoint().toMillimetres()).isCloseTo(outer + setback * tangent, within(1e-6));
    }

    /** A rail along the width has no long face to the left: which one was meant nobody knows. */
    @ParameterizedTest
    @CsvSource({"bevel, bottom, keeps, left, angle, 9°", "bevel, right, keeps, front, angle, 9°",
            "curve, left, form, hollow, radius, 900"})
    void endsAreNoLongFaces(String change, String face, String one, String first, String other, String second) {
        assertThatThrownBy(
                () -> altered(Designs.of("door"), "do", change, "piece", "rail-bottom", "face", face, one, first,
                        other, second, "from", "0", "run", "300"))
                .isInstanceOf(EditRefused.class);
    }

    @Test
    void bevel_thatWouldLeaveNothing_waits() {
        Project project = bevelled("40°");
        for (String[] size : new String[][]{{"leg.width", "30"}, {"apron.thickness", "12"}, {"apron.setback", "2"}}) {
            project = Tables.give(size[0], size[1]).applyTo(project);
        }
        assertThat(Planner.plan(project).findings()).anyMatch(finding -> finding.code().equals("waits"));
    }

    /** The arc over the apron's width: the leg loses it, the apron has it; both ways give the sagitta. */
    @ParameterizedTest
    @CsvSource({"hollow, 400, 95", "round, 400, 95", "hollow, 900, 95", "round, 250, 95"})
    void curve_scribesTheShoulder(String form, String radius, String run) {
        Project table = Designs.of("table", "apron.width", run);
        Plan straight = Planner.plan(table);
        Plan plan = Planner.plan(altered(table, "do", "curve", "piece", "leg-front-left", "face", "right", "form", form,
                "radius", radius, "from", "0", "run", run));
        assertSound(plan);
        Arc arc = new Arc(Double.parseDouble(radius), Double.parseDouble(run));
        Joint joint = plan.joints().stream().filter(one -> one.id().equals("apron-front/leg-front-left")).findFirst()
                .orElseThrow();
        Amount depth = Objects.requireNonNull(joint.figures().get("scribe.depth"));
        assertThat(depth.value().toMillimetres()).isCloseTo(arc.sagitta(), within(0.011));
        for (int i = 0; i <= 4; i++) {
            double place = arc.chord() * i / 4;
            assertThat(Objects.requireNonNull(joint.figures().get("scribe.station-" + i)).value().toMillimetres())
                    .as("station %d", i).isCloseTo(form.equals("round") ? arc.fall(place) : arc.rise(place),
                            within(0.011));
        }
        double area = segment(arc);
        double lost = straight.piece("leg-front-left").solid().volume() - plan.piece("leg-front-left").solid().volume();
        double gained = plan.piece("apron-front").solid().volume() - straight.piece("apron-front").solid().volume();
        assertThat(lost).isPositive();
        assertThat(gained).isPositive();
        double strip = form.equals("hollow") ? area : arc.chord() * arc.sagitta() - area;
        double thickness = plan.piece("apron-front").piece().thickness().value().toMillimetres();
        double tenon = joint.tenons().getFirst().thickness().value().toMillimetres();
        assertThat(gained).isBetween(0.9 * strip * (thickness - tenon), 1.02 * strip * thickness);
    }

    /** Between an arc and its chord. */
    private static double segment(Arc arc) {
        double half = Math.asin(arc.chord() / 2 / arc.radius());
        return arc.radius() * arc.radius() * (half - Math.sin(half) * Math.cos(half));
    }

    /** A stretcher between tapered legs runs on to where the wood is: no gap is left under its shoulder. */
    @Test
    void stretchers_reachTaperedLegs() {
        Plan plan = Planner.plan(Designs.of("table", "stretchers", "box", "leg.taper", "two", "leg.foot", "44",
                "stretcher.thickness", "16"));
        assertSound(plan);
        for (Joint joint : plan.joints()) {
            if (joint.meeting().tenonPiece().id().startsWith("stretcher")) {
                assertThat(Objects.requireNonNull(joint.figures().get("scribe.depth")).value().isPositive()).isTrue();
            }
        }
        PlannedPiece stretcher = plan.piece("stretcher-front");
        PlannedPiece leg = plan.piece("leg-front-left");
        double into = 0.5;
        var nudged = stretcher.solid().moved(Vector3D.of(-into, 0, 0));
        double section = stretcher.piece().width().value().toMillimetres()
                * stretcher.piece().thickness().value().toMillimetres();
        Joint joint = plan.joints().stream().filter(one -> one.id().equals("stretcher-front/leg-front-left"))
                .findFirst().orElseThrow();
        double tenon = joint.tenons().getFirst().thickness().value().toMillimetres()
                * joint.tenons().getFirst().width().value().toMillimetres();
        assertThat(nudged.intersection(leg.solid()).volume()).isCloseTo(into * (section - tenon),
                within(0.12 * section * into));
    }
}
