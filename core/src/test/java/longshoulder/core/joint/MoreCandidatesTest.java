package longshoulder.core.joint;

import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.kind.Designs;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Reasons for and against each type follow the figures of the meeting: each fires here and not on a near twin. */
class MoreCandidatesTest {

    private static Candidate candidate(Project project, JointKind kind) {
        Plan plan = Planner.plan(project);
        return plan.candidates(Joints.in(project)).stream().filter(one -> one.kind() == kind)
                .findFirst().orElseThrow();
    }

    private static List<String> keys(List<Label> reasons) {
        return reasons.stream().map(Label::key).toList();
    }

    /** For: before the bar; the setting in which the reason speaks, and the one in which it does not. */
    @ParameterizedTest
    @CsvSource({"STOPPED_TENON, reason.stopped.room, leg.width=30, leg.width=29",
            "HAUNCHED_TENON, reason.haunched.end, tenon.length=13, tenon.length=12",
            "DIVIDED_TENON, reason.divided.wide, apron.width=91, apron.width=90",
            "STUB_TENON, reason.stub.thin, leg.width=29, leg.width=30",
            "LONG_AND_SHORT, reason.longAndShort.frame, apron.setback=0, apron.setback=1",
            "COPE_AND_STICK, reason.cope.door, apron.setback=0, apron.setback=1",
            "GLAZING_BAR, reason.bar.mould, apron.setback=0, apron.setback=1",
            "HALF_LAP, reason.halfLap.equal, apron.thickness=60, apron.thickness=59",
            "TUSKED_TENON, reason.apart.wanted, joints.apart=knock-down, joints.apart=glued",
            "BRIDLE, reason.show.wanted, joints.show=shown, joints.show=hidden",
            "BRIDLE, reason.bridle.alike, apron.thickness=40, apron.thickness=39"})
    void speaksFor(JointKind kind, String reason, String speaks, String silent) {
        assertThat(keys(candidate(with(speaks), kind).speaksFor())).contains(reason);
        assertThat(keys(candidate(with(silent), kind).speaksFor())).doesNotContain(reason);
    }

    @ParameterizedTest
    @CsvSource({"STOPPED_TENON, reason.stopped.thin, leg.width=29, leg.width=30",
            "STOPPED_TENON, reason.tooWide, apron.width=80, apron.width=70",
            "LAPPED_DOVETAIL, reason.lapped.wide, apron.width=45, apron.width=44",
            "SLIDING_DOVETAIL, reason.sliding.long, apron.width=61, apron.width=60",
            "TAPERED_DOVETAIL, reason.sliding.long, apron.width=61, apron.width=60",
            "COPE_AND_STICK, reason.cope.thin, apron.thickness=15, apron.thickness=16",
            "COPE_AND_STICK, reason.moulded.setback, apron.setback=1, apron.setback=0",
            "GLAZING_BAR, reason.bar.wide, apron.width=41, apron.width=40",
            "STOPPED_TENON, reason.apart.glued, joints.apart=knock-down, joints.apart=glued",
            "THROUGH_TENON, reason.through.shows, joints.show=hidden, joints.show=shown",
            "STOPPED_TENON, reason.tools.far, apron.thickness=8, apron.thickness=22",
            "HOUSING, reason.apart.glued, apron-front/leg-front-left:joints.apart=knock-down, joints.apart=glued"})
    void speaksAgainst(JointKind kind, String reason, String speaks, String silent) {
        assertThat(keys(candidate(with(speaks), kind).speaksAgainst())).contains(reason);
        assertThat(keys(candidate(with(silent), kind).speaksAgainst())).doesNotContain(reason);
    }

    private static Project with(String setting) {
        return table(setting.split("=", 2));
    }

    /** Blind wedges crush soft wood. */
    @Test
    void blindWedged_inASoftLeg_isAdvisedAgainst() {
        assertThat(keys(candidate(table(), JointKind.BLIND_WEDGED_TENON).speaksAgainst()))
                .doesNotContain("reason.blind.soft");
        Project pine = new Edit.UseWood("leg", "white-pine").applyTo(table());
        assertThat(keys(candidate(pine, JointKind.BLIND_WEDGED_TENON).speaksAgainst())).contains("reason.blind.soft");
    }

    /** An apron bears the top, which a stub does not hold against racking; a drawer's lower rail bears nothing of the kind. */
    @Test
    void stub_isAdvisedAgainst_whereTheRailCarries() {
        assertThat(keys(candidate(table(), JointKind.STUB_TENON).speaksAgainst())).contains("reason.carries.short");
        Project drawer = table("drawer", "front");
        Plan plan = Planner.plan(drawer);
        Joint lower = plan.joints().stream().filter(one -> one.id().equals("rail-drawer-lower/leg-front-left"))
                .findFirst().orElseThrow();
        assertThat(plan.candidates(lower).stream()
                .filter(one -> one.kind() == JointKind.STUB_TENON).flatMap(one -> one.speaksAgainst().stream())
                .map(Label::key)).doesNotContain("reason.carries.short");
    }

    /** Stretchers at other heights than the rails go through below them, and cross nothing there. */
    @Test
    void through_crossesOnlyWhatIsAtItsHeight() {
        Plan workbench = Designs.plan("workbench");
        Joint stretcher = workbench.joints().stream()
                .filter(one -> one.id().equals("stretcher-front/post-front-left")).findFirst().orElseThrow();
        assertThat(workbench.candidates(stretcher).stream().filter(one -> one.kind() == JointKind.THROUGH_TENON)
                .flatMap(one -> one.speaksAgainst().stream()).map(Label::key)).doesNotContain("reason.through.crosses");
        assertThat(keys(candidate(table(), JointKind.THROUGH_TENON).speaksAgainst()))
                .contains("reason.through.crosses");
    }

    /** Every reason can be said in words, with no figure left open. */
    @Test
    void everyReason_canBeSaid() {
        Words words = Words.showing(Showing.SIXTY_FOURTHS);
        for (String setting : List.of("apron.width=40", "apron.width=200", "leg.width=25", "apron.setback=0",
                "apron.thickness=10")) {
            Project project = with(setting);
            Plan plan = Planner.plan(project);
            for (Candidate candidate : plan.candidates(plan.joints().getFirst())) {
                assertThat(candidate.speaksFor().size() + candidate.speaksAgainst().size()).isPositive();
                candidate.speaksFor().forEach(reason -> assertThat(words.say(reason)).doesNotContain("{"));
                candidate.speaksAgainst().forEach(reason -> assertThat(words.say(reason)).doesNotContain("{"));
            }
        }
    }

    /** Ordinary ones first, and of these the best. */
    @Test
    void order_isByCustomThenByMerit() {
        Project project = table();
        List<Candidate> candidates = Planner.plan(project).candidates(Joints.in(project));
        for (int i = 0; i + 1 < candidates.size(); i++) {
            Candidate one = candidates.get(i);
            Candidate next = candidates.get(i + 1);
            assertThat(!one.unusual() && next.unusual() || one.weight() >= next.weight()).isTrue();
        }
        assertThat(candidates).filteredOn(Candidate::unusual).extracting(Candidate::kind).contains(
                JointKind.TAPERED_DOVETAIL, JointKind.BLIND_WEDGED_TENON, JointKind.SLIDING_DOVETAIL);
    }
}
