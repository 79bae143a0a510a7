package longshoulder.core.finding;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.plan;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import longshoulder.core.words.Words;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChecksTest {

    private static final String JOINT = "apron-front/leg-front-left";

    /** Each check fires on the left design and not on its near twin on the right. */
    @ParameterizedTest
    @CsvSource({"tenons-collide, STOP, tenon.meeting=full tenon.length=45, tenon.meeting=full tenon.length=37",
            "tenons-collide, STOP, tenon.length=46, tenon.length=45",
            "tenons-collide, STOP, tenon.meeting=shortened tenon.length=38, tenon.meeting=shortened tenon.length=37",
            "wall-thin, RISK, apron.setback=0 apron.thickness=16, apron.setback=8",
            "wall-thin, NOTE, apron.setback=7, apron.setback=8",
            "wall-thin, RISK, apron.setback=40, apron.setback=38",
            "floor-thin, RISK, mortise.depth=56, mortise.depth=55",
            "floor-thin, STOP, mortise.depth=60, mortise.depth=55",
            "no-chisel, RISK, tenon.thickness=9, tenon.thickness=10",
            "tenon-thick, RISK, tenon.thickness=12, tenon.thickness=10",
            "tenon-thin, RISK, apron.thickness=26 tenon.thickness=6, apron.thickness=24 tenon.thickness=6",
            "tenon-beyond-mortise, STOP, mortise.depth=39, mortise.depth=41",
            "no-glue-room, RISK, mortise.depth=40.5, mortise.depth=41",
            "rail-off-post, STOP, apron.setback=39, apron.setback=38",
            "rail-off-post, STOP, apron.width=280 overall.height=300, apron.width=275 overall.height=300",
            "no-tenon, STOP, tenon.meeting=shortened apron.setback=38 tenon.thickness=22, tenon.meeting=shortened apron.setback=38 tenon.thickness=8",
            "mortise-near-end, RISK, post.horns=none, post.horns=left",
            "tenon-wide, NOTE, apron.width=80, apron.width=70",
            "tenon-wide, RISK, apron.width=130, apron.width=95",
            "wedge-with-grain, RISK, @through-tenon @tenon.wedges=two @wedge.line=with-grain, @through-tenon @tenon.wedges=two",
            "wedge-count, RISK, @through-tenon @tenon.wedges=one, @through-tenon @tenon.wedges=two",
            "wedge-count, NOTE, apron.width=37 @through-tenon @tenon.wedges=two, apron.width=37 @through-tenon @tenon.wedges=one",
            "flare-short, RISK, @through-tenon @tenon.wedges=two @wedge.flare-run=47, @through-tenon @tenon.wedges=two @wedge.flare-run=48",
            "no-relief-hole, RISK, @through-tenon @tenon.wedges=one @wedge.relief=none, @through-tenon @tenon.wedges=one",
            "blind-wedge-long, STOP, @blind-wedged-tenon @tenon.length=30 @wedge.length=26, @blind-wedged-tenon @tenon.length=30 @wedge.length=25",
            "blind-wedge-short, RISK, @blind-wedged-tenon @wedge.length=1.5, @blind-wedged-tenon @wedge.length=2",
            "blind-wedge-once, NOTE, @blind-wedged-tenon, @stopped-tenon",
            "tusk-relish, RISK, @tusked-tenon @tusk.relish=19, @tusked-tenon @tusk.relish=20",
            "tusk-wrong-way, RISK, @tusked-tenon @tusk.wide-end=far-edge, @tusked-tenon",
            "tusk-no-pull, RISK, @tusked-tenon @tusk.bury=0.5, @tusked-tenon @tusk.bury=1",
            "drawbore-wrong-way, STOP, @stopped-tenon @peg=drawbored @drawbore.offset=-1, @stopped-tenon @peg=drawbored @drawbore.offset=1",
            "drawbore-large, RISK, @stopped-tenon @peg=drawbored @drawbore.offset=2.5, @stopped-tenon @peg=drawbored @drawbore.offset=2",
            "peg-thick, RISK, apron.width=50 @stopped-tenon @peg=pegged @peg.diameter=12, apron.width=50 @stopped-tenon @peg=pegged @peg.diameter=10",
            "peg-near-edge, RISK, @stopped-tenon @peg=pegged @peg.from-shoulder=15, @stopped-tenon @peg=pegged @peg.from-shoulder=16",
            "peg-near-edge, RISK, @stopped-tenon @peg=pegged @peg.from-shoulder=22, @stopped-tenon @peg=pegged @peg.from-shoulder=21",
            "tenon-off-rail, STOP, @divided-tenon @tenon.division=twin @tenon.thickness=8, @divided-tenon @tenon.division=twin @tenon.thickness=7",
            "tenon-off-rail, STOP, tenon.thickness=23, tenon.thickness=22",
            "held-tight, RISK, top.fixing=glued, top.fixing=free-to-move",
            "held-tight, RISK, apron.width=151, apron.width=150",
            "layout-two-edges, RISK, @through-tenon @layout.edge=each-own, @through-tenon",
            "fence-turned, RISK, splay.side=7° shoulder.sawing=fixed-fence, splay.side=0° shoulder.sawing=fixed-fence",
            "fence-turned, RISK, splay.side=7° shoulder.sawing=fixed-fence, splay.side=7°",
            "wall-thin, RISK, limit.wall=20, limit.wall=15",
            "floor-thin, RISK, limit.floor=20, limit.floor=18",
            "no-glue-room, RISK, limit.glue-room=2, limit.glue-room=1.5",
            "handed, NOTE, leg.depth=70, leg.depth=60",
            "tenons-collide, STOP, school.length=longest tenon.meeting=full, school.length=longest",
            "nothing-left, STOP, overhang.ends=690, overhang.ends=680"})
    void run_firesAndSpareTheTwin(String code, Level level, String bad, String good) {
        List<Finding> found = findings(bad).stream().filter(finding -> finding.code().equals(code)).toList();
        assertThat(found).isNotEmpty().extracting(Finding::level).containsOnly(level);
        assertThat(found).allSatisfy(finding -> assertThat(finding.remedies()).isNotEmpty());
        assertThat(findings(good)).filteredOn(f -> f.code().equals(code) && f.level() == level).isEmpty();
    }

    @Test
    void run_unequalShoulders_stopAndBothRemediesMend() {
        Project project = new Edit.RecordMilled("apron-front", Milled.SHOULDER, mm("1258")).applyTo(table());
        Finding finding = Planner.plan(project).findings().getFirst();
        assertThat(finding.code()).isEqualTo("shoulders-unequal");
        assertThat(Words.showing(Showing.TENTH_MILLIMETRES).say(finding)).contains("1258 mm").contains("1260 mm")
                .contains("2 mm apart");
        Project mended = finding.remedies().getLast().edit().applyTo(project);
        assertThat(seriousIn(Planner.plan(mended).findings())).isEmpty();
        Project followed = finding.remedies().getFirst().edit().applyTo(project);
        Finding off = Planner.plan(followed).findings().getFirst();
        assertThat(off.code()).isEqualTo("shoulder-off-plan");
        assertThat(seriousIn(Planner.plan(off.remedies().getFirst().edit().applyTo(followed)).findings())).isEmpty();
    }

    private static List<Finding> seriousIn(List<Finding> findings) {
        return findings.stream().filter(finding -> finding.level() != Level.NOTE).toList();
    }

    @Test
    void run_collision_saysByHowMuch() {
        Finding finding = plan("tenon.meeting", "full", "tenon.length", "45").findings().getFirst();
        assertThat(Words.showing(Showing.TENTH_MILLIMETRES).say(finding)).isEqualTo(
                "The tenons of the front apron and the right apron collide inside the front right leg: each is 45 mm"
                        + " long and only 36 mm are free, 9 mm too much, so the shoulders cannot close");
    }

    /** Whatever sizes are asked for, there is a plan; each remedy can be applied; every text is there. */
    @Property(tries = 1000)
    void run_anySizesWithinBounds_neverThrows(@ForAll("anything") List<Edit> edits) {
        Project project = table();
        for (Edit edit : edits) {
            try {
                project = edit.applyTo(project);
            } catch (EditRefused refused) {
                assertThat(Words.showing(Showing.SIXTY_FOURTHS).sentence(refused.reason())).isNotEmpty();
            }
        }
        Words words = Words.showing(Showing.SIXTY_FOURTHS);
        for (Finding finding : Planner.plan(project).findings()) {
            assertThat(words.say(finding)).doesNotContain("{");
            assertThat(finding.remedies()).as("remedies of %s", words.say(finding)).isNotEmpty();
            for (Remedy remedy : finding.remedies()) {
                assertThat(words.say(remedy.label())).isNotEmpty();
                remedy.edit().applyTo(project);
            }
        }
    }

    @Provide
    Arbitrary<List<Edit>> anything() {
        Arbitrary<String> names = Arbitraries.of("overall.length", "overall.depth", "overall.height", "top.thickness",
                "overhang.ends", "overhang.sides", "leg.width", "leg.depth", "apron.width", "apron.thickness",
                "apron.setback", "tenon.length", "tenon.thickness", "mortise.depth");
        Arbitrary<Edit> edit = names.flatMap(name -> Arbitraries.integers().between(0, 3000)
                .map(tenths -> Tables.give(name, tenths + "/4")));
        return edit.list().ofMinSize(1).ofMaxSize(10);
    }

    /** Settings such as apron.width=80; behind @ stands the type of one joint, or a parameter of that joint. */
    private static List<Finding> findings(String settings) {
        return Planner.plan(projectOf(settings)).findings();
    }

    private static Project projectOf(String settings) {
        Project project = table();
        for (String setting : settings.split(" ", -1)) {
            String text = setting.startsWith("@") ? JOINT + ":" + setting.substring(1) : setting;
            String[] halves = (text.contains("=") ? text : JOINT + ":joint=" + setting.substring(1)).split("=", 2);
            project = Tables.give(halves[0], halves[1]).applyTo(project);
        }
        return project;
    }

    /** Each remedy of a finding mends it, or at least changes the design without a worse one of the same kind. */
    @ParameterizedTest
    @ValueSource(strings = {"post.horns=none", "@through-tenon @tenon.wedges=two @wedge.line=with-grain",
            "@through-tenon @tenon.wedges=two @wedge.flare-run=40",
            "@through-tenon @tenon.wedges=two @wedge.relief=none",
            "@blind-wedged-tenon @tenon.length=30 @wedge.length=40", "@tusked-tenon @tusk.relish=3",
            "@tusked-tenon @tusk.wide-end=far-edge", "@tusked-tenon @tusk.bury=0",
            "@stopped-tenon @peg=drawbored @drawbore.offset=-2", "@stopped-tenon @peg=drawbored @drawbore.offset=9",
            "@stopped-tenon @peg=pegged @peg.from-shoulder=30", "top.fixing=glued", "apron.width=200",
            "@through-tenon @layout.edge=each-own", "splay.side=7° shoulder.sawing=fixed-fence", "leg.depth=70",
            "apron.setback=0", "apron.setback=32"})
    void remedies_mendWhatTheySay(String settings) {
        List<Finding> found = findings(settings);
        Finding first = found.stream().filter(finding -> !finding.code().equals("tenon-wide")).findFirst()
                .orElseThrow();
        for (Remedy remedy : first.remedies()) {
            Project project = remedy.edit().applyTo(projectOf(settings));
            assertThat(Planner.plan(project).findings())
                    .noneMatch(again -> again.code().equals(first.code()) && again.about().equals(first.about()));
        }
    }
}
