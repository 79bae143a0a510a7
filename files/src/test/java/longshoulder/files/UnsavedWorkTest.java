package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.project.Edit;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a crash leaves behind. */
class UnsavedWorkTest {

    /** No process has a number so high. */
    private static final long GONE = 1L << 22;

    @TempDir
    Path directory;

    private final Project project = DesignFileTest.changed();

    private UnsavedWork gone(int number) {
        return new UnsavedWork(directory, GONE + number, Instant.EPOCH);
    }

    @Test
    void left_whatAGoneProgramKept_withItsFile() throws Exception {
        Path file = directory.resolve("map.longshoulder.json").toAbsolutePath();
        gone(1).keep(History.of(project), Optional.of(file), "");
        UnsavedWork.Left left = UnsavedWork.left(directory).orElseThrow();
        assertThat(left.project()).isEqualTo(project);
        assertThat(left.file()).contains(file);
        left.forget();
        assertThat(UnsavedWork.left(directory)).isEmpty();
        try (Stream<Path> rest = Files.list(directory)) {
            assertThat(rest).isEmpty();
        }
    }

    /** A window that is still open is nobody's inheritance. */
    @Test
    void left_ofARunningProgram_isNotTouched() throws Exception {
        UnsavedWork own = UnsavedWork.ofThisProgram(directory);
        own.keep(History.of(project), Optional.empty(), "");
        assertThat(UnsavedWork.left(directory)).isEmpty();
        own.forget();
        assertThat(directory).isEmptyDirectory();
    }

    /** Another program may have got the number of the one that crashed. */
    @Test
    void left_whereTheNumberWasGivenAgain_isFound() throws Exception {
        new UnsavedWork(directory, ProcessHandle.current().pid(), Instant.EPOCH.plusSeconds(5)).keep(
                History.of(project),
                Optional.empty(), "");
        assertThat(UnsavedWork.left(directory)).isPresent();
    }

    @Test
    void left_theNewest_andWhatCannotBeReadIsLeftAlone() throws Exception {
        gone(1).keep(History.of(project), Optional.empty(), "");
        Project later = new Edit.Retitle("later").applyTo(project);
        gone(2).keep(History.of(later), Optional.empty(), "");
        Files.writeString(directory.resolve((GONE + 3) + "-0.longshoulder.json"), "{ half a");
        for (int i = 1; i <= 3; i++) {
            assertThat(directory.resolve((GONE + i) + "-0.longshoulder.json").toFile().setLastModified(i * 10_000L))
                    .isTrue();
        }
        assertThat(UnsavedWork.left(directory)).get().extracting(UnsavedWork.Left::project).isEqualTo(later);
        assertThat(directory.resolve((GONE + 3) + "-0.longshoulder.json")).exists();
    }

    @Test
    void left_nothingWhereNothingWasKept() {
        assertThat(UnsavedWork.left(directory.resolve("nowhere"))).isEmpty();
        assertThat(StateFolder.usual().toString()).endsWith("long-shoulder");
    }

    /** Killed between any two of its writes, it has the design before or after, with all that could be undone. */
    @Test
    void left_afterAKillBetweenTwoWrites_canBeUndone() throws Exception {
        History before = History.of(project).after(new Edit.Retitle("one"));
        History after = before.after(new Edit.Retitle("two"));
        gone(1).keep(before, Optional.empty(), "");
        Path steps = directory.resolve((GONE + 1) + "-0" + DesignFile.SUFFIX + ".steps");
        assertThat(steps).exists();
        new HistoryFile(steps).write(after);
        History found = UnsavedWork.left(directory).orElseThrow().history();
        assertThat(found.present().title()).isEqualTo("one");
        assertThat(found.undone().present()).isEqualTo(project);
        assertThat(found.redone().present().title()).isEqualTo("two");
    }

    /** A file that was saved after the crash is the present; what was left is an older version of it. */
    @Test
    void left_olderThanItsFile_saysSo() throws Exception {
        Path file = directory.resolve("map.longshoulder.json");
        gone(1).keep(History.of(project), Optional.of(file), "");
        assertThat(UnsavedWork.left(directory).orElseThrow().isOlderThanFile()).isFalse();
        DesignFile.write(file, new Edit.Retitle("newer").applyTo(project));
        Files.setLastModifiedTime(file, FileTime.from(Instant.now().plusSeconds(60)));
        assertThat(UnsavedWork.left(directory).orElseThrow().isOlderThanFile()).isTrue();
    }

    /** Ended between saving and forgetting: there is nothing to take up. */
    @Test
    void left_whatItsFileHasAlready_isDeleted() throws Exception {
        Path file = directory.resolve("map.longshoulder.json");
        gone(1).keep(History.of(project), Optional.of(file), "");
        DesignFile.write(file, project);
        assertThat(UnsavedWork.left(directory)).isEmpty();
        assertThat(directory).isDirectoryNotContaining("glob:**-0*");
    }

    /** Ended so before the history of its file was read and written: what was done then and before can still be undone. */
    @Test
    void left_whatItsFileHasAlready_givesTheFileItsHistory() throws Exception {
        Path file = directory.resolve("map.longshoulder.json");
        History before = History.of(project).after(new Edit.Retitle("one"));
        HistoryFile.of(directory, file).write(before);
        History since = History.of(before.present()).after(new Edit.Retitle("two"));
        gone(1).keep(since, Optional.of(file), "");
        DesignFile.write(file, since.present());
        assertThat(UnsavedWork.left(directory)).isEmpty();
        assertThat(HistoryFile.of(directory, file).read(since.present())).contains(since.behind(before));
    }
}
