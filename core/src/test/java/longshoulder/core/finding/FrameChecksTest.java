package longshoulder.core.finding;

import static longshoulder.core.Tables.give;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import longshoulder.core.kind.Designs;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Alterations;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import longshoulder.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Findings that only frames beyond a plain table can have: each fires, and its near twin does not. */
class FrameChecksTest {

    private static Project altered(Project project, String alteration) {
        String[] parts = alteration.split(",", -1);
        Map<String, String> fields = new TreeMap<>(Map.of("do", parts[0]));
        Arrays.stream(parts).skip(1).map(part -> part.split("=", 2)).forEach(half -> fields.put(half[0], half[1]));
        return new Edit.Alter(Alterations.read(fields, Unit.MILLIMETRE)).applyTo(project);
    }

    /** A kind, settings, and an alteration in its place. */
    private static Plan plan(String kind, String settings) {
        Project project = Designs.of(kind);
        for (String setting : settings.split(";", -1)) {
            String[] halves = setting.strip().split("=", 2);
            if (setting.contains(",")) {
                project = altered(project, setting.strip());
            } else if (halves.length == 2) {
                project = give(halves[0], halves[1]).applyTo(project);
            }
        }
        return Planner.plan(project);
    }

    private static List<String> codes(Plan plan) {
        return plan.findings().stream().map(Finding::code).toList();
    }

    /** Grooves of a third of its width leave a third of the bar. */
    @Test
    void fallsApart_isRemedied() {
        Plan bad = plan("door", "bars.upright=one; bar.width=20; groove.depth=12");
        Finding apart = bad.findings().stream().filter(finding -> finding.code().equals("falls-apart")).findFirst()
                .orElseThrow();
        Plan good = Planner.plan(apart.remedies().getFirst().edit().applyTo(bad.project()));
        assertThat(codes(good)).doesNotContain("falls-apart");
        assertThat(good.piece("bar-upright-1").cutShape().parts()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            // below the floor, and lower on its legs
            "floats | STOP | table | move,piece=apron-front,z=-900 | move,piece=apron-front,z=-100",
            // the stile stands in the case, and what is left of its door hangs on nothing
            "floats | STOP | cabinet | dividers=one; front=one-door; door.hang=overlaid; move,piece=door-1.stile-left,x=27,y=24,z=-55 | dividers=one; front=one-door; door.hang=overlaid",
            "floats | STOP | table | add,piece=x,length=99,width=20,thickness=20,lie=xy,x=3000 | rename,piece=top,mark=Z",
            // the bearers are thicker than the uprights: a stretcher as high as they runs into them
            "pieces-collide | STOP | bench | uprights=single; stretcher.height=330 | uprights=single; stretcher.height=200",
            "pieces-collide | STOP | free | add,piece=x,role=rail,length=300,width=30,thickness=30,lie=xz,x=200,y=20,z=620 | add,piece=x,role=top,length=300,width=30,thickness=30,lie=xz,x=200,y=20,z=900",
            // grooves that end at the shoulders are shorter than the panels that stand in them
            "pieces-collide | STOP | cabinet | groove:groove.run=shoulders | groove:groove.run=panel",
            // a tusk stands out above its tenon: in the seat, but not under a rail that lies lower
            "loose-part-collides | STOP | stool | apron-back/leg-back-right:joint=tusked-tenon | stretchers=box; stretcher-back/leg-back-right:joint=tusked-tenon",
            // a loose tenon reaches into its rail, where a panel stands; the front rail has none
            "loose-part-collides | STOP | cabinet | rail-upper-right/post-front-right:joint=loose-tenon | rail-upper-front/post-front-left:joint=loose-tenon",
            "loose-part-collides | STOP | bench | uprights=single; upright-right/bearer-right:joint=blind-wedged-tenon | uprights=single; upright-right/foot-right:joint=blind-wedged-tenon",
            // a tenon that goes through meets one that stops short of the middle, but not of it
            "joints-collide | STOP | cabinet | post.width=33; rail.thickness=16.3; tenon.length=22.621875; rail-lower-right/post-back-right:joint=tusked-tenon | post.width=33; rail.thickness=16.3; tenon.length=8; rail-lower-right/post-back-right:joint=tusked-tenon",
            // a board that is laid on lies on something
            "floats | STOP | table | add,piece=x,role=shelf,length=300,width=200,thickness=20,lie=xy,x=600,y=300,z=300 | add,piece=x,role=shelf,length=300,width=200,thickness=20,lie=xy,x=600,y=300,z=750",
            "groove-cuts-tenon | RISK | door | construction=tenoned; groove.depth=24; panel/rail-top:groove.run=through | construction=tenoned",
            "groove-no-cheek | STOP | frame | filling=panel; frame.thickness=20; filling.thickness=20 | filling=panel; frame.thickness=20; filling.thickness=8",
            "groove-through | STOP | door | stile.width=36; groove.depth=32; panel.room=5 | stile.width=36; groove.depth=10",
            // two grooves 12 deep in a bar 20 wide
            "falls-apart | STOP | door | bars.upright=one; bar.width=20; groove.depth=12 | bars.upright=one; bar.width=20; groove.depth=6",
            // two rebates 12 wide in a bar 22 wide leave no web between the panes
            "side-gone | STOP | door | construction=rebated; filling=glass; filling.thickness=4; bars.across=one; bar.width=22; groove.depth=12; mould.width=6 | construction=rebated; filling=glass; filling.thickness=4; bars.across=one; bar.width=22; groove.depth=8; mould.width=6",
            // where the stretchers enter, the legs are thinner by more than their tenons are long
            "tenon-bare | STOP | table | stretchers=box; leg.taper=two; leg.width=100; leg.depth=100; stretcher.height=40; leg.foot=30 | stretchers=box; leg.taper=two; leg.width=100; leg.depth=100; stretcher.height=40; leg.foot=90",
            "tenon-bare | RISK | table | stretchers=box; leg.taper=two; leg.width=100; leg.depth=100; stretcher.height=40; leg.foot=44 | stretchers=box; leg.taper=two; leg.width=100; leg.depth=100; stretcher.height=40; leg.foot=90",
            // a dovetail slides in from the end of its post
            "no-way-in | STOP | table | stretchers=box; stretcher-left/leg-front-left:joint=sliding-dovetail | stretchers=box; apron-left/leg-front-left:joint=sliding-dovetail",
            // both rails of the stand are 48 wide: less than 16 left is less than a third
            "lap-deep | RISK | stand | rail-long/rail-cross:lap.depth=33 | rail-long/rail-cross:lap.depth=32",
            "lap-deep | STOP | stand | rail-long/rail-cross:lap.depth=49 | rail-long/rail-cross:lap.depth=24",
            "lap-shallow | RISK | stand | rail-long/rail-cross:lap.depth=15 | rail-long/rail-cross:lap.depth=16",
            "tongue-thick | STOP | table | apron.layers=two; inner-apron-front/apron-front:edge.form=tongued; inner-apron-front/apron-front:tongue.thickness=200 | apron.layers=two; inner-apron-front/apron-front:edge.form=tongued",
            "cut-deep | STOP | table | apron.layers=two; inner-apron-front/apron-front:edge.form=tongued; inner-apron-front/apron-front:groove.depth=100 | apron.layers=two; inner-apron-front/apron-front:edge.form=tongued",
            "panel-tight | RISK | cabinet | panel.room=4 | panel.room=13",
            "no-room | STOP | door | filling=none; middle.rails=four; bars.across=four | filling=none; middle.rails=one; bars.across=four",
            "no-room | STOP | door | filling=none; muntins=four; muntin.width=100 | filling=none; muntins=two; muntin.width=100",
            "no-room | STOP | door | middle.rails=one; lock-rail=at-height; lock-rail.height=60 | middle.rails=one; lock-rail=at-height",
            "no-room | STOP | table | drawer=front; apron.width=40 | drawer=front",
            "no-room | STOP | cabinet | drawers=four; drawer.height=130 | drawers=four; drawer.height=100",
            "waits | NOTE | table | bow=front; drawer=front | bow=front",
            "waits | NOTE | table | bottom=panel; splay.side=5° | bottom=panel",
            "waits | NOTE | door | muntins=one; bars.upright=one | muntins=one; bars.upright=one; middle.rails=one",
            "waits | NOTE | door | lock-rail=at-height | lock-rail=at-height; middle.rails=one",
            "waits | NOTE | door | muntins=one; muntin-1-1/rail-top:joint=through-tenon; muntins=none | muntins=one; muntin-1-1/rail-top:joint=through-tenon",
            "waits | NOTE | table | apron-front/leg-front-left:joint=haunched-tenon; apron-front/leg-front-left:haunch.width=20; apron-front/leg-front-left:joint=bridle | apron-front/leg-front-left:joint=haunched-tenon; apron-front/leg-front-left:haunch.width=20"})
    void fires_andSparesTheTwin(String code, Level level, String kind, String bad, String twin) {
        Plan plan = plan(kind, bad);
        assertThat(codes(plan)).contains(code);
        assertThat(codes(plan(kind, twin))).doesNotContain(code);
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        for (Finding finding : plan.findings()) {
            if (finding.code().equals(code)) {
                assertThat(finding.level()).isEqualTo(level);
                assertThat(words.say(finding)).isNotBlank().doesNotContain("{");
                finding.remedies().forEach(remedy -> assertThat(words.sentence(remedy.label())).doesNotContain("{"));
            }
        }
    }

    /** Shallower grooves and a wider bar both leave enough of it. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"falls-apart | bars.upright=one; bar.width=20; groove.depth=12",
            "side-gone | construction=rebated; filling=glass; filling.thickness=4; bars.across=one; bar.width=22; groove.depth=12; mould.width=6"})
    void whatIsCutApart_isMendedBothWays(String code, String bad) {
        Plan plan = plan("door", bad);
        List<Remedy> remedies = plan.findings().stream().filter(one -> one.code().equals(code))
                .flatMap(one -> one.remedies().stream()).distinct().toList();
        assertThat(remedies).hasSize(2).allSatisfy(
                remedy -> assertThat(codes(Planner.plan(remedy.edit().applyTo(plan.project())))).doesNotContain(code));
    }

    /** Joints that have their type by their place are mended by their own figures too. */
    @Test
    void lapDeep_isMendedAtTheCrossing() {
        Plan plan = plan("stand", "rail-long/rail-cross:lap.depth=40");
        Finding deep = plan.findings().stream().filter(one -> one.code().equals("lap-deep")).findFirst().orElseThrow();
        assertThat(deep.remedies()).hasSize(1);
        assertThat(codes(Planner.plan(deep.remedies().getFirst().edit().applyTo(plan.project()))))
                .doesNotContain("lap-deep");
    }

    /** Forgetting what waits takes the note away and nothing else. */
    @Test
    void waits_forgotten() {
        Plan plan = plan("door",
                "muntins=two; muntin-1-2/rail-top:joint=housing; muntin-1-2/rail-top:housing.depth=7; muntins=one");
        List<Finding> waiting = plan.findings().stream().filter(one -> one.code().equals("waits")).toList();
        assertThat(waiting).hasSize(2);
        Project project = plan.project();
        for (Finding finding : waiting) {
            project = finding.remedies().getFirst().edit().applyTo(project);
        }
        assertThat(project.brief()).isEqualTo(Designs.of("door", "muntins", "one").brief());
    }

    /** Hung doors are wholes of their own; a piece of one that is joined to nothing is still told. */
    @Test
    void floats_doorsAreWholes() {
        assertThat(codes(plan("cabinet", "front=two-doors"))).doesNotContain("floats");
        Project without = Designs.of("cabinet", "front", "one-door");
        for (String piece : List.of("door.rail-top", "door.rail-bottom", "door.panel")) {
            without = altered(without, "remove,piece=" + piece);
        }
        assertThat(codes(Planner.plan(without))).contains("floats");
    }

    /** Stiles of 50 in a frame 80 wide leave nothing of the rails. */
    @Test
    void nothingLeft_ofARail() {
        assertThat(codes(plan("frame", "size.width=80; stile.width=50"))).contains("nothing-left");
        assertThat(codes(plan("frame", "size.width=180; stile.width=50"))).doesNotContain("nothing-left");
    }
}
