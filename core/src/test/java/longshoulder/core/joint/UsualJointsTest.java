package longshoulder.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import longshoulder.core.Tables;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Alteration;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The joint that a meeting gets by itself is the one that its figures speak for most. */
class UsualJointsTest {

    private static Project fresh(String kind) {
        return Project.ofKind(Kinds.find(kind).orElseThrow(), "", Showing.TENTH_MILLIMETRES);
    }

    private static JointKind joint(Project project, String id) {
        return Planner.plan(project).joints().stream().filter(joint -> joint.id().equals(id)).map(Joint::kind)
                .findFirst().orElseThrow();
    }

    private static Project after(Project project, String change) {
        String[] words = change.split("=", 2);
        return switch (words[0]) {
            case "chisels" -> withChisel(project, Length.ofMillimetres(Integer.parseInt(words[1])));
            case "post" -> new Edit.Alter(new Alteration.Resize("post-left", mm(words[1]), mm(words[1])))
                    .applyTo(project);
            case "rail" -> new Edit.Alter(new Alteration.Resize("rail-upper", mm("60"), mm(words[1])))
                    .applyTo(project);
            default -> Tables.give(words[0], words[1]).applyTo(project);
        };
    }

    private static Length mm(String millimetres) {
        return Length.ofMillimetres(Integer.parseInt(millimetres));
    }

    /** Nothing but one chisel. */
    private static Project withChisel(Project project, Length only) {
        Project after = new Edit.OwnChisel(only).applyTo(project);
        for (Length chisel : project.tools().chisels()) {
            after = chisel.equals(only) ? after : new Edit.GiveAwayChisel(chisel).applyTo(after);
        }
        return after;
    }

    /** One figure changed, and another type is the best. */
    @ParameterizedTest
    @CsvSource({"table, apron-front/leg-front-left, apron.width=90, apron.width=120, HAUNCHED_TENON, DIVIDED_TENON",
            "table, stretcher-left/leg-front-left, stretchers=box, stretcher.width=100, STOPPED_TENON, DIVIDED_TENON",
            "workbench, rail-upper-left/post-front-left, rail.width=110, rail.width=170, HAUNCHED_TENON, DIVIDED_TENON",
            "workbench, rail-lower-left/post-front-left, lower-rail.height=80, lower-rail.height=0, STOPPED_TENON, HAUNCHED_TENON",
            "bench, upright-left/foot-left, uprights=single, upright.width=140, STOPPED_TENON, DIVIDED_TENON",
            "free, rail-upper/post-left, joints.show=hidden, joints.show=shown, STOPPED_TENON, THROUGH_TENON",
            "free, rail-upper/post-left, joints.apart=glued, joints.apart=knock-down, STOPPED_TENON, TUSKED_TENON",
            "free, rail-upper/post-left, chisels=8, chisels=20, STOPPED_TENON, LOOSE_TENON",
            "free, rail-upper/post-left, post=60, post=28, STOPPED_TENON, STUB_TENON",
            "free, rail-upper/post-left, rail=24, rail=15, STOPPED_TENON, DIVIDED_TENON",
            "free, rail-upper/post-left, tenon.thickness=8, tenon.thickness=6, STOPPED_TENON, DIVIDED_TENON"})
    void oneFigure_changesTheBest(String kind, String id, String usual, String other, JointKind before,
            JointKind after) {
        Project project = after(fresh(kind), usual);
        assertThat(joint(project, id)).isEqualTo(before);
        assertThat(joint(after(project, other), id)).isEqualTo(after);
    }

    /** It is the first of those that are offered, and ordinary; the maker can have stopped tenons everywhere all the same. */
    @Test
    void whatIsChosenByItself_isTheFirstOffered() {
        for (Kind kind : Kinds.all()) {
            Plan plan = Planner.plan(fresh(kind.id()));
            plan.joints().forEach(joint -> {
                Candidate first = plan.candidates(joint).getFirst();
                assertThat(first.kind()).as(joint.id()).isEqualTo(joint.kind());
                assertThat(first.unusual()).as(joint.id()).isFalse();
            });
        }
        assertThat(joint(after(fresh("table"), "joints.choice=stopped-tenon"), "apron-front/leg-front-left"))
                .isEqualTo(JointKind.STOPPED_TENON);
    }

    /** Nothing can be said against what a kind begins with that one action would mend. */
    @ParameterizedTest
    @EnumSource(value = Showing.class, names = {"TENTH_MILLIMETRES", "SIXTY_FOURTHS"})
    void defaults_haveNoFindingWithARemedy(Showing showing) {
        for (Kind kind : Kinds.all()) {
            assertThat(Planner.plan(Project.ofKind(kind, "", showing)).findings()).as(kind.id())
                    .allSatisfy(finding -> assertThat(finding.remedies()).isEmpty());
        }
    }
}
