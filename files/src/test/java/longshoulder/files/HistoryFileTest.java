package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.GZIPOutputStream;
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

    @Test
    void read_givesBackWhatWasWritten_undoneStepsToo() throws Exception {
        History history = edited(40).undone().undone().undone();
        Path file = directory.resolve("some.history.gz");
        HistoryFile.write(file, history);
        assertThat(HistoryFile.read(file, history.present())).contains(history);
        assertThat(HistoryFile.read(file, history.present()).orElseThrow().redone().present())
                .isEqualTo(history.redone().present());
    }

    /** The design was changed elsewhere since: its old steps no longer lead to it. */
    @Test
    void read_ofAnotherDesign_isEmpty() throws Exception {
        History history = edited(3);
        Path file = directory.resolve("some.history.gz");
        HistoryFile.write(file, history);
        assertThat(HistoryFile.read(file, new Edit.Retitle("other").applyTo(history.present()))).isEmpty();
        assertThat(HistoryFile.read(directory.resolve("none.history.gz"), history.present())).isEmpty();
    }

    /** The program was killed before the last edit was saved: the history of what was saved is part of the longer one. */
    @Test
    void read_ofAnEarlierState_hasWhatCameAfterToRedo() throws Exception {
        History history = edited(3);
        Path file = directory.resolve("some.history.gz");
        HistoryFile.write(file, history);
        assertThat(HistoryFile.read(file, history.undone().present())).contains(history.undone());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "no heading", "{\"format\":\"longshoulder-history\",\"version\":1,\"present\":5}\n{}",
            "{\"format\":\"longshoulder-history\",\"version\":2,\"present\":0}\n",
            "{\"format\":\"longshoulder-history\",\"version\":1,\"present\":0}\n"})
    void read_ofSomethingElse_isEmpty(String text) throws Exception {
        Path file = directory.resolve("broken.history.gz");
        Files.write(file, zipped(text));
        assertThat(HistoryFile.read(file, edited(1).present())).isEmpty();
        Files.write(file, text.getBytes(StandardCharsets.UTF_8));
        assertThat(HistoryFile.read(file, edited(1).present())).isEmpty();
    }

    private static byte[] zipped(String text) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
            out.write(text.getBytes(StandardCharsets.UTF_8));
        }
        return bytes.toByteArray();
    }

    /** Each design file has a place of its own, wherever it is looked at from. */
    @Test
    void of_hangsOnThePlaceOfTheDesign() {
        Path one = Path.of("a/table.longshoulder.json");
        assertThat(HistoryFile.of(directory, one)).isEqualTo(HistoryFile.of(directory, one.toAbsolutePath()))
                .isEqualTo(HistoryFile.of(directory, Path.of("a/b/../table.longshoulder.json")))
                .isNotEqualTo(HistoryFile.of(directory, Path.of("b/table.longshoulder.json")))
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
