package longshoulder.core.finding;

import static longshoulder.core.Tables.give;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Limits;
import longshoulder.core.brief.Parameter;
import longshoulder.core.joint.Joints;
import longshoulder.core.kind.Designs;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every limit at which a check speaks up is the maker's: a stricter one makes it speak, a slacker one silences it. */
class LimitsTest {

    private static final String JOINT = "apron-front/leg-front-left";

    /** Code, limit, what fires, what does not, kind, and what else the design needs: @ is of its front left joint, # is as milled. */
    private static final List<String> ROWS = List.of("wall-thin | wall | 20 | 6 | table",
            "wall-thin | wall-share | 1/2 | 1/10 | table", "floor-thin | floor | 20 | 5 | table",
            "no-glue-room | glue-room | 2 | 1 | table",
            "mortise-near-end | near-end | 5 | 0 | table | post.horns=none @stopped-tenon",
            "fit-tight | fit-tight | 0.2 | 0.05 | table | #tenon=8 #mortise=8.1",
            "fit-loose | fit-loose | 0.05 | 0.2 | table | #tenon=8 #mortise=8.1",
            "tenon-thin | thinnest | 1/2 | 1/4 | table", "tenon-thick | thickest | 1/4 | 1/2 | table",
            "tenon-wide | wide | 2 | 100 | table",
            "tenon-wide RISK | far-too-wide | 3 | 100 | table | limit.wide=2",
            "tenon-short-grain | short-grain | 5° | 10° | table | splay.front=7° @stopped-tenon @tenon.line=post",
            "stub-short | stub | 20 | 6 | table | @stub-tenon",
            "haunch-deep | haunch | 1/10 | 2/3 | table | @haunched-tenon",
            "mortise-long | end-mortise | 1/10 | 1/3 | table | overall.length=400 @loose-tenon",
            "wedge-count | one-wedge | 20 | 500 | table | @through-tenon @tenon.wedges=one",
            "slot-deep | slot | 1/2 | 9/10 | table | @through-tenon @tenon.wedges=two",
            "flare-short | flare-run | 1 | 1/2 | table | @through-tenon @tenon.wedges=two @wedge.flare-run=50",
            "flare-wide | flare | 1/100 | 1/6 | table | @through-tenon @tenon.wedges=two",
            "drawbore-large | drawbore | 1 | 2 | table | @stopped-tenon @peg=drawbored @drawbore.offset=1.5",
            "peg-thick | peg | 1/20 | 1/3 | table | @stopped-tenon @peg=pegged",
            "peg-near-edge | peg-edge | 10 | 2 | table | @stopped-tenon @peg=pegged",
            "tusk-relish | tusk-relish | 200 | 20 | table | @tusked-tenon",
            "tusk-thick | tusk | 1/20 | 1/2 | table | @tusked-tenon",
            "tusk-no-pull | tusk-bury | 20 | 1 | table | @tusked-tenon",
            "tusk-deep | tusk-deep | 1/20 | 1/2 | table | @tusked-tenon @tusk.bury=10",
            "bolt-thick | bolt | 1/20 | 1/2 | table | @stub-tenon @bolt=bolted",
            "bolt-near | bolt-edge | 20 | 3 | table | @stub-tenon @bolt=bolted",
            "bolt-far | bolt-reach | 1/20 | 1/2 | table | overall.length=600 @stub-tenon @bolt=bolted",
            "tongue-thick | bridle | 1/10 | 2/3 | table | @bridle", "lap-deep | lap | 1/10 | 2/3 | stand",
            "tail-thick | tail | 1/10 | 3/4 | table | @tapered-dovetail",
            "tail-taper | tail-taper | 1/100 | 1/4 | table | @tapered-dovetail",
            "cut-deep | cut | 1/20 | 1/2 | table | @housing",
            "groove-cuts-tenon | groove-in-tenon | 0 | 1 | door | construction=tenoned groove.depth=24 panel/rail-top:groove.run=through",
            "held-tight | held-width | 50 | 150 | table", "panel-tight | moisture | 30 | 0 | cabinet");

    record Row(String code, String limit, String strict, String slack, Project design) {}

    private static Row row(String text) {
        String[] parts = Arrays.stream(text.split("[|]", -1)).map(String::strip).toArray(String[]::new);
        Project design = Designs.of(parts[4]);
        for (String setting : parts.length == 5 ? new String[0] : parts[5].split(" ", -1)) {
            design = set(design, setting);
        }
        return new Row(parts[0], "limit." + parts[1], parts[2], parts[3], design);
    }

    private static Project set(Project design, String setting) {
        String[] halves = setting.substring(setting.matches("[@#].*") ? 1 : 0).split("=", 2);
        if (setting.startsWith("#")) {
            return new Edit.RecordMilled(JOINT, Milled.find(halves[0]).orElseThrow(), Length.parse(halves[1] + " mm"))
                    .applyTo(design);
        }
        if (halves.length == 1) {
            return Joints.with(design, JointKind.find(halves[0]).orElseThrow());
        }
        return give(setting.startsWith("@") ? JOINT + ":" + halves[0] : halves[0], halves[1]).applyTo(design);
    }

    static Stream<Row> rows() {
        return ROWS.stream().map(LimitsTest::row);
    }

    @ParameterizedTest
    @MethodSource("rows")
    void limit_decidesWhetherItsCheckSpeaks(Row row) {
        assertThat(found(row, row.strict)).contains(row.code);
        assertThat(found(row, row.slack)).doesNotContain(row.code);
    }

    /** The codes with and without their levels. */
    private static List<String> found(Row row, String limit) {
        return Planner.plan(give(row.limit, limit).applyTo(row.design)).findings().stream()
                .flatMap(finding -> Stream.of(finding.code(), finding.code() + " " + finding.level())).toList();
    }

    @Test
    void everyLimit_isLookedAt() {
        assertThat(rows().map(Row::limit)).containsExactlyInAnyOrderElementsOf(
                Limits.all().stream().map(Parameter::name).toList());
    }
}
