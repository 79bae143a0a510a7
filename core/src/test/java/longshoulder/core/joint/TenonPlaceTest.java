package longshoulder.core.joint;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Width and shoulders of a tenon as the maker gives them, on a rail of 95 × 22: what is left out follows. */
class TenonPlaceTest {

    private static Tenon tenon(JointKind kind, String... settings) {
        return Joints.joint(kind, settings).tenons().getFirst();
    }

    private static Length far(Tenon tenon) {
        return mm("95").minus(tenon.edgeShoulder().value()).minus(tenon.width().value());
    }

    /** By rule: shoulders of 12, the tenon 71 wide. A width alone is centred; with one shoulder the other follows. */
    @ParameterizedTest
    @CsvSource({"'', 12, 71, 12", "tenon.width=61, 17, 61, 17", "shoulder.near=20, 20, 63, 12",
            "shoulder.far=20, 12, 63, 20",
            "shoulder.near=0 shoulder.far=30, 0, 65, 30", "tenon.width=61 shoulder.near=10, 10, 61, 24",
            "tenon.width=61 shoulder.far=10, 24, 61, 10"})
    void whatIsGivenHolds_theRestFollows(String given, String near, String width, String far) {
        for (JointKind kind : new JointKind[]{JointKind.STOPPED_TENON, JointKind.THROUGH_TENON, JointKind.TUSKED_TENON,
                JointKind.BLIND_WEDGED_TENON, JointKind.STUB_TENON}) {
            Tenon tenon = tenon(kind, given.isEmpty() ? new String[0] : given.split("[ =]", -1));
            assertThat(tenon.edgeShoulder().value()).as(kind.id()).isEqualTo(mm(near));
            assertThat(tenon.width().value()).as(kind.id()).isEqualTo(mm(width));
            assertThat(far(tenon)).as(kind.id()).isEqualTo(mm(far));
        }
    }

    /** A haunch has the near shoulder's place. */
    @Test
    void haunched_farShoulderAndWidth() {
        assertThat(tenon(JointKind.HAUNCHED_TENON, "haunch.width", "30", "shoulder.far", "20").width().value())
                .isEqualTo(mm("45"));
        assertThat(tenon(JointKind.HAUNCHED_TENON, "haunch.width", "30", "tenon.width", "40").width().value())
                .isEqualTo(mm("40"));
    }

    /** Off the middle: 5 from the face side, so that mortise and cheek move with it. */
    @ParameterizedTest
    @EnumSource(value = JointKind.class, names = {"STOPPED_TENON", "HAUNCHED_TENON", "THROUGH_TENON", "TUSKED_TENON"})
    void offTheMiddle_mortiseFollows(JointKind kind) {
        Length centred = tenon(kind).cheekFromReference().value();
        Tenon moved = tenon(kind, "shoulder.face", "5");
        assertThat(moved.faceShoulder().value()).isEqualTo(mm("5"));
        assertThat(centred.minus(moved.cheekFromReference().value())).isEqualTo(mm("2"));
    }

    /** Every shoulder stands among the figures, where it is typed. */
    @Test
    void figures_sayEveryShoulder() {
        Joint joint = Joints.joint(JointKind.STOPPED_TENON, "shoulder.near", "20");
        assertThat(Arrays.asList("shoulder.near", "shoulder.far", "shoulder.face", "tenon.width"))
                .allSatisfy(name -> assertThat(joint.figures()).containsKey(name));
        assertThat(Joints.figure(joint, "shoulder.far")).isEqualTo(mm("12"));
    }

    /** A double tenon in a rail of 95: (95 - 12 - 12) / 3 = 23.667 each, to the nearest 5 only if the step is a quarter of it or less. */
    @ParameterizedTest
    @CsvSource({"5, 25", "6, 23.666666667", "20, 23.666666667"})
    void step_isUsedWhereItIsSmallBesideTheSize(String step, double width) {
        Project project = Joints.with(table("figures.step", step), JointKind.DIVIDED_TENON, "haunch.end", "none");
        List<Tenon> tenons = Joints.in(project).tenons();
        assertThat(tenons).allSatisfy(
                tenon -> assertThat(tenon.width().value().toMillimetres()).isCloseTo(width, within(1e-6)));
        assertThat(tenons.get(1).edgeShoulder().value())
                .isEqualTo(mm("83").minus(tenons.get(1).width().value()));
    }

    /** A tenon past the rail's edge is found. */
    @Test
    void tooWide_isFound() {
        Project project = Joints.with(table(), JointKind.STOPPED_TENON, "tenon.width", "90", "shoulder.near", "20");
        Plan plan = Planner.plan(project);
        assertThat(plan.findings()).anyMatch(finding -> finding.code().equals("tenon-off-rail"));
    }
}
