package longshoulder.desktop;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import longshoulder.core.project.Project;
import longshoulder.desktop.StartUp.Beginning;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Exports;
import longshoulder.desktop.document.Failures;
import longshoulder.desktop.document.Safekeeping;
import longshoulder.desktop.document.Workbench;
import longshoulder.files.LogFile;
import longshoulder.files.StoredPreferences;
import longshoulder.files.SystemPrinters;
import longshoulder.files.StateFolder;
import longshoulder.desktop.document.BackgroundThread;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.shell.Stages;
import longshoulder.desktop.words.Texts;

/** The JavaFX application. The design is read while the toolkit starts. */
public final class LongShoulderApp extends Application {

    private static StartUp startUp = new StartUp(Optional.empty(), true, false, Optional.empty(),
            StateFolder.usual());
    private static CompletableFuture<Beginning> beginning = CompletableFuture.failedFuture(
            new IllegalStateException("The application was not begun."));

    private Optional<Safekeeping> safekeeping = Optional.empty();

    /** Called by the toolkit. */
    public LongShoulderApp() {
        super();
    }

    /** Starts reading the design in the background; to be called before the launch. */
    static void begin(StartUp asked) {
        startUp = asked;
        Typefaces.begin();
        beginning = CompletableFuture.supplyAsync(asked::load);
    }

    @Override
    public void start(Stage stage) {
        Typefaces.load();
        StoredPreferences remembered = StoredPreferences.in(startUp.unsaved());
        Texts.speak(Locale.forLanguageTag(remembered.get("language").orElse(Locale.getDefault().toLanguageTag())));
        Locale.setDefault(Locale.Category.FORMAT, Texts.dates());
        if (startUp.isWork()) {
            remembered.get("theme").filter("DARK"::equals).ifPresent(dark -> Palette.use(Palette.Theme.DARK));
        }
        Beginning loaded = beginning.join();
        Session session = Session.begin(startUp, loaded, new PlatformFileAsker(stage), remembered);
        safekeeping = session.safekeeping();
        Workbench bench = session.bench();
        Documents documents = session.documents();
        if (startUp.isWork()) {
            LogFile.begin(startUp.unsaved());
        }
        Failures failures = new Failures(bench, startUp.unsaved(),
                folder -> getHostServices().showDocument(folder.toUri().toString()));
        Thread.setDefaultUncaughtExceptionHandler(
                (thread, failure) -> Platform.runLater(() -> failures.report(failure)));
        stage.setTitle(title(bench.project(), bench.document().file()));
        bench.planProperty()
                .addListener((observed, was, is) -> stage.setTitle(title(bench.project(), bench.document().file())));
        MainView view = new MainView(bench, documents, new Exports(bench, documents.asker(),
                new BackgroundThread("papers"), new SystemPrinters()));
        stage.setScene(view.scene(1280, 800));
        stage.setMinWidth(1024);
        stage.setMinHeight(640);
        stage.setOnCloseRequest(close -> {
            if (bench.document().isChanged()) {
                close.consume();
                documents.unlessChanged(Platform::exit);
            }
        });
        stage.show();
        if (loaded.isNew()) {
            view.show(Stages.BRIEF);
        } else {
            view.focusStage();
        }
        startUp.pictures().ifPresent(directory -> Platform.runLater(() -> draw(stage, bench, directory)));
        if (startUp.once()) {
            Platform.runLater(() -> Platform.runLater(Platform::exit));
        }
    }

    @Override
    public void stop() {
        safekeeping.ifPresent(Safekeeping::end);
    }

    private static String title(Project project, Optional<Path> file) {
        String name = project.title().isEmpty()
                ? file.map(path -> String.valueOf(path.getFileName())).orElse("")
                : project.title();
        return name.isEmpty() ? Texts.get("product") : name + " · " + Texts.get("product");
    }

    private static void draw(Stage stage, Workbench bench, Path directory) {
        new Pictures(stage.getScene(), bench).write(directory, written -> {
            written.forEach(System.out::println);
            Platform.exit();
        });
    }
}
