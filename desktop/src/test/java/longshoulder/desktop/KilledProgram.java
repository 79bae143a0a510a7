package longshoulder.desktop;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.stage.Stage;
import javafx.util.Duration;
import longshoulder.core.project.Edit;
import longshoulder.desktop.document.Workbench;
import longshoulder.files.StoredPreferences;

/**
 * The program without its window, edited and saved at random until it is killed: {@code FILE FOLDER SEED NUMBER}. The title of the
 * design is the number of the edit, counted on from NUMBER. It prints what it shows at first, and each edit and each saving once done.
 */
final class KilledProgram {

    private final Workbench bench;
    private final Random random;
    private int number;

    private KilledProgram(Workbench bench, Random random, int number) {
        this.bench = bench;
        this.random = random;
        this.number = number;
    }

    public static void main(String[] arguments) {
        StartUp asked = new StartUp(Optional.of(Path.of(arguments[0])), false, false, Optional.empty(),
                Path.of(arguments[1]));
        Platform.startup(() -> {
            Workbench bench = Session.begin(asked, asked.load(), new PlatformFileAsker(new Stage()),
                    StoredPreferences.nowhere()).bench();
            say("shown " + bench.project().title());
            new KilledProgram(bench, new Random(Long.parseLong(arguments[2])), Integer.parseInt(arguments[3])).next();
        });
    }

    private void next() {
        boolean isLong = random.nextInt(8) == 0;
        PauseTransition pause = new PauseTransition(Duration.millis(1 + random.nextInt(isLong ? 600 : 60)));
        pause.setOnFinished(passed -> {
            if (random.nextInt(12) == 0) {
                bench.document().file().ifPresent(bench::save);
                say("saved " + bench.document().newest().title());
            } else {
                bench.edit(new Edit.Retitle(String.valueOf(++number)));
                say("edited " + number);
            }
            next();
        });
        pause.play();
    }

    private static void say(String what) {
        System.out.println("%s %d".formatted(what, System.currentTimeMillis()));
        System.out.flush();
    }
}
