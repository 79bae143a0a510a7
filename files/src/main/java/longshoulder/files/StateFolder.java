package longshoulder.files;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Where the program keeps what it would not lose and what nobody else needs: unsaved work, histories, its log. */
public final class StateFolder {

    private static final String NAME = "long-shoulder";

    private StateFolder() {}

    /** The folder on this system. */
    public static Path usual() {
        return of(System.getProperty("os.name", ""), System.getenv(), Path.of(System.getProperty("user.home")));
    }

    /**
     * The folder on a system.
     *
     * @param system its name, such as "Linux"
     * @param environment its variables
     * @param home where a user's files are if no variable says so
     */
    static Path of(String system, Map<String, String> environment, Path home) {
        String name = system.toLowerCase(Locale.ROOT);
        Optional<Path> state = folder(environment, "XDG_STATE_HOME");
        if (state.isPresent()) {
            return state.get().resolve(NAME);
        }
        if (name.startsWith("windows")) {
            return folder(environment, "LOCALAPPDATA").orElse(home.resolve("AppData").resolve("Local")).resolve(NAME);
        }
        Path own = folder(environment, "HOME").orElse(home);
        return name.startsWith("mac")
                ? own.resolve("Library").resolve("Application Support").resolve(NAME)
                : own.resolve(".local").resolve("state").resolve(NAME);
    }

    private static Optional<Path> folder(Map<String, String> environment, String variable) {
        return Optional.ofNullable(environment.get(variable)).filter(value -> !value.isBlank()).map(Path::of)
                .filter(Path::isAbsolute);
    }
}
