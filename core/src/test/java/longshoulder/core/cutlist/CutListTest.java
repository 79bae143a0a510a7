package longshoulder.core.cutlist;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.plan;
import static org.assertj.core.api.Assertions.assertThat;

import longshoulder.core.Tables;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import org.junit.jupiter.api.Test;

class CutListTest {

    @Test
    void of_squareLegs_areAllTheSame() {
        CutList list = CutList.of(plan());
        assertThat(list.lines()).extracting(CutLine::count).containsExactly(4, 2, 2, 1);
        assertThat(list.lines().getFirst().mirrorOf()).isEmpty();
        assertThat(list.lines().getFirst().marks()).containsExactly("A1", "A2", "A3", "A4");
    }

    @Test
    void of_oblongLegs_areTwoAndTwoMirrored() {
        CutList list = CutList.of(plan("leg.width", "70"));
        assertThat(list.lines()).extracting(CutLine::count).containsExactly(2, 2, 2, 2, 1);
        assertThat(list.lines().get(0).pieces()).containsExactly("leg-front-left", "leg-back-right");
        assertThat(list.lines().get(0).mirrorOf()).contains(2);
        assertThat(list.lines().get(1).mirrorOf()).contains(1);
    }

    @Test
    void of_anotherWood_isNotTheSame() {
        CutList list = CutList.of(Planner.plan(new Edit.UseWood("top", "elm").applyTo(Tables.table())));
        assertThat(list.lines().getLast().wood()).isEqualTo("elm");
        assertThat(list.lines().getFirst().wood()).isEqualTo("beech");
    }

    @Test
    void of_roughSizes_addTheTradesAllowances() {
        CutList list = CutList.of(plan("tenon.length", "38"));
        CutLine leg = list.lines().get(0);
        CutLine apron = list.lines().get(1);
        assertThat(leg.rough().length().value()).isEqualTo(mm("765"));
        assertThat(apron.rough().length().value()).isEqualTo(mm("1361"));
        assertThat(apron.rough().width().value()).isEqualTo(mm("100"));
        assertThat(apron.rough().thickness().value()).isEqualTo(mm("26"));
        assertThat(apron.finished().length().value()).isEqualTo(mm("1336"));
    }

    /** Native allowances: 1 1/2 for legs, else 1; 1/4 in width; 3/16 in thickness. */
    @Test
    void of_inches_allowancesAreNative() {
        CutList list = CutList.of(Planner.plan(
                Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.SIXTY_FOURTHS)));
        assertThat(list.lines().get(0).rough().length().value().minus(list.lines().get(0).finished().length().value()))
                .isEqualTo(Length.ofInches(3, 2));
        CutLine apron = list.lines().get(1);
        assertThat(apron.rough().length().value().minus(apron.finished().length().value()))
                .isEqualTo(Length.ofInches(1, 1));
        assertThat(apron.rough().width().value()).isEqualTo(Length.ofInches(15, 4));
        assertThat(apron.rough().thickness().value()).isEqualTo(Length.ofInches(17, 16));
    }

    /** Plywood is cut to its size from a sheet. */
    @Test
    void of_sheets_haveNoAllowance() {
        CutList list = CutList.of(Planner.plan(new Edit.UseWood("top", "plywood").applyTo(Tables.table())));
        assertThat(list.lines().getLast().rough()).isEqualTo(list.lines().getLast().finished());
    }

    @Test
    void of_apronCutShort_isNotTheSameAsItsPartner() {
        CutList list = CutList
                .of(Planner.plan(
                        new Edit.RecordMilled("apron-front", Milled.SHOULDER, mm("1258")).applyTo(Tables.table())));
        assertThat(list.lines()).extracting(CutLine::count).containsExactly(4, 1, 1, 2, 1);
    }
}
