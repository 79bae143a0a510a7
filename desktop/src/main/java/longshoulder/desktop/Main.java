package longshoulder.desktop;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import longshoulder.files.StateFolder;

/**
 * Starts the window: {@code [FILE] [--demo] [--pictures DIR] [--once]}.
 *
 * <p>{@code --pictures} draws every main view, writes PNG files and ends; {@code --once} ends after the first frame.
 */
public final class Main {

    private Main() {}

    public static void main(String[] arguments) {
        LongShoulderApp.begin(parse(arguments));
        Application.launch(LongShoulderApp.class);
    }

    private static StartUp parse(String[] arguments) {
        List<String> rest = new ArrayList<>(List.of(arguments));
        boolean demo = rest.remove("--demo");
        boolean once = rest.remove("--once");
        Optional<Path> pictures = Optional.empty();
        int at = rest.indexOf("--pictures");
        if (at >= 0 && at + 1 < rest.size()) {
            pictures = Optional.of(Path.of(rest.remove(at + 1)));
            rest.remove(at);
        }
        return new StartUp(rest.stream().findFirst().map(Path::of), demo, once, pictures,
                StateFolder.usual());
    }
}
