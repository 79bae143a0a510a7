package longshoulder.core.joint;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import longshoulder.core.Tables;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.geometry.Skins;
import longshoulder.core.geometry.Solid;
import longshoulder.core.kind.Designs;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every type of joint: worked figures, and what holds for any table with any joints at any lean. */
class JointsTest {

    private static final String FRONT_LEFT = "apron-front/leg-front-left";
    private static final List<String> MEETINGS = List.of(FRONT_LEFT, "apron-front/leg-front-right",
            "apron-back/leg-back-left", "apron-back/leg-back-right", "apron-left/leg-front-left",
            "apron-left/leg-back-left", "apron-right/leg-front-right", "apron-right/leg-back-right");

    private static Project with(Project project, String meeting, JointKind kind, String... settings) {
        Project changed = new Edit.Give(Address.of(meeting, JointKind.CHOICE), new Value.Chosen(kind.id()))
                .applyTo(project);
        for (int i = 0; i < settings.length; i += 2) {
            changed = Tables.give(Address.of(meeting, settings[i]), settings[i + 1]).applyTo(changed);
        }
        return changed;
    }

    private static Joint joint(JointKind kind, String... settings) {
        return Planner.plan(with(table("apron.setback", "0"), FRONT_LEFT, kind, settings)).joints().stream()
                .filter(one -> one.id().equals(FRONT_LEFT)).findFirst().orElseThrow();
    }

    private static Length figure(Joint joint, String name) {
        return Objects.requireNonNull(joint.figures().get(name)).value();
    }

    /** Apron 22 thick and 95 wide, leg 60: a tongue of 9 behind an arm of 5 leaves 22 − 9 − 5 = 8 for the other arm. */
    @Test
    void bridle_standsWhereItIsPut() {
        Joint bridle = joint(JointKind.BRIDLE, "bridle.tongue", "9", "bridle.near", "5");
        assertThat(bridle.adds().volume()).isCloseTo(60 * 95 * (5 + 8), within(1e-6));
        assertThat(bridle.adds().intersection(bridle.removes()).volume()).isCloseTo(bridle.adds().volume(),
                within(1e-6));
        assertThat(figure(bridle, "near-cheek")).isEqualTo(mm("5"));
        Joint usual = joint(JointKind.BRIDLE, "bridle.tongue", "9");
        assertThat(figure(usual, "bridle.near")).isEqualTo(mm("6.5"));
    }

    /** A lap 8 thick at the back of an apron 22 thick, flush with the leg: its floor lies 22 − 8 = 14 behind the leg's face. */
    @Test
    void halfLap_isAsThickAsItIsMade() {
        Joint lap = joint(JointKind.HALF_LAP, "lap.thickness", "8");
        assertThat(lap.adds().volume()).isCloseTo(60 * 95 * 8, within(1e-6));
        assertThat(figure(lap, "lap.from-face")).isEqualTo(mm("14"));
    }

    /** 24 long at 1 in 12 each cheek grows by 2, from a root of 10 to 14: 24 · 12 on the mean, over an entry of 40. A spread of 3 stands for 1 in 8. */
    @Test
    void lappedDovetail_hasAnySlope() {
        Joint slope = joint(JointKind.LAPPED_DOVETAIL, "tail.length", "24", "tail.root", "10", "tail.slope",
                "one-in-twelve", "tail.entry", "40");
        assertThat(slope.adds().volume()).isCloseTo(24 * 12 * 40, within(1e-6));
        Joint spread = joint(JointKind.LAPPED_DOVETAIL, "tail.length", "24", "tail.root", "10", "tail.spread", "3",
                "tail.entry", "40");
        assertThat(spread.adds().volume()).isCloseTo(24 * 13 * 40, within(1e-6));
    }

    /** In an apron 22 thick a root of 10 has shoulders of 6; with 4 at the face side it lies 2 nearer to that side, and as much is taken. */
    @Test
    void lappedDovetail_standsWhereItIsPut() {
        Joint middle = joint(JointKind.LAPPED_DOVETAIL, "tail.root", "10");
        assertThat(figure(middle, "tail.near")).isEqualTo(mm("6"));
        Joint nearer = joint(JointKind.LAPPED_DOVETAIL, "tail.root", "10", "tail.near", "4");
        assertThat(nearer.adds().volume()).isCloseTo(middle.adds().volume(), within(1e-6));
        double moved = Math.abs(nearer.adds().bounds().least().getY() - middle.adds().bounds().least().getY());
        assertThat(moved).isCloseTo(2, within(1e-6));
        assertThat(nearer.adds().intersection(nearer.removes()).volume()).isCloseTo(nearer.adds().volume(),
                within(1e-6));
    }

    /** Flush it is cut 3 longer and trimmed; what stands proud is finished before. */
    @Test
    void through_isCutLongerWhereItIsTrimmed() {
        Joint flush = joint(JointKind.THROUGH_TENON);
        assertThat(figure(flush, "through.length")).isEqualTo(mm("60"));
        assertThat(figure(flush, "through.cutTo")).isEqualTo(mm("63"));
        Joint proud = joint(JointKind.THROUGH_TENON, "tenon.proud", "10");
        assertThat(figure(proud, "through.length")).isEqualTo(mm("70"));
        assertThat(figure(proud, "through.cutTo")).isEqualTo(mm("70"));
    }

    /** Tenon and what fills the room to a curved leg together, though one gives way to the other. */
    @Test
    void curvedLegs_scribedRailsKeepTenonAndFill() {
        Plan plan = Designs.plan("stool", "leg.taper", "curved", "stretchers", "box");
        List<Scribed> scribed = plan.joints().stream().flatMap(joint -> scribed(joint).stream()).toList();
        assertThat(scribed).isNotEmpty();
        for (Scribed joint : scribed) {
            Solid tenon = joint.joint().adds();
            double both = joint.fill().volume() + tenon.volume() - tenon.intersection(joint.fill()).volume();
            assertThat(joint.adds().volume()).as(joint.id()).isCloseTo(both, within(1e-3));
            assertThat(tenon.minus(joint.adds()).volume()).as(joint.id()).isLessThan(1e-3);
            assertThat(joint.fill().minus(joint.adds()).volume()).as(joint.id()).isLessThan(1e-3);
        }
    }

    private static Optional<Scribed> scribed(Joint joint) {
        if (joint instanceof Scribed found) {
            return Optional.of(found);
        }
        return joint instanceof Wrapped wrapped ? scribed(wrapped.joint()) : Optional.empty();
    }

    @Test
    void shoulders_threeTwoAndBareFaced() {
        assertThat(figure(joint(JointKind.STOPPED_TENON), "tenon.width")).isEqualTo(mm("71"));
        assertThat(figure(joint(JointKind.STOPPED_TENON, "tenon.shoulders", "three"), "tenon.width"))
                .isEqualTo(mm("83"));
        assertThat(figure(joint(JointKind.STOPPED_TENON, "tenon.shoulders", "two"), "tenon.width"))
                .isEqualTo(mm("95"));
        Tenon bare = joint(JointKind.STOPPED_TENON, "tenon.shoulders", "bare-faced").tenons().getFirst();
        assertThat(bare.faceShoulder().value()).isEqualTo(mm("14"));
        assertThat(bare.innerCheek()).isCloseTo(0, within(1e-9));
    }

    @Test
    void haunched_aThirdOfTheWidthAsDeepAsTheTenonIsThick() {
        Joint joint = joint(JointKind.HAUNCHED_TENON, "haunch.width", "32");
        assertThat(figure(joint, "haunch.depth")).isEqualTo(mm("8"));
        assertThat(figure(joint, "tenon.width")).isEqualTo(mm("51"));
        Joint sloping = joint(JointKind.HAUNCHED_TENON, "haunch.width", "32", "haunch.form", "sloping");
        assertThat(joint.adds().volume() - sloping.adds().volume()).isCloseTo(32 * 8 * 8 / 2.0, within(1e-6));
    }

    @Test
    void divided_doubleInThirds_twinOneThicknessApart() {
        Joint twice = joint(JointKind.DIVIDED_TENON, "tenon.thickness", "6", "haunch.end", "none");
        assertThat(twice.tenons()).extracting(tenon -> tenon.width().value())
                .containsExactly(mm("71").times(1, 3), mm("71").times(1, 3));
        assertThat(joint(JointKind.DIVIDED_TENON, "tenon.division", "triple").tenons()).hasSize(3);
        List<Tenon> twin = joint(JointKind.DIVIDED_TENON, "tenon.division", "twin", "tenon.thickness", "6").tenons();
        assertThat(twin.get(1).faceShoulder().value().minus(twin.get(0).faceShoulder().value())).isEqualTo(mm("12"));
        assertThat(twin.get(0).faceShoulder().value()).isEqualTo(mm("2"));
    }

    /** An apron of 95 at the leg's top: a third of it is the haunch, 12 the far shoulder, and two tenons and a gap share the rest. */
    @Test
    void divided_atTheEndOfThePost_isHaunched() {
        DividedTenon haunched = (DividedTenon) joint(JointKind.DIVIDED_TENON).plain();
        assertThat(haunched.endHaunch().value()).isEqualTo(mm("95").times(1, 3));
        assertThat(haunched.tenons()).extracting(tenon -> tenon.width().value())
                .containsOnly(mm("95").times(2, 3).minus(mm("12")).times(1, 3));
        assertThat(haunched.adds().volume()).isGreaterThan(
                ((DividedTenon) joint(JointKind.DIVIDED_TENON, "haunch.width", "10").plain()).tenons().getFirst().adds()
                        .volume());
    }

    @Test
    void through_isThePostAndWhatStandsProud() {
        Project project = with(table("leg.width", "40"), FRONT_LEFT, JointKind.THROUGH_TENON, "tenon.proud", "12");
        Plan plan = Planner.plan(project);
        Joint joint = plan.joints().stream().filter(one -> one.id().equals(FRONT_LEFT)).findFirst().orElseThrow();
        assertThat(joint.addedLength().value()).isEqualTo(mm("52"));
        assertThat(plan.piece("apron-front").mesh().points().stream().mapToDouble(p -> p.getX()).min().orElseThrow())
                .isCloseTo(60 - 12, within(1e-9));
    }

    @Test
    void through_wedged_flaresTheExitOverTheWholeDepth() {
        Joint plain = joint(JointKind.THROUGH_TENON);
        Joint wedged = joint(JointKind.THROUGH_TENON, "tenon.wedges", "two", "wedge.flare", "2", "wedge.flare-run",
                "60");
        double triangle = 60 * 2 / 2.0 * 8;
        assertThat(wedged.removes().volume() - plain.removes().volume()).isCloseTo(2 * triangle, within(1e-6));
    }

    @Test
    void loose_isBothDepthsLessTheRoom() {
        Joint joint = joint(JointKind.LOOSE_TENON, "mortise.depth", "27");
        assertThat(figure(joint, "loose.length")).isEqualTo(mm("52.5"));
        assertThat(joint.addedLength().value()).isEqualTo(mm("0"));
        assertThat(joint.loosePart().minus(joint.removes()).minus(joint.removesFromRail()).volume())
                .isCloseTo(0, within(1e-6));
    }

    /** 8 by 71 and 27 deep each way, 2 longer in the post; round ends lose what a square has beyond a circle. */
    @Test
    void loose_hasEaseInThePostUnlessItLocates() {
        double corners = 8 * 8 - Math.PI * 4 * 4;
        Joint easy = joint(JointKind.LOOSE_TENON, "mortise.depth", "27");
        assertThat(easy.removes().volume()).isCloseTo(27 * (8 * 73 - corners), within(27.0));
        assertThat(easy.removesFromRail().volume()).isCloseTo(27 * (8 * 71 - corners), within(27.0));
        assertThat(figure(easy, "mortise.width")).isEqualTo(mm("73"));
        assertThat(figure(easy, "mortise-from-end")).isEqualTo(mm("11"));
        assertThat(easy.removes().bounds().size().getZ()).isCloseTo(73, within(1e-9));
        Joint tight = joint(JointKind.LOOSE_TENON, "mortise.depth", "27", "mortise.fit", "locating");
        assertThat(figure(tight, "mortise.width")).isEqualTo(mm("71"));
        assertThat(tight.removes().volume()).isCloseTo(tight.removesFromRail().volume(), within(1e-6));
    }

    @Test
    void housingStubAndLap_takeTheirShareOfThePost() {
        assertThat(joint(JointKind.HOUSING).addedLength().value()).isEqualTo(mm("15"));
        assertThat(joint(JointKind.STUB_TENON).addedLength().value()).isEqualTo(mm("15"));
        assertThat(joint(JointKind.HALF_LAP).adds().volume()).isCloseTo(60 * 95 * 11, within(1e-6));
    }

    @Test
    void dovetail_widensIntoThePost() {
        Joint tail = joint(JointKind.SLIDING_DOVETAIL, "tail.length", "14");
        // Root 11, growing by 14 / 7 on either cheek: on the average 13 thick.
        assertThat(tail.adds().volume()).isCloseTo(14 * 95 * 13, within(1e-6));
        assertThat(joint(JointKind.LAPPED_DOVETAIL, "tail.length", "14").adds().volume())
                .isCloseTo(14 * 47.5 * 13, within(1e-6));
    }

    @Test
    void bridle_leavesATongueThatTheArmsStraddle() {
        Joint bridle = joint(JointKind.BRIDLE);
        assertThat(figure(bridle, "bridle.tongue")).isEqualTo(mm("22").times(2, 3));
        assertThat(bridle.adds().volume()).isCloseTo(60 * 95 * (22 - 22 * 2 / 3.0), within(1e-3));
    }

    @Test
    void choice_unknownJointTypeOrParameter_isRefused() {
        assertThatThrownBy(() -> Tables.give("apron-front/keel:joint", "housing").applyTo(table()))
                .isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> Tables.give(FRONT_LEFT + ":joint", "glue").applyTo(table()))
                .isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> Tables.give(FRONT_LEFT + ":haunch.width", "30").applyTo(table()))
                .isInstanceOf(EditRefused.class);
    }

    @Test
    void choice_leftToTheRule_isAStoppedTenonAgain() {
        Project chosen = with(table(), FRONT_LEFT, JointKind.HOUSING);
        Project left = new Edit.LeaveToRule(Address.of(FRONT_LEFT, JointKind.CHOICE)).applyTo(chosen);
        assertThat(left).isEqualTo(table());
    }

    @Test
    void jointsThatWantTheSamePlace_areFound() {
        Project project = with(with(table("apron.setback", "0"), FRONT_LEFT, JointKind.THROUGH_TENON),
                "apron-left/leg-front-left", JointKind.THROUGH_TENON);
        Finding finding = Planner.plan(project).findings().stream()
                .filter(one -> one.code().equals("joints-collide")).findFirst().orElseThrow();
        Project mended = finding.remedies().getFirst().edit().applyTo(project);
        mended = finding.remedies().getLast().edit().applyTo(mended);
        assertThat(Planner.plan(mended).findings()).noneMatch(one -> one.code().equals("joints-collide"));
    }

    private static Candidate candidate(JointKind kind, String... settings) {
        Plan plan = Planner.plan(table(settings));
        Joint joint = plan.joints().stream().filter(one -> one.id().equals(FRONT_LEFT)).findFirst().orElseThrow();
        return plan.candidates(joint).stream().filter(one -> one.kind() == kind)
                .findFirst().orElseThrow();
    }

    @Test
    void candidates_reasonsComeFromTheVeryMeeting() {
        assertThat(candidate(JointKind.HAUNCHED_TENON).speaksFor()).extracting(Label::key)
                .containsExactly("reason.haunched.end", "reason.stopped.room");
        assertThat(candidate(JointKind.DIVIDED_TENON, "apron.width", "120").speaksFor())
                .anyMatch(reason -> reason.arguments().contains(mm("68")));
        assertThat(candidate(JointKind.DIVIDED_TENON, "apron.width", "60").speaksAgainst()).extracting(Label::key)
                .contains("reason.divided.narrow");
        assertThat(candidate(JointKind.HALF_LAP).speaksAgainst()).isNotEmpty();
        assertThat(candidate(JointKind.THROUGH_TENON).speaksAgainst()).extracting(Label::key)
                .contains("reason.through.crosses");
    }

    @Test
    void candidates_bestFirst_aRailAtTheEndOfThePostWantsAHaunch() {
        Plan plan = Planner.plan(table("apron.width", "90"));
        List<Candidate> candidates = plan.candidates(plan.joints().getFirst());
        assertThat(candidates).extracting(Candidate::kind)
                .containsExactlyInAnyOrderElementsOf(JointKind.ofEnds());
        assertThat(candidates.getFirst().kind()).isEqualTo(JointKind.HAUNCHED_TENON);
    }

    /** Each type at one meeting, with every option of its choices. */
    @ParameterizedTest
    @EnumSource(value = JointKind.class, mode = EnumSource.Mode.EXCLUDE, names = {"GROOVE", "CROSS_LAP", "EDGE_JOINT"})
    void everyType_isSoundWithEveryOption(JointKind kind) {
        Plan plain = Planner.plan(with(table(), FRONT_LEFT, kind));
        assertSound(plain);
        for (Parameter parameter : JointType.of(kind).parameters()) {
            if (parameter instanceof Parameter.Choice choice) {
                choice.options().forEach(option -> assertSound(
                        Planner.plan(with(table(), FRONT_LEFT, kind, choice.name(), option))));
            }
        }
    }

    @Provide
    Arbitrary<Project> anything() {
        return Combinators.combine(Tables.sensible(), Arbitraries.longs(), Arbitraries.integers().between(0, 120),
                Arbitraries.integers().between(0, 120)).as(JointsTest::anything);
    }

    private static Project anything(Project table, long seed, int front, int side) {
        Random random = new Random(seed);
        Project project = table;
        for (String meeting : MEETINGS) {
            project = anyJoint(project, meeting, random);
        }
        return random.nextBoolean() ? leaning(project, front, side) : project;
    }

    private static Project anyJoint(Project table, String meeting, Random random) {
        JointKind kind = JointKind.ofEnds().get(random.nextInt(JointKind.ofEnds().size()));
        Project project = with(table, meeting, kind);
        for (Parameter parameter : JointType.of(kind).parameters()) {
            if (parameter instanceof Parameter.Choice choice) {
                String option = choice.options().get(random.nextInt(choice.options().size()));
                project = new Edit.Give(Address.of(meeting, choice.name()), new Value.Chosen(option)).applyTo(project);
            }
        }
        return project;
    }

    private static Project leaning(Project table, int front, int side) {
        Project project = new Edit.Give("splay.front", new Value.Turned(new Angle(front / 10.0))).applyTo(table);
        return new Edit.Give("splay.side", new Value.Turned(new Angle(side / 10.0))).applyTo(project);
    }

    @Provide
    Arbitrary<Project> oneUnusual() {
        return Combinators
                .combine(Tables.sensible(), Arbitraries.longs(), Arbitraries.integers().between(0, 120),
                        Arbitraries.integers().between(0, 120))
                .as((table, seed, front, side) -> leaning(anyJoint(table, FRONT_LEFT, new Random(seed)),
                        seed % 2 == 0 ? 0 : front, seed % 3 == 0 ? 0 : side));
    }

    /** One joint of any type among plain ones, the legs plumb or leaning one way or both. */
    @Property(tries = 300, seed = "2611")
    void oneJointOfAnyType_isSound(@ForAll("oneUnusual") Project project) {
        assertSound(Planner.plan(project));
    }

    /** Joints of any type, mixed in every leg: sound, or a finding says that they collide. */
    @Property(tries = 300, seed = "2611")
    void anyJointsAnywhere_areSoundOrFoundToCollide(@ForAll("anything") Project project) {
        Plan plan = Planner.plan(project);
        assertSound(plan);
        assertThat(plan.findings()).allSatisfy(finding -> assertThat(finding.remedies()).isNotEmpty());
    }

    private static void assertSound(Plan plan) {
        if (plan.isStopped()) {
            return;
        }
        for (Joint joint : plan.joints()) {
            Solid outside = joint.adds().minus(joint.removes());
            boolean proud = joint.isThrough();
            assertThat(proud ? 0 : outside.volume()).as("%s outside its mortise", joint.id())
                    .isLessThan(1e-6 * joint.adds().volume() + 1e-6);
        }
        List<PlannedPiece> pieces = new ArrayList<>(plan.pieces());
        for (int i = 0; i < pieces.size(); i++) {
            PlannedPiece piece = pieces.get(i);
            Skins.assertClosed(piece.mesh());
            assertThat(piece.mesh().volume()).isCloseTo(piece.solid().volume(), within(1e-6 * piece.solid().volume()));
            for (int j = i + 1; j < pieces.size(); j++) {
                assertThat(piece.solid().intersection(pieces.get(j).solid()).volume())
                        .as("%s in %s: %s", piece.id(), pieces.get(j).id(), plan.project().brief().values())
                        .isLessThan(1e-6 * piece.solid().volume());
            }
        }
    }
}
