package longshoulder.core.projection;

import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Joints;
import longshoulder.core.joint.SectionPlane;
import longshoulder.core.kind.Designs;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** One joint in section and pulled apart, and the hatching of what is cut. */
class JointDetailTest {

    private static JointDetail detail(JointKind kind, String... settings) {
        Project project = Joints.with(table("apron.setback", "0", "tenon.meeting", "shortened"), kind, settings);
        Plan plan = Planner.plan(project);
        return new JointDetail(plan, Joints.in(project));
    }

    private static double area(List<Vector2D> corners) {
        double sum = 0;
        for (int i = 0; i < corners.size(); i++) {
            sum += corners.get(i).signedArea(corners.get((i + 1) % corners.size()));
        }
        return Math.abs(sum) / 2;
    }

    private static double cut(JointDetail detail, SectionPlane section, String piece) {
        return detail.cutFaces(section).stream().filter(face -> face.piece().equals(piece))
                .mapToDouble(face -> area(face.corners())).sum();
    }

    /** Post 60 wide over 95 + 2 × 48.25, but its end is at the rail's edge; less the mortise of 71 × 31.5. */
    @Test
    void elevation_cutsPostAndRail() {
        JointDetail detail = detail(JointKind.STOPPED_TENON, "tenon.length", "30");
        assertThat(cut(detail, SectionPlane.ELEVATION, "leg-front-left")).isCloseTo(60 * (95 + 48.25) - 71 * 31.5,
                within(1e-6));
        assertThat(cut(detail, SectionPlane.ELEVATION, "apron-front")).isCloseTo(95 * (1.2 * 95 + 20) + 71 * 30,
                within(1e-6));
    }

    /** Across the tenon's width: post 60 × 60 less 8 × 31.5; rail 22 thick and its tenon of 8 × 30. */
    @Test
    void plan_cutsAcrossTheTenon() {
        JointDetail detail = detail(JointKind.STOPPED_TENON, "tenon.length", "30");
        double other = cut(detail, SectionPlane.PLAN, "leg-front-left");
        assertThat(cut(detail, SectionPlane.PLAN, "apron-front")).isCloseTo(22 * 134 + 8 * 30, within(1e-6));
        // The other apron's mortise opens here too.
        assertThat(other).isLessThan(60 * 60 - 8 * 31.5).isGreaterThan(60 * 60 - 2 * 8 * 41.5);
    }

    @ParameterizedTest
    @EnumSource(value = JointKind.class, mode = EnumSource.Mode.EXCLUDE, names = {"GROOVE", "CROSS_LAP", "EDGE_JOINT"})
    void apart_isClosedWhereItIsHomeAndFreeWhereItIsOut(JointKind kind) {
        JointDetail detail = detail(kind);
        List<DrawnPart> home = detail.apart(0);
        List<DrawnPart> out = detail.apart(1);
        assertThat(out).hasSameSizeAs(home);
        for (int i = 0; i < out.size(); i++) {
            Skins.assertClosed(out.get(i).cutShape().mesh());
            assertThat(out.get(i).solid().volume()).isCloseTo(home.get(i).solid().volume(), within(1e-6));
        }
        Solid post = out.getFirst().solid();
        assertThat(out.get(1).solid().intersection(post).volume()).isLessThan(1e-6);
    }

    @ParameterizedTest
    @EnumSource(value = JointKind.class, mode = EnumSource.Mode.EXCLUDE, names = {"GROOVE", "CROSS_LAP", "EDGE_JOINT"})
    void section_showsNothingBeforeItsPlane(JointKind kind) {
        JointDetail detail = detail(kind);
        for (SectionPlane section : SectionPlane.values()) {
            assertThat(detail.section(section)).allSatisfy(part -> part.solid().cells().forEach(
                    cell -> cell.corners().forEach(corner -> assertThat(detail.plane(section).distance(corner))
                            .isLessThan(1e-5))));
            assertThat(detail.cutFaces(section)).isNotEmpty();
            Projection drawing = Projection.visibleOf(detail.section(section), detail.view(section));
            assertThat(drawing.patches()).isNotEmpty();
            assertThat(drawing.extent().width()).isPositive();
        }
    }

    /** The room that a picture takes is known without drawing it. */
    @ParameterizedTest
    @EnumSource(value = JointKind.class, mode = EnumSource.Mode.EXCLUDE, names = {"GROOVE", "CROSS_LAP", "EDGE_JOINT"})
    void extentOf_isThatOfTheDrawing(JointKind kind) {
        View eye = View.pictorial(32, 24);
        for (double apart : List.of(0.0, 0.4, 1.0)) {
            List<DrawnPart> shown = detail(kind).apart(apart);
            Extent drawn = Projection.visibleOf(shown, eye).extent();
            Extent told = Projection.extentOf(shown, eye);
            assertThat(told.left()).isCloseTo(drawn.left(), within(0.01));
            assertThat(told.right()).isCloseTo(drawn.right(), within(0.01));
            assertThat(told.low()).isCloseTo(drawn.low(), within(0.01));
            assertThat(told.high()).isCloseTo(drawn.high(), within(0.01));
        }
    }

    /** Where on its side of its section a figure's line begins. */
    private static List<Object> start(Dimension figure) {
        return List.of(figure.view(), figure.side(), figure.rank(), figure.view().flat(figure.from()));
    }

    /** Between its two lines a drawing measures what its figure says, and no figure runs into another. */
    @ParameterizedTest
    @CsvSource({"STOPPED_TENON,peg=drawbored", "HAUNCHED_TENON,haunch.depth=12", "DIVIDED_TENON,tenon.division=double",
            "THROUGH_TENON,tenon.proud=12 tenon.wedges=two", "BLIND_WEDGED_TENON,wedge.line=with-grain",
            "TUSKED_TENON,tusk.bury=2", "STUB_TENON,runner.height=20 bolt=bolted", "LOOSE_TENON,mortise.easing=2",
            "HOUSING,housing.depth=20", "LAPPED_DOVETAIL,tail.length=25", "SLIDING_DOVETAIL,tail.length=25",
            "TAPERED_DOVETAIL,tail.root=12", "BRIDLE,bridle.tongue=10", "HALF_LAP,joints.show=shown",
            "COPE_AND_STICK,mould.width=9", "LONG_AND_SHORT,rebate.width=12", "GLAZING_BAR,rebate.width=12"})
    void dimensions_measureWhatTheySay(JointKind kind, String settings) {
        JointDetail detail = detail(kind, settings.split("[ =]"));
        List<Dimension> all = Stream.of(SectionPlane.values()).flatMap(plane -> detail.dimensions(plane).stream())
                .toList();
        assertThat(all).isNotEmpty().doesNotHaveDuplicates();
        assertThat(all.stream().map(JointDetailTest::start).distinct()).hasSameSizeAs(all);
        for (Dimension figure : all) {
            View view = figure.view();
            assertThat(view.flat(figure.from()).distance(view.flat(figure.to()))).as(figure.amount().label().key())
                    .isCloseTo(figure.amount().value().toMillimetres(), within(1e-6));
        }
    }

    /** Grooves, tongues and crossings have their figures too. */
    @Test
    void dimensions_awayFromEnds_measureWhatTheySay() {
        for (String kind : List.of("cabinet", "stand", "door")) {
            Plan plan = Designs.plan(kind);
            Joint cut = plan.joints().stream().filter(joint -> !joint.kind().isForEnds()).findFirst().orElseThrow();
            JointDetail detail = new JointDetail(plan, cut);
            List<Dimension> all = Stream.of(SectionPlane.values()).flatMap(plane -> detail.dimensions(plane).stream())
                    .toList();
            assertThat(all).as(kind).isNotEmpty().allSatisfy(figure -> assertThat(
                    figure.view().flat(figure.from()).distance(figure.view().flat(figure.to())))
                    .isCloseTo(figure.amount().value().toMillimetres(), within(1e-6)));
        }
    }

    @Test
    void loosePart_goesItsOwnWay() {
        for (JointKind kind : List.of(JointKind.TUSKED_TENON, JointKind.LOOSE_TENON)) {
            JointDetail detail = detail(kind);
            assertThat(detail.apart(0.5)).hasSize(3);
            assertThat(detail.apart(0.5).get(2).solid().bounds()).isNotEqualTo(detail.apart(0).get(2).solid().bounds());
        }
        Joint pegged = Joints.joint(JointKind.STOPPED_TENON, "peg", "pegged");
        assertThat(pegged.looseWay().dot(pegged.meeting().tenonPiece().pose().out())).isPositive();
    }
}
