package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import longshoulder.core.frame.Alteration;
import longshoulder.core.measure.Angle;
import longshoulder.core.boards.Pin;
import longshoulder.core.project.Noted;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Progress;
import longshoulder.core.project.Workshop;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Tools;
import longshoulder.core.wood.Woods;
import java.nio.file.StandardOpenOption;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What can be undone survives closing; what is no history, or another design's, is passed over. */
class HistoryFileTest {

    @TempDir
    private Path directory;

    private static History edited(int times) {
        History history = History.of(Project.ofKind(Kinds.all().getFirst(), "Zeitungstisch, \"alt\"\nneu",
                Showing.TENTH_MILLIMETRES));
        for (int i = 1; i <= times; i++) {
            history = history.after(new Edit.Give("overall.length",
                    new Value.Measured(Length.ofMillimetres(1500).plus(Length.ofMicrometres(i)))));
        }
        return history;
    }

    private HistoryFile file() {
        return new HistoryFile(directory.resolve("some.history"));
    }

    private static Edit length(int millimetres) {
        return new Edit.Give("overall.length", new Value.Measured(Length.ofMillimetres(millimetres)));
    }

    @Test
    void read_givesBackWhatWasWritten_undoneStepsToo() throws Exception {
        History history = edited(40).undone().undone().undone();
        file().write(history);
        assertThat(file().read(history.present())).contains(history);
        assertThat(file().read(history.present()).orElseThrow().redone().present())
                .isEqualTo(history.redone().present());
    }

    /** Steps of every kind, written one by one and several at a time: what is read is what was made, and old lines stay as they are. */
    @Test
    void write_appends_whateverWasDone() throws Exception {
        HistoryFile log = file();
        History history = edited(1);
        List<UnaryOperator<History>> steps = List.of(one -> one.after(length(1600)),
                one -> one.after(new Edit.Retitle("Tisch \u00fc\n\"")), History::undone, History::redone,
                one -> one.after(new Edit.UseWood("leg", "elm")), History::undone, History::undone,
                one -> one.after(new Edit.ShowIn(Showing.SIXTY_FOURTHS)),
                one -> one.after(new Edit.RecordMilled("apron-front", Milled.SHOULDER, Length.ofMillimetres(1257))),
                one -> one.after(length(1500)).after(length(1550)).undone().after(length(1540)),
                one -> one.after(new Edit.LeaveToRule("tenon.length")), History::progressUndone,
                History::progressRedone,
                one -> one.after(new Edit.Alter(new Alteration.Remove("apron-front"))),
                one -> one.after(new Edit.Alter(new Alteration.Rename("apron-back", "Z9"))), History::undone,
                one -> one.after(new Edit.OwnChisel(Length.ofMillimetres(9))),
                one -> one.after(new Edit.BuildAs("door")), one -> one.after(new Edit.BuildAs("table")).undone(),
                one -> one.after(new Edit.UseWorkshop(
                        new Workshop(Tools.IMPERIAL, Woods.SHIPPED.with(List.of(Species.of(Map.of("id", "bog-oak")))),
                                Map.of("limit.short-grain", new Value.Turned(new Angle(9))), StockListTables.two()))),
                one -> one.after(new Edit.DropStock("a")),
                one -> one.after(new Edit.Note("apron-front", Noted.ROUGH, Noted.DONE)),
                one -> one.after(new Edit.Note("apron-front", Noted.NUMBER, "12")).progressUndone(),
                one -> one.after(new Edit.PinDown(List.of(new Pin("apron-front", "oak 27x150 2400", 2,
                        Length.ofMillimetres(25), Length.ofMicrometres(6_200))))),
                one -> one.after(new Edit.Give("copies", new Value.Chosen("3"))),
                one -> one.after(new Edit.Give("copy-3:size.width", new Value.Measured(
                        Length.ofMillimetres(500)))),
                one -> one.after(new Edit.Give("stile-left:glue.layers", new Value.Chosen("2"))),
                one -> one.after(new Edit.Note("apron-front", Noted.ROUGH, "")),
                one -> one.undone().undone().undone().redone());
        log.write(history);
        for (int i = 0; i < steps.size(); i++) {
            byte[] before = Files.readAllBytes(log.path());
            history = steps.get(i).apply(history);
            log.write(history);
            assertThat(Arrays.copyOf(Files.readAllBytes(log.path()), before.length)).isEqualTo(before);
            assertThat(file().read(history.present())).as("after step " + i).contains(history);
        }
        assertThat(history.progress().present()).isNotEqualTo(Progress.NONE);
    }

    /** A crash while a step is appended: the steps before it are there. */
    @Test
    void read_brokenOffAnywhere_hasTheStepsBefore() throws Exception {
        HistoryFile log = file();
        History history = edited(3);
        log.write(history.undone());
        byte[] before = Files.readAllBytes(log.path());
        log.write(history);
        byte[] after = Files.readAllBytes(log.path());
        for (int end = before.length; end < after.length - 1; end++) {
            Files.write(log.path(), Arrays.copyOf(after, end));
            assertThat(file().read(history.undone().present())).as("cut at " + end).isPresent();
        }
        // Another program wrote meanwhile: all is written anew.
        log.write(history.after(length(1700)));
        assertThat(file().read(history.after(length(1700)).present())).contains(history.after(length(1700)));
    }

    /** The design was changed elsewhere since: its old steps no longer lead to it. */
    @Test
    void read_ofAnotherDesign_isEmpty() throws Exception {
        History history = edited(3);
        file().write(history);
        assertThat(file().read(new Edit.Retitle("other").applyTo(history.present()))).isEmpty();
        assertThat(new HistoryFile(directory.resolve("none.history")).read(history.present())).isEmpty();
    }

    /** The program was killed before the last edit was saved: the history of what was saved is part of the longer one. */
    @Test
    void read_ofAnEarlierState_hasWhatCameAfterToRedo() throws Exception {
        History history = edited(3);
        file().write(history);
        assertThat(file().read(history.undone().present())).contains(history.undone());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "no heading", "{\"format\":\"longshoulder-history\",\"version\":2}\n{}",
            "{\"format\":\"longshoulder-history\",\"version\":3}\n",
            "{\"format\":\"longshoulder-history\",\"version\":2}\n"})
    void read_ofSomethingElse_isEmpty(String text) throws Exception {
        Files.writeString(file().path(), text);
        assertThat(file().read(edited(1).present())).isEmpty();
    }

    /** Lines that no history has end what is read; what came before them stays. */
    @ParameterizedTest
    @ValueSource(strings = {"{\"at\":99}", "{\"at\":-1}", "{}", "[]",
            "{\"do\":{\"values\":{\"overall.length\":\"x\"}}}",
            "{\"do\":{\"values\":{\"nothing\":\"1 mm\"}}}", "{\"do\":{\"kind\":\"boat\"}}",
            "{\"do\":{\"keep\":7,\"alterations\":[]}}", "{\"do\":{\"chisels\":[\"-1 mm\"]}}",
            "{\"record\":{\"table\":{\"apron-front:colour\":\"1 mm\"}}}", "{\"recordAt\":3}"})
    void read_aLineThatIsNone_endsThere(String line) throws Exception {
        HistoryFile log = file();
        History history = edited(2);
        log.write(history);
        Files.writeString(log.path(), line + "\n", StandardOpenOption.APPEND);
        assertThat(file().read(history.present())).contains(history);
    }

    /** A small file of many steps of a large design does not fill the memory: the oldest steps are let go of. */
    @Test
    void read_manyStepsOfALargeDesign_keepsTheNewest() throws Exception {
        History history = edited(1);
        for (int i = 0; i < 900; i++) {
            history = new History(history.design().after(
                    history.design().present().keeping("a-" + i + "/b:tenon.length",
                            new Value.Measured(Length.ofMillimetres(20)))),
                    history.progress());
        }
        History large = History.of(history.present());
        for (int i = 0; i < 4000; i++) {
            large = new History(large.design().after(new Edit.Retitle("t" + i).applyTo(large.design().present())),
                    large.progress());
        }
        file().write(large);
        History read = file().read(large.present()).orElseThrow();
        assertThat(read.design().past()).hasSizeBetween(500, 3000);
        assertThat(read.undone()).extracting(one -> one.present().title()).isEqualTo("t3998");
    }

    /** Each design file has a place of its own, wherever it is looked at from. */
    @Test
    void of_hangsOnThePlaceOfTheDesign() {
        Path one = Path.of("a/table.longshoulder.json");
        assertThat(HistoryFile.of(directory, one).path())
                .isEqualTo(HistoryFile.of(directory, one.toAbsolutePath()).path())
                .isEqualTo(HistoryFile.of(directory, Path.of("a/b/../table.longshoulder.json")).path())
                .isNotEqualTo(HistoryFile.of(directory, Path.of("b/table.longshoulder.json")).path())
                .hasParentRaw(directory);
    }

    @Test
    void remembered_keepsValuesAndTheNewestFilesFirst() throws Exception {
        StoredPreferences remembered = StoredPreferences.in(directory);
        for (int i = 0; i < 12; i++) {
            Path design = Files.createFile(directory.resolve("design-" + i + ".longshoulder.json"));
            remembered.opened(design);
        }
        remembered.opened(directory.resolve("design-7.longshoulder.json"));
        remembered.put("theme", "DARK");
        StoredPreferences again = StoredPreferences.in(directory);
        assertThat(again.get("theme")).contains("DARK");
        assertThat(again.recent()).extracting(path -> String.valueOf(path.getFileName()))
                .startsWith("design-7.longshoulder.json", "design-11.longshoulder.json").hasSize(8);
        Files.delete(directory.resolve("design-7.longshoulder.json"));
        assertThat(StoredPreferences.in(directory).recent()).hasSize(7);
        assertThat(StoredPreferences.nowhere().recent()).isEqualTo(List.of());
    }

    /** What cannot be read costs nothing but what was remembered. */
    @Test
    void remembered_brokenFile_isPassedOver() throws Exception {
        Files.writeString(directory.resolve("remembered.properties"), "theme=\\u12");
        assertThat(StoredPreferences.in(directory).get("theme")).isEmpty();
    }
}
