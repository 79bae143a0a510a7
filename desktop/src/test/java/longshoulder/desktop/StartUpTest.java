package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Level;
import longshoulder.files.DesignFile;
import longshoulder.files.UnsavedWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import longshoulder.desktop.document.Examples;

class StartUpTest {

    @TempDir
    Path directory;

    private static StartUp.Beginning load(Optional<Path> file, boolean demo) {
        return new StartUp(file, demo, false, Optional.empty(), Path.of("nothing-is-kept-here")).load();
    }

    @Test
    void nothingAskedFor_isANewTable() {
        StartUp.Beginning beginning = load(Optional.empty(), false);
        assertThat(beginning.plan().findings()).allMatch(finding -> finding.level() == Level.NOTE);
        assertThat(beginning.plan().project().title()).isEmpty();
        assertThat(beginning.trouble()).isEmpty();
        assertThat(beginning.isNew()).isTrue();
    }

    @Test
    void demo_isShippedAndSound() {
        StartUp.Beginning beginning = load(Optional.empty(), true);
        assertThat(beginning.plan().project().title()).isNotEmpty();
        assertThat(beginning.plan().isStopped()).isFalse();
        assertThat(beginning.isNew()).isFalse();
        assertThat(beginning.file()).as("the demo is never written over").isEmpty();
    }

    @Test
    void damagedFile_isANewTableAndASentence() throws Exception {
        Path file = Files.writeString(directory.resolve("x.longshoulder.json"), "[1, 2");
        StartUp.Beginning beginning = load(Optional.of(file), false);
        assertThat(beginning.trouble().orElseThrow().getMessage()).contains("x.longshoulder.json");
        assertThat(beginning.file()).isEmpty();
    }

    /** A file that was saved after the crash is the present; what was left is older, whether the file is asked for or not. */
    @Test
    void leftBehind_olderThanItsFile_isNotThePresent() throws Exception {
        Path kept = directory.resolve("kept");
        Path file = directory.resolve("mine" + DesignFile.SUFFIX).toAbsolutePath();
        Project older = new Edit.Retitle("older").applyTo(StartUp.usual());
        Project saved = new Edit.Retitle("saved").applyTo(StartUp.usual());
        new UnsavedWork(kept, 1L << 22, Instant.EPOCH).keep(History.of(older), Optional.of(file), "");
        DesignFile.write(file, saved);
        Files.setLastModifiedTime(file, FileTime.from(Instant.now().plusSeconds(60)));
        StartUp.Beginning asked = new StartUp(Optional.of(file), false, false, Optional.empty(), kept).load();
        assertThat(asked.plan().project()).isEqualTo(saved);
        assertThat(asked.left()).isPresent();
        StartUp.Beginning bare = new StartUp(Optional.empty(), false, false, Optional.empty(), kept).load();
        assertThat(bare.isNew()).isTrue();
        assertThat(bare.left().orElseThrow().project()).isEqualTo(older);
    }

    /** After a crash the work is there again, as unsaved work of its file; another file that is asked for is not held up by it. */
    @Test
    void leftBehind_isTakenUp() throws Exception {
        Path kept = directory.resolve("kept");
        Path file = directory.resolve("mine" + DesignFile.SUFFIX).toAbsolutePath();
        Project project = new Edit.Retitle("left behind")
                .applyTo(Planner.plan(Examples.read("reading-table")).project());
        new UnsavedWork(kept, 1L << 22, Instant.EPOCH).keep(History.of(project), Optional.of(file), "");
        StartUp.Beginning again = new StartUp(Optional.empty(), false, false, Optional.empty(), kept).load();
        assertThat(again.plan().project()).isEqualTo(project);
        assertThat(again.file()).contains(file);
        assertThat(again.left()).isPresent();
        StartUp.Beginning demo = new StartUp(Optional.empty(), true, false, Optional.empty(), kept).load();
        assertThat(demo.left()).isEmpty();
        Path other = directory.resolve("other" + DesignFile.SUFFIX);
        DesignFile.write(other, new Edit.Retitle("other").applyTo(project));
        StartUp.Beginning asked = new StartUp(Optional.of(other), false, false, Optional.empty(), kept).load();
        assertThat(asked.plan().project().title()).isEqualTo("other");
        assertThat(new StartUp(Optional.empty(), false, true, Optional.empty(), kept).load().left())
                .as("a measured start is no work").isEmpty();
    }

    /** Every demo in the folder can be read and made. */
    @Test
    void demos_areAllSound() throws Exception {
        try (Stream<Path> demos = Files.list(Path.of("../demo"))) {
            assertThat(demos.filter(path -> path.toString().endsWith(DesignFile.SUFFIX))).isNotEmpty()
                    .allSatisfy(path -> assertThat(Planner.plan(DesignFile.read(path)).isStopped()).isFalse());
        }
    }
}
