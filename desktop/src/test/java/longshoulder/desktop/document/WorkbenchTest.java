package longshoulder.desktop.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import longshoulder.desktop.words.Texts;
import longshoulder.files.DesignFile;
import longshoulder.files.StoredPreferences;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import longshoulder.desktop.shell.Stages;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.stage.StageState;

/** The document and its comings and goings, without a window. */
class WorkbenchTest {

    @TempDir
    Path directory;

    private final Workbench bench = new Workbench(
            Planner.plan(Project.ofKind(Kinds.all().getFirst(), "Desk", Showing.TENTH_MILLIMETRES)), Optional.empty());
    private final FileAsker asker = mock(FileAsker.class);
    private final Documents documents = new Documents(bench, asker);

    private static Edit length(long millimetres) {
        return new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(millimetres)));
    }

    private Length shownLength() {
        return bench.project().brief().required("overall.length").value();
    }

    @Test
    void edit_changesThePlanAndCanBeUndone() {
        assertThat(bench.edit(length(1600))).isTrue();
        assertThat(shownLength()).isEqualTo(Length.ofMillimetres(1600));
        assertThat(bench.plan().project()).isEqualTo(bench.project());
        assertThat(bench.document().isChanged()).isTrue();
        bench.undo();
        assertThat(shownLength()).isEqualTo(Length.ofMillimetres(1500));
        assertThat(bench.document().isChanged()).isFalse();
        bench.redo();
        assertThat(shownLength()).isEqualTo(Length.ofMillimetres(1600));
    }

    @Test
    void edit_refused_becomesANotice() {
        assertThat(bench.edit(length(5))).isFalse();
        assertThat(bench.notices().shown().text()).contains("200 mm").endsWith(".");
        assertThat(bench.edit(length(1700))).isTrue();
        assertThat(bench.notices().shown()).isEqualTo(Notice.NONE);
    }

    @Test
    void read_nonsense_becomesANotice() {
        assertThat(bench.read("3 parsecs")).isEmpty();
        assertThat(bench.notices().shown().text()).contains("parsecs");
        assertThat(bench.read("12 + 3")).contains(Length.ofMillimetres(15));
    }

    @Test
    void light_closesTheOpenFigure() {
        bench.selection().openFigure(bench.plan().piece("apron-front").length());
        bench.selection().light("leg-back-left");
        assertThat(bench.selection().figureProperty().get()).isEmpty();
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("leg-back-left");
    }

    @Test
    void lightNext_goesRound() {
        String first = bench.selection().pieceProperty().get();
        for (int i = 0; i < bench.plan().pieces().size(); i++) {
            bench.selection().lightNext(1);
        }
        assertThat(bench.selection().pieceProperty().get()).isEqualTo(first);
        bench.selection().lightNext(-1);
        bench.selection().lightNext(1);
        assertThat(bench.selection().pieceProperty().get()).isEqualTo(first);
    }

    @Test
    void findings_openByThemselvesWhenTheyStopTheWork_andOneByOne() {
        bench.edit(new Edit.Give("tenon.length", new Value.Measured(Length.ofMillimetres(46))));
        assertThat(bench.selection().findingProperty().get()).isPresent();
        bench.closeAll();
        int count = bench.plan().findings().size();
        for (int i = 0; i < count; i++) {
            bench.selection().nextFinding();
            assertThat(bench.selection().findingProperty().get()).contains(bench.plan().findings().get(i));
        }
        bench.selection().nextFinding();
        assertThat(bench.selection().findingProperty().get()).isEmpty();
    }

    @Test
    void save_addsTheSuffixAndRemembersTheFile() {
        bench.edit(length(1620));
        assertThat(bench.save(directory.resolve("desk"))).isTrue();
        assertThat(bench.document().file()).contains(directory.resolve("desk.longshoulder.json"));
        assertThat(bench.document().isChanged()).isFalse();
        Workbench other = new Workbench(bench.plan(), Optional.empty());
        other.open(directory.resolve("desk.longshoulder.json"));
        assertThat(other.project()).isEqualTo(bench.project());
    }

    @Test
    void save_whereNothingCanBeWritten_losesNothingAndSaysSo() throws Exception {
        Path blocked = Files.writeString(directory.resolve("file"), "in the way");
        bench.edit(length(1620));
        assertThat(bench.save(blocked.resolve("desk"))).isFalse();
        assertThat(bench.notices().shown().text()).contains("cannot be written").contains("nothing is lost");
        assertThat(bench.document().isChanged()).isTrue();
    }

    @Test
    void open_missingFile_keepsTheDocument() {
        Project before = bench.project();
        bench.open(directory.resolve("none.longshoulder.json"));
        assertThat(bench.notices().shown().text()).contains("none.longshoulder.json");
        assertThat(bench.project()).isEqualTo(before);
    }

    @Test
    void documents_saveAsksOnlyOnce() {
        Path target = directory.resolve("asked.longshoulder.json");
        when(asker.toSave(any())).thenReturn(Optional.of(target));
        assertThat(documents.save()).isTrue();
        bench.edit(length(1630));
        assertThat(documents.save()).isTrue();
        verify(asker).toSave("desk.longshoulder.json");
        assertThat(target).exists();
    }

    @Test
    void documents_saveGivenUp_isNotSaved() {
        when(asker.toSave(any())).thenReturn(Optional.empty());
        bench.edit(length(1630));
        assertThat(documents.save()).isFalse();
        assertThat(bench.document().isChanged()).isTrue();
    }

    @Test
    void documents_openWithChanges_asksFirst() {
        bench.edit(length(1630));
        documents.open();
        verify(asker, never()).toOpen();
        List<Notice.Choice> choices = bench.notices().shown().choices();
        assertThat(choices).hasSize(3);
        when(asker.toOpen()).thenReturn(Optional.empty());
        choices.get(1).action().run();
        verify(asker).toOpen();
        assertThat(bench.notices().shown()).isEqualTo(Notice.NONE);
    }

    /** A slow edit is made at once and shown when it is derived; until then everything shown is of one design. */
    @Test
    void edit_derivedSlowly_isSaidAndShownWhenDone() {
        HeldBackground held = new HeldBackground();
        Workbench slow = new Workbench(bench.plan(), Optional.empty(), held.background());
        List<String> drawn = new ArrayList<>();
        slow.prepare(plan -> () -> drawn.add(plan.project().brief().values().get("overall.length") + " before "
                + slow.project().brief().values().get("overall.length")));
        assertThat(slow.edit(length(1630))).isTrue();
        assertThat(slow.document().newest().brief().required("overall.length").value())
                .isEqualTo(Length.ofMillimetres(1630));
        assertThat(slow.project()).isEqualTo(bench.project());
        assertThat(slow.document().isChanged()).isTrue();
        assertThat(slow.notices().shown().text()).isEqualTo(Texts.get("deriving.text"));
        held.doFirst();
        assertThat(slow.project()).isEqualTo(slow.document().newest());
        assertThat(slow.notices().shown()).isEqualTo(Notice.NONE);
        assertThat(drawn).containsExactly("1630 mm before 1500 mm");
    }

    /** The newest edit wins, and what it overtakes is neither derived nor shown. */
    @Test
    void edit_overtaken_isNotShown_andCanBeTakenBack() {
        HeldBackground held = new HeldBackground();
        Workbench slow = new Workbench(bench.plan(), Optional.empty(), held.background());
        List<Plan> shown = new ArrayList<>();
        slow.planProperty().addListener((observed, was, is) -> shown.add(is));
        slow.edit(length(1630));
        slow.edit(length(1640));
        held.doFirst();
        assertThat(shown).isEmpty();
        held.doFirst();
        assertThat(shown).extracting(plan -> plan.project().brief().required("overall.length").value())
                .containsExactly(Length.ofMillimetres(1640));
        slow.edit(length(1650));
        slow.notices().shown().choices().getFirst().action().run();
        held.doLast();
        assertThat(slow.project()).isEqualTo(slow.document().newest()).isEqualTo(shown.getLast().project());
        held.doFirst();
        assertThat(shown).hasSize(1);
    }

    /** What is saved while an edit is being derived holds it. */
    @Test
    void save_whileDeriving_holdsTheNewestEdit() throws Exception {
        HeldBackground held = new HeldBackground();
        Workbench slow = new Workbench(bench.plan(), Optional.empty(), held.background());
        slow.edit(length(1630));
        Path target = directory.resolve("newest.longshoulder.json");
        assertThat(slow.save(target)).isTrue();
        assertThat(DesignFile.read(target)).isEqualTo(slow.document().newest());
        assertThat(slow.document().isChanged()).isFalse();
    }

    @Test
    void tryOut_letGoOfWhileItIsWorkedOut_isNotShownAfterAll() {
        HeldBackground held = new HeldBackground();
        Workbench slow = new Workbench(bench.plan(), Optional.empty(), held.background());
        slow.trials().tryOut(length(1700));
        slow.trials().drop();
        held.doAll();
        assertThat(slow.trials().shown()).isEmpty();
        slow.trials().tryOut(length(1700));
        slow.trials().tryOut(length(1800));
        held.doAll();
        assertThat(slow.trials().shown()).map(Trial::edit).contains(length(1800));
    }

    /** A trial of a plan that is no longer shown when it is worked out is dropped. */
    @Test
    void tryOut_overtakenByAnEdit_isDropped() {
        HeldBackground held = new HeldBackground();
        Workbench slow = new Workbench(bench.plan(), Optional.empty(), held.background());
        slow.trials().tryOut(length(1700));
        slow.edit(length(1630));
        held.doLast();
        held.doFirst();
        assertThat(slow.trials().shown()).isEmpty();
        slow.trials().tryOut(length(1700));
        held.doFirst();
        assertThat(slow.trials().shown()).isPresent();
    }

    @Test
    void documents_openSlowly_saysSoAndOpens() throws IOException {
        Path file = Files.copy(Path.of("../demo/story-stool.longshoulder.json"),
                directory.resolve("a.longshoulder.json"));
        HeldWork held = new HeldWork();
        Documents slow = new Documents(bench, asker, StoredPreferences.nowhere(), held);
        slow.open(file);
        assertThat(bench.notices().shown().text()).contains("a.longshoulder.json");
        assertThat(bench.project().brief().kind()).isEqualTo("table");
        held.doFirst();
        assertThat(bench.project().brief().kind()).isEqualTo("stool");
        assertThat(bench.notices().shown()).isEqualTo(Notice.NONE);
    }

    @Test
    void documents_openSlowly_calledOffOrOvertaken_opensNothing() {
        HeldWork held = new HeldWork();
        Documents slow = new Documents(bench, asker, StoredPreferences.nowhere(), held);
        slow.open(Path.of("../demo/story-stool.longshoulder.json"));
        bench.notices().shown().choices().getFirst().action().run();
        held.doFirst();
        assertThat(bench.project().brief().kind()).isEqualTo("table");
        slow.open(Path.of("../demo/story-stool.longshoulder.json"));
        slow.open(Path.of("../demo/porch-bench.longshoulder.json"));
        held.doFirst();
        assertThat(bench.project().brief().kind()).isEqualTo("table");
        held.doFirst();
        assertThat(bench.project().brief().kind()).isEqualTo("bench");
    }

    /** What was changed while a file was read is not lost. */
    @Test
    void documents_openSlowly_workedOnMeanwhile_asksFirst() {
        HeldWork held = new HeldWork();
        Documents slow = new Documents(bench, asker, StoredPreferences.nowhere(), held);
        slow.open(Path.of("../demo/story-stool.longshoulder.json"));
        bench.edit(length(1630));
        held.doFirst();
        assertThat(bench.project().brief().kind()).isEqualTo("table");
        bench.notices().shown().choices().get(1).action().run();
        assertThat(bench.project().brief().kind()).isEqualTo("stool");
    }

    @Test
    void documents_newWithChangesSaved_savesThenBegins() {
        Path target = directory.resolve("kept.longshoulder.json");
        when(asker.toSave(any())).thenReturn(Optional.of(target));
        bench.edit(length(1640));
        documents.startNew();
        bench.notices().shown().choices().getFirst().action().run();
        assertThat(target).exists();
        assertThat(bench.project().title()).isEmpty();
        assertThat(shownLength()).isEqualTo(Length.ofMillimetres(1500));
    }

    /** What is tried out is looked at, not made; it goes with the next change. */
    @Test
    void trial_isLookedAtAndThenTakenOrDropped() {
        Project before = bench.project();
        bench.trials().tryOut(give("overall.length", 1700));
        assertThat(bench.project()).isEqualTo(before);
        Trial trial = bench.trials().shown().orElseThrow();
        assertThat(trial.plan().project()).isNotEqualTo(before);
        assertThat(trial.changes().figures()).isNotEmpty();
        bench.trials().drop();
        assertThat(bench.trials().shown()).isEmpty();
        bench.takeTrial();
        assertThat(bench.project()).isEqualTo(before);
        bench.trials().tryOut(give("overall.length", 1700));
        bench.takeTrial();
        assertThat(bench.project()).isEqualTo(trial.plan().project());
        assertThat(bench.trials().shown()).isEmpty();
        bench.undo();
        assertThat(bench.project()).isEqualTo(before);
    }

    @Test
    void trial_thatIsRefused_becomesANotice() {
        bench.trials().tryOut(give("overall.length", 5));
        assertThat(bench.trials().shown()).isEmpty();
        assertThat(bench.notices().shown().text()).contains("must lie between");
    }

    /** The joint that is worked on is one of the lit piece's; it follows the light. */
    @Test
    void joint_followsThePieceThatIsLit() {
        bench.selection().light("apron-left");
        assertThat(bench.selection().joint().orElseThrow().meeting().tenonPiece().id()).isEqualTo("apron-left");
        Joint other = bench.plan().joints().stream().filter(one -> one.id().startsWith("apron-back")).findFirst()
                .orElseThrow();
        bench.workOn(other);
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("apron-back");
        assertThat(bench.selection().joint().map(Joint::id)).contains(other.id());
        bench.selection().light("leg-front-left");
        assertThat(bench.selection().joint().orElseThrow().meeting().mortisePiece().id()).isEqualTo("leg-front-left");
        bench.selection().light("top");
        assertThat(bench.selection().joint()).isPresent();
    }

    private static Edit give(String parameter, long millimetres) {
        return new Edit.Give(parameter, new Value.Measured(Length.ofMillimetres(millimetres)));
    }

    /** Two windows on one file: the second to save is asked, and nothing is overwritten meanwhile. */
    @Test
    void save_whereAnotherWindowHasSaved_asksFirst() throws Exception {
        Path file = directory.resolve("desk.longshoulder.json");
        assertThat(bench.save(file)).isTrue();
        Workbench second = new Workbench(Planner.plan(bench.project()), Optional.empty());
        second.open(file);
        second.edit(length(1700));
        assertThat(second.save(file)).isTrue();
        bench.edit(length(1800));
        assertThat(documents.save()).isFalse();
        assertThat(bench.notices().shown().choices()).hasSize(3);
        assertThat(longshoulder.files.DesignFile.read(file)).isEqualTo(second.project());
        bench.notices().shown().choices().getFirst().action().run();
        assertThat(longshoulder.files.DesignFile.read(file)).isEqualTo(bench.project());
        assertThat(documents.save()).isTrue();
    }

    /** Opening what is there takes the other window's design, and the next save asks no more. */
    @Test
    void save_whereAnotherWindowHasSaved_canOpenThat() throws Exception {
        Path file = directory.resolve("desk.longshoulder.json");
        bench.save(file);
        Project other = length(1650).applyTo(bench.project());
        longshoulder.files.DesignFile.write(file, other);
        bench.edit(length(1800));
        documents.save();
        bench.notices().shown().choices().getLast().action().run();
        assertThat(bench.project()).isEqualTo(other);
        assertThat(bench.document().isChangedElsewhere()).isFalse();
    }

    /** What could be undone at closing can be undone after opening, also where something was edited while it was read. */
    @Test
    void recall_takesUpOldSteps_behindThoseMadeSince() {
        bench.edit(length(1600));
        bench.edit(length(1700));
        longshoulder.core.project.History kept = bench.document().historyProperty().get();
        Workbench again = new Workbench(Planner.plan(bench.project()), Optional.empty());
        again.document().recall(kept);
        again.undo();
        again.undo();
        assertThat(again.project().brief().required("overall.length").value()).isEqualTo(Length.ofMillimetres(1500));
        Workbench edited = new Workbench(Planner.plan(bench.project()), Optional.empty());
        edited.edit(length(1750));
        edited.document().recall(kept);
        edited.undo();
        edited.undo();
        edited.undo();
        assertThat(edited.canUndo()).isFalse();
        assertThat(edited.document().newest().brief().required("overall.length").value())
                .isEqualTo(Length.ofMillimetres(1500));
        Workbench other = new Workbench(Planner.plan(bench.project()), Optional.empty());
        other.document().begin(new Edit.Retitle("another design").applyTo(bench.project()), Optional.empty());
        other.document().recall(kept);
        assertThat(other.canUndo()).isFalse();
    }

    /** Each stage tells its state from the plan: sizes, counts, what is open, what does not agree. */
    @Test
    void stageStates_followThePlan() {
        assertThat(state(Stages.BRIEF).text()).isEqualTo("1500 \u00d7 800 \u00d7 750");
        assertThat(state(Stages.FRAME).text()).isEqualTo("9 pieces");
        assertThat(state(Stages.JOINTS).text()).isEqualTo("8 joints");
        assertThat(state(Stages.LENGTHS).text()).isEqualTo("2 spans agree");
        bench.edit(new Edit.RecordMilled("apron-front", longshoulder.core.project.Milled.SHOULDER,
                Length.ofMillimetres(1255)));
        assertThat(state(Stages.LENGTHS).text()).contains("not agree");
        assertThat(state(Stages.LENGTHS).worst())
                .isNotEqualTo(Level.NOTE);
        bench.edit(new Edit.Give("tenon.meeting", new Value.Chosen("full")));
        bench.edit(new Edit.Give("tenon.length", new Value.Measured(Length.ofMillimetres(45))));
        assertThat(state(Stages.JOINTS).worst())
                .isEqualTo(Level.STOP);
    }

    private StageState state(WorkStage stage) {
        return stage.state(bench.plan());
    }

    /** The newest file that was saved or opened stands first among those to be opened again. */
    @Test
    void recent_listsWhatWasSavedAndOpened() throws Exception {
        Documents remembering = new Documents(bench, asker, StoredPreferences.in(directory),
                LongWork.AT_ONCE);
        Path one = directory.resolve("one.longshoulder.json");
        Path two = directory.resolve("two.longshoulder.json");
        bench.save(one);
        bench.save(two);
        remembering.open(one);
        assertThat(remembering.recent()).containsExactly(one.toAbsolutePath(), two.toAbsolutePath());
    }
}
