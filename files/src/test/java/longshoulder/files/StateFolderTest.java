package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StateFolderTest {

    private static final Path HOME = Path.of("/home/maker");

    private static String of(String system, Map<String, String> environment) {
        return StateFolder.of(system, environment, HOME).toString().replace('\\', '/');
    }

    @Test
    void of_followsTheConventionsOfTheSystem() {
        assertThat(of("Linux", Map.of())).isEqualTo("/home/maker/.local/state/long-shoulder");
        assertThat(of("Linux", Map.of("HOME", "/srv/maker"))).isEqualTo("/srv/maker/.local/state/long-shoulder");
        assertThat(of("Linux", Map.of("XDG_STATE_HOME", "/state", "HOME", "/srv/maker")))
                .isEqualTo("/state/long-shoulder");
        assertThat(of("Mac OS X", Map.of("HOME", "/Users/maker")))
                .isEqualTo("/Users/maker/Library/Application Support/long-shoulder");
        assertThat(of("Windows 11", Map.of("LOCALAPPDATA", "/local"))).isEqualTo("/local/long-shoulder");
    }

    /** A variable that is empty or names no place from the root says nothing. */
    @Test
    void of_variablesThatNameNoPlace_areLeftOut() {
        assertThat(of("Linux", Map.of("XDG_STATE_HOME", " ", "HOME", "maker")))
                .isEqualTo("/home/maker/.local/state/long-shoulder");
    }
}
