package longshoulder.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.shell.ReckoningRow.What;
import org.junit.jupiter.api.Test;

class ReckoningRowsTest {

    private final Workbench bench = new Workbench(
            Planner.plan(Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES)), Optional.empty());

    private List<ReckoningRow> rows() {
        return ReckoningRows.of(bench.plan(), ReckoningRows.Query.at(bench));
    }

    private List<String> told() {
        return rows().stream().filter(row -> row.what() == What.LINE || row.what() == What.RESULT)
                .map(row -> row.text() + " " + row.figure()).toList();
    }

    private void give(String parameter, String millimetres) {
        bench.edit(new Edit.Give(parameter, new Value.Measured(Length.parse(millimetres + " mm"))));
    }

    private static boolean lookAlike(List<ReckoningRow> one, List<ReckoningRow> other) {
        boolean alike = one.size() == other.size();
        for (int i = 0; alike && i < one.size(); i++) {
            alike = one.get(i).looksLike(other.get(i));
        }
        return alike;
    }

    @Test
    void apron_tellsItsShoulderLengthAsAMakerWouldWriteIt() {
        bench.selection().light("apron-front");
        assertThat(told()).containsExactly("overall length 1500", "− 2 × overhang of the top at each end 60",
                "length over the legs 1380", "− 2 × width of a leg, along the length 60",
                "= shoulder length of the front apron 1260");
    }

    @Test
    void size_changed_onlyTheFiguresDiffer() {
        List<ReckoningRow> before = rows();
        give("overall.length", "1600");
        assertThat(lookAlike(before, rows())).isTrue();
        assertThat(told().getLast()).endsWith(" 1360");
    }

    @Test
    void otherPieceFigureOrWood_looksDifferent() {
        List<ReckoningRow> before = rows();
        bench.edit(new Edit.UseWood("apron", "larch"));
        assertThat(lookAlike(before, rows())).isFalse();
        before = rows();
        bench.selection().openFigure(bench.plan().piece("apron-front").length());
        assertThat(lookAlike(before, rows())).isFalse();
        before = rows();
        bench.selection().light("leg-front-left");
        assertThat(lookAlike(before, rows())).isFalse();
    }

    @Test
    void tenonGiven_canBeLeftToTheRuleAgain() {
        assertThat(rows()).noneMatch(row -> row.what() == What.LEAVABLE);
        give("tenon.length", "35");
        assertThat(rows()).filteredOn(row -> row.what() == What.LEAVABLE)
                .singleElement().matches(row -> row.id().equals("tenon.length") && row.figure().equals("35"));
    }

    @Test
    void tenonLengthOpen_offersTheRules() {
        bench.selection().openFigure(bench.plan().piece("apron-front").joints().getFirst().addedLength());
        List<ReckoningRow> rules = rows().stream().filter(row -> row.what() == What.RULE).toList();
        assertThat(rules).extracting(ReckoningRow::id).containsExactly("mitred", "shortened",
                "interlocked", "staggered", "full");
        assertThat(rules).filteredOn(ReckoningRow::open).extracting(ReckoningRow::id).containsExactly("mitred");
    }

    @Test
    void shownFiguresThatDoNotAddUp_sayByHowMuch() {
        give("overall.length", "1500.02");
        give("overhang.ends", "60.04");
        assertThat(told()).anyMatch(line -> line.contains("length over the legs (shown +0.1)"));
    }

    /** Shoulder, width and thickness of the piece, then tenon and mortise of its joint; a top has no joint and no shoulders. */
    @Test
    void asCut_showsWhatWasEntered() {
        bench.selection().light("apron-front");
        assertThat(milled()).containsExactly("–", "–", "–", "–", "–");
        bench.edit(new Edit.RecordMilled("apron-front", Milled.SHOULDER, Length.ofMillimetres(1258)));
        bench.edit(new Edit.RecordMilled("apron-front", Milled.THICKNESS, Length.ofMillimetres(21)));
        assertThat(milled()).containsExactly("1258", "–", "21", "–", "–");
        bench.selection().light("top");
        assertThat(milled()).containsExactly("–", "–");
    }

    private List<String> milled() {
        return rows().stream().filter(row -> row.what() == ReckoningRow.What.AS_CUT)
                .map(ReckoningRow::figure).toList();
    }

    @Test
    void noPieceLit_tellsNothing() {
        bench.selection().light("keel");
        assertThat(rows()).isEmpty();
    }
}
