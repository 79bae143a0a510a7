package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.finding.Finding;
import longshoulder.core.plan.Planner;
import longshoulder.files.DesignFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StartUpTest {

    @TempDir
    Path directory;

    private static StartUp.Beginning load(Optional<Path> file, boolean demo) {
        return new StartUp(file, demo, false, Optional.empty()).load();
    }

    @Test
    void nothingAskedFor_isANewTable() {
        StartUp.Beginning beginning = load(Optional.empty(), false);
        assertThat(beginning.plan().findings()).allMatch(finding -> finding.level() == Finding.Level.NOTE);
        assertThat(beginning.plan().project().title()).isEmpty();
        assertThat(beginning.trouble()).isEmpty();
    }

    @Test
    void demo_isShippedAndSound() {
        StartUp.Beginning beginning = load(Optional.empty(), true);
        assertThat(beginning.plan().project().title()).isNotEmpty();
        assertThat(beginning.plan().isStopped()).isFalse();
        assertThat(beginning.file()).as("the demo is never written over").isEmpty();
    }

    @Test
    void damagedFile_isANewTableAndASentence() throws Exception {
        Path file = Files.writeString(directory.resolve("x.longshoulder.json"), "[1, 2");
        StartUp.Beginning beginning = load(Optional.of(file), false);
        assertThat(beginning.trouble()).contains("x.longshoulder.json");
        assertThat(beginning.file()).isEmpty();
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
