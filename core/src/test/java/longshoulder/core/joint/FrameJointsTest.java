package longshoulder.core.joint;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.joint.Joints.figure;
import static longshoulder.core.joint.Joints.joint;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import longshoulder.core.Tables;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Joints of frames and doors, and dovetails, against figures worked out by hand: post 60, rail 95 × 22. */
class FrameJointsTest {

    /** The rail is lengthened by the tongue at each end, as 400 − 2 · 55 + 2 · 9 = 308. */
    @Test
    void copeAndStick_railIsShouldersAndBothTongues() {
        Project project = Joints.with(Tables.table(), JointKind.COPE_AND_STICK, "tongue.length", "9");
        project = Tables.give("apron-front/leg-front-right:joint", "cope-and-stick").applyTo(project);
        project = Tables.give("apron-front/leg-front-right:tongue.length", "9").applyTo(project);
        assertThat(Planner.plan(project).piece("apron-front").length().value()).isEqualTo(mm("1278"));
    }

    /** The tongue measured from a test cut stands in the place of the planned one, for all joints of the type. */
    @Test
    void copeAndStick_followsTheMeasuredTongue() {
        Project project = Joints.with(Tables.table(), JointKind.COPE_AND_STICK, "tongue.length", "9");
        Project measured = new Edit.RecordMilled("cope-and-stick", Milled.TONGUE, mm("9.4")).applyTo(project);
        assertThat(figure(Joints.in(measured), "tongue.length")).isEqualTo(mm("9.4"));
        Length longer = Planner.plan(measured).piece("apron-front").length().value()
                .minus(Planner.plan(project).piece("apron-front").length().value());
        assertThat(longer).isEqualTo(mm("0.4"));
        Project forgotten = new Edit.ForgetMilled("cope-and-stick", Milled.TONGUE).applyTo(measured);
        assertThat(forgotten).isEqualTo(project);
    }

    /** Tongue 10 × 8 over the whole width, and a lip over the bevel of 6 × 7. */
    @Test
    void copeAndStick_tongueAndCope() {
        Joint joint = joint(JointKind.COPE_AND_STICK);
        assertThat(joint.adds().volume()).isCloseTo(95 * (10 * 8 + 6 * 7 / 2.0), within(1e-6));
        Joint stepped = joint(JointKind.COPE_AND_STICK, "mould.form", "square");
        assertThat(stepped.adds().volume()).isCloseTo(95 * (10 * 8 + 6 * 7), within(1e-6));
        assertThat(stepped.removes().volume()).isCloseTo(stepped.adds().volume(), within(1e-6));
    }

    /** Mould m on the front, rebate r on the back: front shoulders at S + 2m, back shoulders at S + 2r. */
    @ParameterizedTest
    @CsvSource({"6, 10", "0, 12", "9, 9"})
    void longAndShort_shouldersAtMouldAndRebate(String mould, String rebate) {
        MouldedTenon joint = (MouldedTenon) joint(JointKind.LONG_AND_SHORT, "mould.width", mould, "rebate.width",
                rebate).plain();
        Length sight = joint.meeting().tenonPiece().length().value();
        assertThat(joint.frontShoulders().value()).isEqualTo(sight.plus(mm(mould).times(2)));
        assertThat(joint.backShoulders().value()).isEqualTo(sight.plus(mm(rebate).times(2)));
    }

    /** The mould and the rebate take no more than the wood beside the tenon, 7 on each side. */
    @Test
    void longAndShort_neverReachesIntoTheTenon() {
        Joint joint = joint(JointKind.LONG_AND_SHORT, "mould.depth", "15", "rebate.depth", "15", "mould.form", "square",
                "tenon.length", "30");
        assertThat(figure(joint, "mould.depth")).isEqualTo(mm("7"));
        assertThat(joint.adds().volume()).isCloseTo(30 * 71 * 8 + 95 * 7 * (6 + 10), within(1e-6));
    }

    /** A bar's stub is as thin as the thinnest tool owned. */
    @Test
    void glazingBar_thinnestTool() {
        Joint joint = joint(JointKind.GLAZING_BAR);
        assertThat(figure(joint, "tenon.thickness")).isEqualTo(mm("6"));
        assertThat(figure(joint, "tenon.length")).isEqualTo(mm("6"));
        assertThat(joint.addedLength().value()).isEqualTo(mm("10"));
    }

    /** Root 11, growing by a seventh of 14 on each cheek, narrower by the taper towards the far edge: 13 − 1 on the average. */
    @Test
    void taperedDovetail_tightensAlongItsEntry() {
        Joint joint = joint(JointKind.TAPERED_DOVETAIL, "tail.length", "14", "tail.taper", "1");
        assertThat(joint.adds().volume()).isCloseTo(14 * 95 * (13 - 1), within(1e-6));
        assertThat(joint.homeward()).isEqualTo(joint.meeting().tenonPiece().pose().across());
    }

    @Test
    void lappedDovetail_goesInAsFarAsGiven() {
        assertThat(joint(JointKind.LAPPED_DOVETAIL, "tail.length", "14", "tail.entry", "30").adds().volume())
                .isCloseTo(14 * 30 * 13, within(1e-6));
    }

    /** In a groove the haunch fills it exactly: no room for glue at its bottom. */
    @Test
    void haunch_fillingAGroove_hasNoRoom() {
        Joint filling = joint(JointKind.HAUNCHED_TENON, "haunch.form", "groove-filling", "haunch.depth", "10",
                "haunch.width", "30");
        Joint square = joint(JointKind.HAUNCHED_TENON, "haunch.depth", "10", "haunch.width", "30");
        assertThat(filling.adds().volume()).isCloseTo(square.adds().volume(), within(1e-9));
        assertThat(square.removes().volume() - filling.removes().volume()).isCloseTo(30 * 8 * 1.5, within(1e-6));
    }

    /** Two wedges, from nothing at the line to 7 · tan 0.5° at the cheek, over the rail's width. */
    @Test
    void undercut_leavesTheLineAndClearsTheCheek() {
        Project project = Tables.table("shoulder.undercut", "half-a-degree");
        Joint joint = Joints.in(project);
        double deep = 7 * Math.tan(Math.toRadians(0.5));
        assertThat(joint.removesFromRail().volume()).isCloseTo(2 * 95 * 7 * deep / 2, within(1e-6));
        assertThat(joint.plain()).isInstanceOf(StoppedTenon.class);
        Plan plan = Planner.plan(project);
        assertThat(plan.piece("apron-front").shoulderLength().orElseThrow().value()).isEqualTo(mm("1260"));
        double less = Planner.plan(Tables.table()).piece("apron-front").solid().volume()
                - plan.piece("apron-front").solid().volume();
        assertThat(less).isCloseTo(2 * 95 * 7 * deep, within(1e-4));
        Skins.assertClosed(plan.piece("apron-front").mesh());
    }

    /** Drawn back along its way in, no joint meets wood: it can be put together. */
    @ParameterizedTest
    @EnumSource(value = JointKind.class, mode = EnumSource.Mode.EXCLUDE, names = {"GROOVE", "CROSS_LAP", "EDGE_JOINT"})
    void homeward_isFree(JointKind kind) {
        Plan plan = Planner.plan(Joints.with(Tables.table("apron.setback", "0", "tenon.meeting", "shortened"), kind));
        Joint joint = plan.joints().stream().filter(one -> one.id().equals(Joints.FRONT_LEFT)).findFirst()
                .orElseThrow();
        Solid post = plan.piece("leg-front-left").solid();
        boolean wedged = joint.wedged().isPresent();
        for (double back : new double[]{0, 0.25, 1, 3, 9, 20, 40, 70, 120}) {
            Solid drawn = joint.adds().moved(joint.homeward().multiply(-back));
            assertThat(drawn.intersection(post).volume()).as("%s drawn back by %s (wedged: %s)", kind, back, wedged)
                    .isLessThan(1e-6);
        }
    }
}
