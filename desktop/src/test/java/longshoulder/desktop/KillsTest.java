package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.project.Edit;
import longshoulder.files.DesignFile;
import longshoulder.files.HistoryFile;
import longshoulder.files.UnsavedWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The program killed at random moments and started again: what it shows then is never older than the file, little of the last work is
 * missing, and what was done before can be undone.
 */
class KillsTest {

    /** {@code benchmark/campaign} kills far more often. */
    private static final int KILLS = Integer.getInteger("campaign.kills", 3);
    private static final int SEED = Integer.getInteger("campaign.seed", 0);
    /** In ms. On a machine that is busy with other tests a writing may wait; the campaign asks for half a second. */
    private static final int MISSING = Integer.getInteger("campaign.missing", 5000);

    @TempDir
    Path directory;

    /** Of what a program said: "edited 17 1764600000000". */
    private record Said(String what, int number, long at) {

        private static final Pattern LINE = Pattern.compile("(shown|edited|saved) (\\d+) (\\d+)");

        /** Nothing where the line is another, or was broken off. */
        static Optional<Said> of(String line) {
            Matcher matcher = LINE.matcher(line);
            return matcher.matches()
                    ? Optional.of(new Said(matcher.group(1), Integer.parseInt(matcher.group(2)),
                            Long.parseLong(matcher.group(3))))
                    : Optional.empty();
        }
    }

    @Test
    void killed_nothingIsOlderThanTheFile_andLittleIsMissing() throws Exception {
        Path file = directory.resolve("map" + DesignFile.SUFFIX);
        Path state = directory.resolve("state");
        DesignFile.write(file, new Edit.Retitle("0").applyTo(StartUp.usual()));
        Random random = new Random(SEED);
        int number = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            String name = "kill %d of seed %d".formatted(kill, SEED);
            Process program = start(file, state, random.nextInt(), number);
            List<Said> said = killed(program, 500 + random.nextInt(2500));
            long at = System.currentTimeMillis();
            StartUp.Beginning next = new StartUp(Optional.of(file), false, false, Optional.empty(), state).load();
            int shown = Integer.parseInt(next.plan().project().title());
            assertThat(shown).as(name).isGreaterThanOrEqualTo(last(said, "saved", Long.MAX_VALUE))
                    .isGreaterThanOrEqualTo(Integer.parseInt(DesignFile.read(file).title()))
                    .isGreaterThanOrEqualTo(last(said, "edited", at - MISSING));
            assertThat(states(next, file, state)).as("%s: states that can be gone back to", name)
                    .isGreaterThanOrEqualTo(shown - said.getFirst().number());
            number = Math.max(shown, last(said, "edited", Long.MAX_VALUE));
        }
    }

    /** How many states of the design come before the one that is shown. */
    private static int states(StartUp.Beginning next, Path file, Path state) {
        return next.left().filter(left -> !left.isOlderThanFile()).map(UnsavedWork.Left::history)
                .or(() -> HistoryFile.of(state, file).read(next.plan().project()))
                .map(history -> history.design().past().size()).orElse(0);
    }

    private static int last(List<Said> said, String what, long until) {
        return said.stream().filter(one -> one.what.equals(what) && one.at <= until).mapToInt(Said::number).max()
                .orElse(0);
    }

    /** What a program said until it was killed. */
    private static List<Said> killed(Process program, long afterMillis) throws Exception {
        List<Said> said = new ArrayList<>();
        try (BufferedReader in = program.inputReader()) {
            StringBuilder before = new StringBuilder();
            for (String line = in.readLine(); said.isEmpty(); line = in.readLine()) {
                assertThat(line).as("after: %s", before).isNotNull();
                before.append(line).append('\n');
                Said.of(line).ifPresent(said::add);
            }
            Thread.sleep(afterMillis);
            // Not the process itself: that would close what it said too.
            program.toHandle().destroyForcibly();
            program.waitFor();
            in.lines().flatMap(line -> Said.of(line).stream()).forEach(said::add);
        }
        return said;
    }

    private static Process start(Path file, Path state, int seed, int number) throws Exception {
        String classes = Stream.of("java.class.path", "jdk.module.path").map(System::getProperty)
                .filter(path -> path != null && !path.isEmpty())
                .collect(Collectors.joining(File.pathSeparator));
        return new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp",
                Path.of("target/test-classes") + File.pathSeparator + classes, "-Dglass.platform=Headless",
                "-Dprism.order=sw", KilledProgram.class.getName(), file.toString(), state.toString(),
                String.valueOf(seed), String.valueOf(number)).redirectErrorStream(true).start();
    }
}
