package longshoulder.core.finding;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.plan;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChecksTest {

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
            "nothing-left, STOP, overhang.ends=690, overhang.ends=680"})
    void run_firesAndSpareTheTwin(String code, Level level, String bad, String good) {
        List<Finding> found = findings(bad).stream().filter(finding -> finding.code().equals(code)).toList();
        assertThat(found).isNotEmpty().extracting(Finding::level).containsOnly(level);
        assertThat(found).allSatisfy(finding -> assertThat(finding.remedies()).isNotEmpty());
        assertThat(findings(good)).filteredOn(f -> f.code().equals(code) && f.level() == level).isEmpty();
    }

    @Test
    void run_unequalShoulders_stopAndBothRemediesMend() {
        Project project = new Edit.RecordShoulder("apron-front", mm("1258")).applyTo(table());
        Finding finding = Planner.plan(project).findings().getFirst();
        assertThat(finding.code()).isEqualTo("shoulders-unequal");
        assertThat(Words.showing(Showing.TENTH_MILLIMETRES).say(finding)).contains("1258 mm").contains("1260 mm")
                .contains("2 mm apart");
        Project mended = finding.remedies().getLast().edit().applyTo(project);
        assertThat(Planner.plan(mended).findings()).isEmpty();
        Project followed = finding.remedies().getFirst().edit().applyTo(project);
        Finding off = Planner.plan(followed).findings().getFirst();
        assertThat(off.code()).isEqualTo("shoulder-off-plan");
        assertThat(Planner.plan(off.remedies().getFirst().edit().applyTo(followed)).findings()).isEmpty();
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

    private static List<Finding> findings(String settings) {
        return plan(settings.split("[ =]")).findings();
    }
}
