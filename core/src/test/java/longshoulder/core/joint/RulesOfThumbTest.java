package longshoulder.core.joint;

import static longshoulder.core.Tables.give;
import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.table;
import static longshoulder.core.joint.Joints.FRONT_LEFT;
import static longshoulder.core.joint.Joints.figure;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Limits;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Ratio;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Rules for the whole project, for a type of joint and for one joint; the nearest decides, and the reckoning says which. */
class RulesOfThumbTest {

    private static Project with(String... settings) {
        Project project = table();
        for (int i = 0; i < settings.length; i += 2) {
            project = give(settings[i], settings[i + 1]).applyTo(project);
        }
        return project;
    }

    private static Length thickness(Project project) {
        return figure(Joints.in(project), Brief.TENON_THICKNESS);
    }

    /** Rail 22 with chisels 6, 8, 10, 12, 16, 20: a third is 7.3, half is 11. */
    @ParameterizedTest
    @CsvSource({"third-nearest-chisel, 8", "chisel-decides, 10", "half, 11"})
    void thickness_byRule(String rule, String expected) {
        assertThat(thickness(with(HouseRules.THICKNESS, rule))).isEqualTo(mm(expected));
    }

    /** Half of the rail only where the post is at least twice as thick. */
    @Test
    void thickness_half_needsAStoutPost() {
        assertThat(thickness(with(HouseRules.THICKNESS, "half", "leg.depth", "43", "apron.setback", "2")))
                .isEqualTo(mm("8"));
        assertThat(thickness(with(HouseRules.THICKNESS, "half", "leg.depth", "44", "apron.setback", "2")))
                .isEqualTo(mm("11"));
    }

    /** Post 60 less a floor of 5 and 1.5 of room, or the 45 that the other tenon leaves less a quarter of a millimetre square to the mitre. */
    @Test
    void length_longest_toTheFloorOrTheOtherTenon() {
        assertThat(figure(Joints.in(with(HouseRules.LENGTH, "longest")), Brief.TENON_LENGTH))
                .isEqualTo(mm("44.646446609"));
        assertThat(figure(Joints.in(with(HouseRules.LENGTH, "longest", "tenon.meeting", "full")), Brief.TENON_LENGTH))
                .isEqualTo(mm("53.5"));
        assertThat(
                figure(Joints.in(with(HouseRules.LENGTH, "longest", "tenon.meeting", "full", "limit.floor", "10")),
                        Brief.TENON_LENGTH))
                .isEqualTo(mm("48.5"));
    }

    /** Worked: rail 95 with shoulders of 12 wants 12 to 83; halved at 47.5 less half a millimetre each: 35 and 35. */
    @Test
    void meeting_interlocked_sharesTheHeight() {
        Plan plan = Planner.plan(with("tenon.meeting", "interlocked", "apron.setback", "6"));
        Tenon above = tenon(plan, "apron-front/leg-front-left");
        Tenon below = tenon(plan, "apron-left/leg-front-left");
        assertThat(above.mortiseFromEnd().value()).isEqualTo(mm("12"));
        assertThat(above.mortiseToEnd().value()).isEqualTo(mm("47"));
        assertThat(below.mortiseFromEnd().value()).isEqualTo(mm("48"));
        assertThat(below.mortiseToEnd().value()).isEqualTo(mm("83"));
        assertThat(above.length().value()).isEqualTo(below.length().value()).isEqualTo(mm("40"));
        assertThat(plan.isStopped()).isFalse();
    }

    /** The side aprons go down until 83 lies 1 above their mortises, which began at 12: by 72. */
    @Test
    void meeting_staggered_movesTheLaterRails() {
        Plan plan = Planner.plan(with("tenon.meeting", "staggered", "apron.setback", "6"));
        assertThat(tenon(plan, "apron-front/leg-front-left").mortiseFromEnd().value()).isEqualTo(mm("12"));
        assertThat(tenon(plan, "apron-left/leg-front-left").mortiseFromEnd().value()).isEqualTo(mm("84"));
        assertThat(tenon(plan, "apron-right/leg-back-right").length().value()).isEqualTo(mm("40"));
        assertThat(plan.piece("apron-left").shoulderLength().orElseThrow().value()).isEqualTo(mm("600"));
        assertThat(plan.isStopped()).isFalse();
    }

    private static Tenon tenon(Plan plan, String joint) {
        return plan.joints().stream().filter(one -> one.id().equals(joint)).findFirst().orElseThrow().tenons()
                .getFirst();
    }

    /** For the joint before its type before the whole project. */
    @Test
    void nearestDecides() {
        Project project = with("tenon.length", "30");
        assertThat(figure(Joints.in(project), Brief.TENON_LENGTH)).isEqualTo(mm("30"));
        project = give("stopped-tenon:tenon.length", "28").applyTo(project);
        assertThat(figure(Joints.in(project), Brief.TENON_LENGTH)).isEqualTo(mm("28"));
        project = give(FRONT_LEFT + ":tenon.length", "26").applyTo(project);
        assertThat(figure(Joints.in(project), Brief.TENON_LENGTH)).isEqualTo(mm("26"));
        project = new Edit.LeaveToRule(FRONT_LEFT + ":tenon.length").applyTo(project);
        project = new Edit.LeaveToRule("stopped-tenon:tenon.length").applyTo(project);
        assertThat(figure(Joints.in(project), Brief.TENON_LENGTH)).isEqualTo(mm("30"));
    }

    @Test
    void choice_ofAType_holdsForAllItsJoints() {
        Project project = with("stopped-tenon:mortise.ends", "round");
        assertThat(Joints.in(project).tenons().getFirst().ends()).isEqualTo(Tenon.Ends.ROUND);
        Project other = Joints.with(project, JointKind.HAUNCHED_TENON);
        assertThat(Joints.in(other).tenons().getFirst().ends()).isEqualTo(Tenon.Ends.SQUARE);
    }

    /** What can be given is also shown, so that it can be given where it stands. */
    @ParameterizedTest
    @EnumSource(value = JointKind.class, mode = EnumSource.Mode.EXCLUDE, names = {"GROOVE", "CROSS_LAP", "EDGE_JOINT"})
    void everyLength_isAmongTheFigures(JointKind kind) {
        Project project = Joints.with(table("apron.setback", "0", "tenon.meeting", "full"), kind);
        for (String setting : List.of("peg=drawbored", "bolt=bolted", "tenon.wedges=one")) {
            String[] halves = setting.split("=", 2);
            if (JointType.of(kind).parameters().stream().anyMatch(one -> one.name().equals(halves[0]))) {
                project = give(FRONT_LEFT + ":" + halves[0], halves[1]).applyTo(project);
            }
        }
        assertThat(Joints.in(project).figures().keySet()).containsAll(JointType.of(kind).parameters().stream()
                .filter(Parameter.Measure.class::isInstance).map(Parameter::name).toList());
    }

    /** No option is offered that would change nothing, where the joint has pegs and wedges to which it can apply. */
    @ParameterizedTest
    @EnumSource(value = JointKind.class, mode = EnumSource.Mode.EXCLUDE, names = {"GROOVE", "CROSS_LAP", "EDGE_JOINT"})
    void everyOption_changesTheJoint(JointKind kind) {
        Project project = Joints.with(table("apron.setback", "0", "tenon.meeting", "full"), kind);
        for (String setting : List.of("peg=drawbored", "tenon.wedges=one")) {
            String[] halves = setting.split("=", 2);
            if (JointType.of(kind).parameters().stream().anyMatch(one -> one.name().equals(halves[0]))) {
                project = give(FRONT_LEFT + ":" + halves[0], halves[1]).applyTo(project);
            }
        }
        for (Parameter parameter : JointType.of(kind).parameters()) {
            if (parameter instanceof Parameter.Choice choice) {
                Set<Joint> made = new HashSet<>();
                for (String option : choice.options()) {
                    made.add(Joints.in(give(FRONT_LEFT + ":" + choice.name(), option).applyTo(project)));
                }
                assertThat(made).as("%s of a %s", choice.name(), kind.id()).hasSizeGreaterThan(1);
            }
        }
    }

    /** The reckoning names the rule, or for whom a figure was given. */
    @Test
    void reckoning_namesWhatDecided() {
        assertThat(rule(with())).isEqualTo(List.of("rule.nearestChisel"));
        assertThat(rule(with(HouseRules.THICKNESS, "half"))).isEqualTo(List.of("rule.half"));
        assertThat(rule(with(HouseRules.THICKNESS, "chisel-decides"))).isEqualTo(List.of("rule.chiselDecides"));
        assertThat(rule(with("stopped-tenon:tenon.thickness", "10"))).isEqualTo(List.of("rule.givenForType"));
        assertThat(rule(with(FRONT_LEFT + ":tenon.thickness", "10"))).isEqualTo(List.of("rule.givenForJoint"));
        assertThat(rule(with("tenon.thickness", "10"))).isEmpty();
    }

    private static List<String> rule(Project project) {
        Amount amount = Joints.in(project).tenons().getFirst().thickness();
        return amount.rule().map(Label::key).stream().toList();
    }

    @Test
    void unknownRuleOrParameterOfAType_isRefused() {
        for (String name : List.of("school.width", "stopped-tenon:tusk.bury", "glue:tenon.length",
                "top:tenon.length")) {
            assertThatThrownBy(() -> give(name, "20").applyTo(table())).as(name).isInstanceOf(EditRefused.class);
        }
        assertThatThrownBy(() -> give(HouseRules.THICKNESS, "quarter").applyTo(table()))
                .isInstanceOf(EditRefused.class);
        assertThatThrownBy(() -> give("limit.wall", "80").applyTo(table())).isInstanceOf(EditRefused.class);
        for (Value beyond : List.of(new Value.Proportioned(new Ratio(3, 4)), new Value.Measured(mm("6")))) {
            assertThatThrownBy(() -> new Edit.Give("limit.wall-share", beyond).applyTo(table()))
                    .isInstanceOf(EditRefused.class);
        }
    }

    @Test
    void limits_asGivenOrUsual() {
        assertThat(table().brief().length(Limits.WALL)).isEqualTo(mm("6"));
        assertThat(with("limit.wall", "9").brief().length(Limits.WALL)).isEqualTo(mm("9"));
        assertThat(table().brief().ratio(Limits.WALL_SHARE)).isEqualTo(new Ratio(1, 4));
        assertThat(with("limit.wall-share", "20 %").brief().ratio(Limits.WALL_SHARE)).isEqualTo(new Ratio(1, 5));
        assertThat(table().brief().angle(Limits.SHORT_GRAIN)).isEqualTo(new Angle(10));
        assertThat(new Edit.LeaveToRule("limit.wall").applyTo(with("limit.wall", "9"))).isEqualTo(table());
    }
}
