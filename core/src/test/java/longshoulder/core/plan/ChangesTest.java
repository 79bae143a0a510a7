package longshoulder.core.plan;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.plan;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.JointKind;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Joinery;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Joints;
import org.junit.jupiter.api.Test;

/** Old against new. */
class ChangesTest {

    private static Optional<Changes.Figure> figure(Changes changes, String about, String key) {
        return changes.figures().stream()
                .filter(one -> one.about().equals(about) && one.label().key().equals(key)).findFirst();
    }

    @Test
    void between_aPlanAndItself_nothing() {
        Changes changes = Changes.between(plan(), plan());
        assertThat(changes.figures()).isEmpty();
        assertThat(changes.fresh()).isEmpty();
        assertThat(changes.gone()).isEmpty();
    }

    @Test
    void between_twoLengths_onlyWhatHangsOnIt() {
        Changes changes = Changes.between(plan(), plan("overall.length", "1600"));
        assertThat(changes.figures()).extracting(Changes.Figure::about).containsOnly("apron-front", "apron-back",
                "top");
        Changes.Figure shoulder = figure(changes, "apron-front", "amount.shoulder").orElseThrow();
        assertThat(shoulder.before()).contains(mm("1260"));
        assertThat(shoulder.after()).contains(mm("1360"));
    }

    @Test
    void between_twoJoints_figuresComeAndGo() {
        Plan after = Planner.plan(Joints.with(table(), JointKind.HOUSING));
        Changes changes = Changes.between(plan(), after);
        assertThat(figure(changes, Joints.FRONT_LEFT, "amount.tenonLength").orElseThrow().after()).isEmpty();
        assertThat(figure(changes, Joints.FRONT_LEFT, "amount.housingDepth").orElseThrow().before()).isEmpty();
        assertThat(figure(changes, "leg-back-right", "amount.legLength")).isEmpty();
    }

    @Test
    void between_findingsComeAndGo() {
        Plan bad = plan("apron.setback", "0");
        assertThat(Changes.between(plan(), bad).fresh()).extracting(Finding::code).contains("wall-thin");
        assertThat(Changes.between(bad, plan()).gone()).extracting(Finding::code).contains("wall-thin");
        assertThat(Changes.between(bad, plan()).fresh()).extracting(Finding::code).doesNotContain("wall-thin");
    }

    @Test
    void alike_sameSectionsAndType() {
        List<Joint> joints = plan().joints();
        assertThat(Joinery.alike(joints.getFirst(), joints)).hasSize(8);
        List<Joint> unlike = plan("leg.depth", "70").joints();
        Joint front = unlike.stream().filter(one -> one.id().startsWith("apron-front")).findFirst().orElseThrow();
        assertThat(Joinery.alike(front, unlike)).hasSize(4);
        Plan mixed = Planner.plan(Joints.with(table(), JointKind.HOUSING));
        assertThat(Joinery.alike(Joints.in(mixed.project()), mixed.joints())).hasSize(1);
    }
}
