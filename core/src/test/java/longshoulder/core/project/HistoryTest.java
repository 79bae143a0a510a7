package longshoulder.core.project;

import static longshoulder.core.Tables.give;
import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import longshoulder.core.wood.Tools;
import longshoulder.core.wood.Woods;
import longshoulder.core.Tables;
import longshoulder.core.boards.StockList;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Edits, and going back and forth between them. */
class HistoryTest {

    @Test
    void after_thenUndone_isAsBefore() {
        History start = History.of(table());
        History edited = start.after(give("overall.length", "1600"));
        assertThat(edited.undone().present()).isEqualTo(start.present());
        assertThat(edited.undone().redone().present()).isEqualTo(edited.present());
        assertThat(start.canUndo()).isFalse();
        assertThat(start.undone()).isEqualTo(start);
        assertThat(start.redone()).isEqualTo(start);
    }

    @Test
    void after_editThatChangesNothing_addsNoStep() {
        History start = History.of(table());
        assertThat(start.after(give("overall.length", "1500"))).isEqualTo(start);
    }

    @Test
    void after_undone_anotherEditForgetsWhatWasUndone() {
        History branch = History.of(table()).after(give("overall.length", "1600")).undone()
                .after(give("overall.length", "1700"));
        assertThat(branch.canRedo()).isFalse();
        assertThat(branch.undone().present()).isEqualTo(table());
    }

    /** What was entered at the bench stays when a change of the design is undone; it has an undo of its own. */
    @Test
    void progress_hasAnUndoOfItsOwn() {
        Edit cut = new Edit.RecordMilled("apron-front", Milled.SHOULDER, Length.ofMillimetres(1257));
        History done = History.of(table()).after(give("overall.length", "1600")).after(cut)
                .after(give("overall.length", "1700"));
        assertThat(done.undone().undone().present().cutShoulders()).containsKey("apron-front");
        assertThat(done.undone().undone().canUndo()).isFalse();
        assertThat(done.progressUndone().present())
                .isEqualTo(new Edit.ForgetMilled("apron-front", Milled.SHOULDER).applyTo(done.present()));
        assertThat(done.progressUndone().progressRedone()).isEqualTo(done);
    }

    /** Another kind keeps what was done of the kind before, and does not take it for its own. */
    @Test
    void buildAs_workDoneWaits() {
        Edit cut = new Edit.RecordMilled("leg-front-left", Milled.WIDTH, Length.ofMillimetres(58));
        Project stool = new Edit.BuildAs("stool").applyTo(cut.applyTo(table()));
        assertThat(stool.milled()).isEmpty();
        assertThat(new Edit.BuildAs("table").applyTo(stool).milled("leg-front-left", "width"))
                .contains(Length.ofMillimetres(58));
    }

    /** A workshop's rules take the place of those that the project had; what was given for one joint stays. */
    @Test
    void useWorkshop_replacesToolsAndRules() {
        Project own = new Edit.OwnChisel(Length.ofMillimetres(9))
                .applyTo(give("tenon.meeting", "full").applyTo(table()));
        Workshop other = new Workshop(Tools.IMPERIAL, Woods.SHIPPED,
                Map.of("limit.stub", new Value.Measured(Length.ofMillimetres(7))), StockList.SHIPPED);
        Project moved = new Edit.UseWorkshop(other).applyTo(own);
        assertThat(moved.workshop()).isEqualTo(other);
        assertThat(new Edit.UseWorkshop(own.workshop()).applyTo(moved)).isEqualTo(own);
    }

    @Provide
    Arbitrary<List<Edit>> edits() {
        return Arbitraries.<Edit>oneOf(
                Arbitraries.integers().between(300, 3000).<Edit>map(n -> give("overall.length", n + "")),
                Arbitraries.integers().between(150, 1900).<Edit>map(n -> give("overall.height", n + "")),
                Arbitraries.of("elm", "larch").<Edit>map(wood -> new Edit.UseWood("leg", wood)),
                Arbitraries.of(Showing.values()).<Edit>map(Edit.ShowIn::new)).list().ofMinSize(1).ofMaxSize(30);
    }

    /** As many steps back as there were steps forward lead to the start, and forward again to the end. */
    @Property(tries = 100, seed = "2611")
    void undone_allTheWay_andRedone(@ForAll("edits") List<Edit> edits) {
        History end = History.of(table());
        for (Edit edit : edits) {
            end = end.after(edit);
        }
        History back = end;
        while (back.canUndo()) {
            back = back.undone();
        }
        assertThat(back.present()).isEqualTo(table());
        while (back.canRedo()) {
            back = back.redone();
        }
        assertThat(back).isEqualTo(end);
    }

    @Test
    void give_unknownParameterOrWrongKindOfValue_isRefused() {
        assertRefused(give("overall.beam", "30"), "refused.parameter");
        assertRefused(give("overall.length", "wide"), "refused.notALength");
        assertRefused(give("tenon.meeting", "30"), "refused.option");
        assertRefused(give("overall.length", "12 m"), "refused.bounds");
    }

    @Test
    void leaveToRule_onlyWhereARuleDecides() {
        Project given = table("tenon.length", "30");
        assertThat(new Edit.LeaveToRule("tenon.length").applyTo(given)).isEqualTo(table());
        assertRefused(new Edit.LeaveToRule("overall.length"), "refused.noRule");
    }

    @Test
    void recordShoulder_onlyOfARailAndOnlySensible() {
        Project cut = new Edit.RecordMilled("apron-front", Milled.SHOULDER, mm("1258")).applyTo(table());
        assertThat(cut.milled()).containsEntry("apron-front:shoulder", mm("1258"));
        assertThat(new Edit.ForgetMilled("apron-front", Milled.SHOULDER).applyTo(cut)).isEqualTo(table());
        assertRefused(new Edit.RecordMilled("leg-front-left", Milled.SHOULDER, mm("700")), "refused.milled.shoulder");
        assertRefused(new Edit.RecordMilled("apron-front", Milled.SHOULDER, Length.ZERO), "refused.bounds");
    }

    @Test
    void ownChisel_keepsThemSortedAndOnce() {
        Project owner = new Edit.OwnChisel(mm("7")).applyTo(table());
        assertThat(owner.tools().chisels()).contains(mm("7")).isSorted();
        assertThat(new Edit.OwnChisel(mm("7")).applyTo(owner)).isEqualTo(owner);
        assertRefused(new Edit.OwnChisel(Length.ZERO), "refused.chisel");
        assertRefused(new Edit.OwnChisel(mm("101")), "refused.chisel");
    }

    @Test
    void useWood_ofARoleThatIsThere() {
        assertThat(new Edit.UseWood("leg", "elm").applyTo(table()).wood("leg")).isEqualTo("elm");
        assertThat(table().wood("leg")).isEqualTo(Project.USUAL_WOOD);
        assertRefused(new Edit.UseWood("mast", "elm"), "refused.role");
        assertRefused(new Edit.UseWood("leg", "polystyrene"), "refused.wood");
    }

    @Test
    void retitle_notEndless() {
        assertThat(new Edit.Retitle("Bench").applyTo(table()).title()).isEqualTo("Bench");
        assertRefused(new Edit.Retitle("x".repeat(201)), "refused.title");
    }

    @Test
    void brief_isSortedAndDoesNotChange() {
        Project project = Tables.table();
        project.brief().with("overall.length", new Value.Measured(mm("1")));
        assertThat(project).isEqualTo(table());
        assertThat(List.copyOf(project.brief().values().keySet())).isSorted();
    }

    private static void assertRefused(Edit edit, String key) {
        assertThatThrownBy(() -> edit.applyTo(table())).isInstanceOfSatisfying(EditRefused.class,
                refused -> assertThat(refused.reason().key()).isEqualTo(key));
    }
}
