package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the system says is put into our words, in both languages. */
class SystemReasonTest {

    static Stream<Arguments> failures() {
        return Stream.of(Arguments.of(new AccessDeniedException("/x"), "it is not allowed there", "nicht erlaubt"),
                Arguments.of(new NoSuchFileException("/x"), "is not there", "nicht da"),
                Arguments.of(new FileSystemException("/x", null, "No space left on device"), "the disk is full",
                        "voll"),
                Arguments.of(new FileSystemException("/x", null, "Read-only file system"), "nothing can be written",
                        "nichts schreiben"),
                Arguments.of(new IOException("Is a directory"), "it is a folder", "ein Ordner"),
                Arguments.of(new IOException("Frobnication failed"), "the system does not let it happen",
                        "das System lässt es nicht zu"));
    }

    @ParameterizedTest
    @MethodSource("failures")
    void of_eachFailure_isSaidInTheLanguageOfTheMaker(IOException failure, String english, String german) {
        assertThat(SystemReason.of(failure, Locale.ENGLISH)).contains(english);
        assertThat(SystemReason.of(failure, Locale.GERMAN)).contains(german).doesNotContain("Frobnication");
    }

    /** A folder where a design is expected: what the system says of it is not shown as it stands. */
    @Test
    void read_aFolder_saysThatItIsOne(@TempDir Path folder) {
        assertThatThrownBy(() -> DesignFile.read(folder)).isInstanceOfSatisfying(BadFile.class, bad -> {
            assertThat(bad.getMessage()).endsWith("cannot be read: it is a folder.");
            assertThat(bad.message(Locale.GERMAN)).contains("ein Ordner");
        });
    }
}
