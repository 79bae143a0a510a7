package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import longshoulder.core.project.Edit;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files damaged at random: each is refused in one sentence, or read as something that can be written again. */
class DamagedFilesTest {

    /** {@code benchmark/campaign} damages far more. */
    private static final int FILES = Integer.getInteger("campaign.files", 2000);
    private static final int SEED = Integer.getInteger("campaign.seed", 0);
    /** What a hand or a program may leave in the place of something else. */
    private static final List<String> STRANGE = List.of("null", "{}", "[]", "-1", "1e999", "\"\"", "\"-0 mm\"",
            "\"9e9 mm\"",
            "true", "\"\\u0000\"", "0.1", "99999999999999999999", "\"..\"", "\"a/b:c\"", ",", "}", "\"NaN mm\"");

    @TempDir
    Path directory;

    private final Random random = new Random(SEED);
    private List<byte[]> designs = List.of();

    @BeforeEach
    void read() throws Exception {
        try (Stream<Path> demos = Files.list(Path.of("../demo"))) {
            designs = demos.sorted().map(DamagedFilesTest::contents).toList();
        }
    }

    private static byte[] contents(Path file) {
        try {
            byte[] old = Files.readAllBytes(file);
            // As old versions wrote it, and as it is written now.
            return file.toString().hashCode() % 2 == 0 ? old : DesignFile.toBytes(DesignFile.read(file));
        } catch (Exception bad) {
            throw new IllegalStateException(bad);
        }
    }

    @Test
    void design_damaged_isRefusedInASentence_orRead() throws Exception {
        for (int i = 0; i < FILES; i++) {
            byte[] damaged = damaged(designs.get(random.nextInt(designs.size())));
            try {
                Project project = DesignFile.parse("x.json", damaged);
                assertThat(DesignFile.parse("x.json", DesignFile.toBytes(project))).isEqualTo(project);
            } catch (BadFile bad) {
                assertSentence(bad, i);
            }
        }
    }

    @Test
    void workshop_damaged_isRefusedInASentence_orRead() throws Exception {
        Path file = directory.resolve("workshop.json");
        WorkshopFile.write(file, DesignFile.parse("x.json", designs.getFirst()).workshop());
        byte[] whole = Files.readAllBytes(file);
        for (int i = 0; i < FILES / 10; i++) {
            try {
                WorkshopFile.parse("x.json", damaged(whole));
            } catch (BadFile bad) {
                assertSentence(bad, i);
            }
        }
    }

    /** A history is passed over where it cannot be read. */
    @Test
    void history_damaged_isReadAsFarAsItGoes() throws Exception {
        Project project = DesignFile.parse("x.json", designs.getFirst());
        History history = History.of(project);
        for (int i = 0; i < 20; i++) {
            history = history.after(new Edit.Retitle("title " + i));
        }
        Project present = history.present();
        HistoryFile whole = new HistoryFile(directory.resolve("whole"));
        whole.write(history);
        byte[] contents = Files.readAllBytes(whole.path());
        HistoryFile damaged = new HistoryFile(directory.resolve("damaged"));
        for (int i = 0; i < FILES / 10; i++) {
            Files.write(damaged.path(), damaged(contents));
            assertThatCode(() -> damaged.read(present)).as("history %d of seed %d", i, SEED).doesNotThrowAnyException();
        }
    }

    private static void assertSentence(BadFile bad, int number) {
        assertThat(bad.getMessage()).as("file %d of seed %d", number, SEED).contains("x.json").endsWith(".")
                .doesNotContainPattern("\\p{Cntrl}").doesNotContain(".. ")
                .doesNotContainPattern("[a-z]\\.[A-Z]\\w+Exception");
        assertThat(bad.getMessage().length()).isLessThan(600);
    }

    private byte[] damaged(byte[] whole) {
        byte[] damaged = whole;
        for (int hits = 1 + random.nextInt(3); hits > 0; hits--) {
            damaged = hit(damaged);
        }
        return damaged;
    }

    private byte[] hit(byte[] whole) {
        int from = random.nextInt(whole.length + 1);
        int to = Math.min(whole.length, from + random.nextInt(random.nextBoolean() ? 8 : 300));
        return switch (random.nextInt(6)) {
            case 0 -> Arrays.copyOf(whole, from);
            case 1 -> joined(Arrays.copyOf(whole, from), Arrays.copyOfRange(whole, to, whole.length));
            case 2 -> joined(Arrays.copyOf(whole, to), Arrays.copyOfRange(whole, from, whole.length));
            case 3 -> noisy(whole, from);
            default -> otherValue(whole);
        };
    }

    private byte[] noisy(byte[] whole, int at) {
        byte[] noisy = whole.clone();
        if (at < noisy.length) {
            noisy[at] = (byte) random.nextInt(256);
        }
        return noisy;
    }

    /** Something else behind one of the colons. */
    private byte[] otherValue(byte[] whole) {
        String text = new String(whole, StandardCharsets.UTF_8);
        int colon = text.indexOf(':', random.nextInt(text.length() + 1));
        if (colon < 0) {
            return whole;
        }
        int end = colon + 1;
        while (end < text.length() && ",}\n".indexOf(text.charAt(end)) < 0) {
            end++;
        }
        return (text.substring(0, colon + 1) + STRANGE.get(random.nextInt(STRANGE.size())) + text.substring(end))
                .getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] joined(byte[] one, byte[] other) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.writeBytes(one);
        all.writeBytes(other);
        return all.toByteArray();
    }
}
