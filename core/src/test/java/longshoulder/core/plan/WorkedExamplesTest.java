package longshoulder.core.plan;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.plan;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import longshoulder.core.Tables;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Tenon;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Level;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The worked numbers of the trade's reference come out exactly. */
class WorkedExamplesTest {

    @Test
    void plan_plainTable_hasTheWorkedChains() {
        Plan plan = Planner.plan(Tables.worked());
        assertThat(plan.piece("apron-front").shoulderLength().orElseThrow().value()).isEqualTo(mm("1260"));
        assertThat(plan.piece("apron-left").shoulderLength().orElseThrow().value()).isEqualTo(mm("600"));
        assertThat(plan.piece("apron-front").length().value()).isEqualTo(mm("1336"));
        assertThat(plan.piece("apron-left").length().value()).isEqualTo(mm("676"));
        assertThat(plan.piece("leg-back-right").length().value()).isEqualTo(mm("725"));
        assertThat(plan.findings()).extracting(Finding::level).containsOnly(Level.NOTE);
    }

    @Test
    void plan_plainTable_reckoningHangsOnWhatWasGiven() {
        Amount shoulder = Planner.plan(Tables.worked()).piece("apron-front").shoulderLength().orElseThrow();
        assertThat(shoulder.parameters()).containsExactly("overall.length", "overhang.ends", "leg.width");
        assertThat(shoulder.parts().getFirst().value()).isEqualTo(mm("1380"));
    }

    @Test
    void plan_mitredTenons_runToTheCheeksOfEachOther() {
        Tenon tenon = tenon(plan("apron.setback", "6", "school.length", "longest"), "apron-front/leg-front-left");
        assertThat(tenon.cheekFromReference().value()).isEqualTo(mm("13"));
        assertThat(tenon.farCheekFromReference().value()).isEqualTo(mm("21"));
        // 47 and 39 to the cheeks, less 0.25 square to a mitre of 45°
        double off = 0.25 * Math.sqrt(2);
        assertThat(tenon.length().value().toMillimetres()).isCloseTo(47 - off, within(1e-6));
        assertThat(tenon.shortCheek().toMillimetres()).isCloseTo(39 - off, within(1e-6));
        assertThat(tenon.adds().volume()).isCloseTo(71 * 8 * (43 - off), within(1e-3));
    }

    /** On the step of 1 both cheeks are whole: 46 and 38. */
    @Test
    void plan_mitredTenons_bothCheeksAreOnTheStep() {
        Plan plan = plan("apron.setback", "6", "school.length", "longest", "figures.step", "1");
        Tenon tenon = tenon(plan, "apron-front/leg-front-left");
        assertThat(tenon.length().value()).isEqualTo(mm("46"));
        assertThat(tenon.shortCheek().toMillimetres()).isCloseTo(38, within(1e-6));
        assertThat(plan.joints().getFirst().figures()).hasEntrySatisfying("short-cheek",
                cheek -> assertThat(cheek.value().toMillimetres()).isCloseTo(38, within(1e-6)));
    }

    @Test
    void plan_shortenedTenons_stopOneClearOfTheOther() {
        Plan plan = plan("apron.setback", "6", "tenon.meeting", "shortened");
        Tenon tenon = tenon(plan, "apron-front/leg-front-left");
        assertThat(tenon.length().value()).isEqualTo(mm("38"));
        assertThat(tenon.depth().value()).isEqualTo(mm("39.5"));
        assertThat(plan.findings()).extracting(Finding::code).contains("wall-thin");
    }

    @Test
    void plan_defaultRules_thirdOfTheRailAndTwoThirdsOfThePost() {
        Tenon tenon = tenon(plan(), "apron-left/leg-back-left");
        assertThat(tenon.thickness().value()).isEqualTo(mm("8"));
        assertThat(tenon.length().value()).isEqualTo(mm("40"));
        assertThat(tenon.edgeShoulder().value()).isEqualTo(mm("12"));
        assertThat(tenon.faceShoulder().value()).isEqualTo(mm("7"));
    }

    @Test
    void plan_squareEnds_haveNoAngles() {
        EndCut cut = plan().piece("apron-front").start();
        assertThat(cut).isEqualTo(new EndCut(0.0, 0.0, 0.0, 0.0, mm("1260"), mm("1260"), EndCut.LongAt.NEITHER,
                EndCut.LongAt.NEITHER));
    }

    @ParameterizedTest
    @CsvSource({"1258, 1338", "1262, 1342"})
    void plan_shoulderCutShortOrLong_lengthFollowsAndMortiseStays(String cut, String length) {
        Plan plan = Planner.plan(new Edit.RecordMilled("apron-front", Milled.SHOULDER, mm(cut)).applyTo(table()));
        assertThat(plan.piece("apron-front").length().value()).isEqualTo(mm(length));
        assertThat(plan.piece("leg-front-left").solid().volume())
                .isCloseTo(plan().piece("leg-front-left").solid().volume(), within(1e-6));
    }

    private static Tenon tenon(Plan plan, String id) {
        return plan.joints().stream().filter(joint -> joint.id().equals(id)).findFirst().orElseThrow().tenons()
                .getFirst();
    }
}
