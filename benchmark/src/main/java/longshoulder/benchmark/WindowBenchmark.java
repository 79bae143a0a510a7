package longshoulder.benchmark;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Role;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.MainView;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;
import longshoulder.desktop.look.Typefaces;
import longshoulder.desktop.model.Documents;
import longshoulder.desktop.model.FileAsker;
import longshoulder.desktop.model.Workbench;
import longshoulder.desktop.sheet.SheetPane;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What an edit costs in the real window, offscreen with the software renderer: derived, every part of the window made
 * anew, styled, laid out and drawn on its canvases. The last step, copying the scene to the screen, is the toolkit's.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 10, time = 3)
@Measurement(iterations = 8, time = 3)
@Fork(value = 1, jvmArgsAppend = {"-Dglass.platform=Headless", "-Dprism.order=sw"})
public class WindowBenchmark {

    private static final FileAsker NOBODY = new FileAsker() {
        @Override
        public Optional<Path> toOpen() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toSave(String suggestion) {
            return Optional.empty();
        }
    };

    private static final int BATCH = 20;

    private final WritableImage picture = new WritableImage(1280, 800);
    private Workbench bench;
    private MainView view;
    @SuppressWarnings("NullAway.Init") // made before the benchmark
    private Sizes sizes;

    /** More bearers than the kind would set bring the largest cabinet to 200 joints. */
    private static final int BEARERS = 27;

    /** A table as it is first shown, a cabinet of 200 joints, or the file of a design that ships with the program. */
    @Param({"table", "large cabinet"})
    private String design = "table";

    @Setup
    public void show() throws InterruptedException, BadFile {
        Project project = project();
        sizes = new Sizes(project);
        CountDownLatch shown = new CountDownLatch(1);
        Platform.startup(() -> {
            Typefaces.load();
            bench = new Workbench(Planner.plan(project), Optional.empty());
            view = new MainView(bench, new Documents(bench, NOBODY));
            Stage stage = new Stage();
            stage.setScene(view.scene(1280, 800));
            stage.show();
            shown.countDown();
        });
        shown.await();
    }

    @TearDown
    public void end() {
        Platform.exit();
    }

    /** From the typed length to a laid-out window. */
    @Benchmark
    @OperationsPerInvocation(BATCH)
    public void editToLayout() throws InterruptedException {
        onWindow(() -> {
            edit();
            view.applyCss();
            view.layout();
        });
    }

    /** The same as a frame does it: only what changed is styled and laid out, then the whole scene is painted into an image. */
    @Benchmark
    @OperationsPerInvocation(BATCH)
    public void editToPicture() throws InterruptedException {
        onWindow(() -> {
            edit();
            view.getScene().snapshot(picture);
        });
    }

    /** One step of turning the pictorial view, without painting it. */
    @Benchmark
    @OperationsPerInvocation(BATCH)
    public void turnPictorial() throws InterruptedException {
        onWindow(this::turn);
    }

    /** One step of turning the pictorial view, and the whole scene painted into an image. */
    @Benchmark
    @OperationsPerInvocation(BATCH)
    public void turnToPicture() throws InterruptedException {
        onWindow(() -> {
            turn();
            view.getScene().snapshot(picture);
        });
    }

    private void turn() {
        ((SheetPane) view.lookup("#sheet")).turn(1, 0);
    }

    private void edit() {
        bench.edit(sizes.next());
    }

    private Project project() throws BadFile {
        return switch (design) {
            case "table" -> Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
            case "large cabinet" -> largeCabinet();
            default -> DesignFile.read(Path.of(System.getProperty("demo", "demo"), design + ".longshoulder.json"));
        };
    }

    private static Project largeCabinet() {
        Project cabinet = Project.ofKind(Kinds.find("cabinet").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        for (String setting : List.of("drawers=four", "drawer.boxes=fitted", "dividers=three", "front=two-doors",
                "face.frame=glued-on")) {
            String[] halves = setting.split("=", 2);
            cabinet = new Edit.Give(halves[0], new Value.Chosen(halves[1])).applyTo(cabinet);
        }
        cabinet = sized(sized(cabinet, "overall.height", 1500), "overall.width", 2400);
        for (int i = 0; i < BEARERS; i++) {
            cabinet = new Edit.Alter(bearer(i)).applyTo(cabinet);
        }
        return cabinet;
    }

    /** From front to back, in one side and the other in turn, each above the last. */
    private static Alteration bearer(int number) {
        String side = number % 2 == 0 ? "left" : "right";
        return new Alteration.Between("bearer-" + number, Role.RAIL, "Q" + number, "post-front-" + side,
                "post-back-" + side, Length.ofMillimetres(30), Length.ofMillimetres(12),
                Length.ofMillimetres(160 + 38L * (number / 2)), Length.ofMillimetres(number % 2 == 0 ? 10 : -10));
    }

    private static Project sized(Project project, String name, long millimetres) {
        return new Edit.Give(name, new Value.Measured(Length.ofMillimetres(millimetres))).applyTo(project);
    }

    /** In batches, so that the pulses of the toolkit, sixty a second, do not get in between. */
    private static void onWindow(Runnable action) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            for (int i = 0; i < BATCH; i++) {
                action.run();
            }
            done.countDown();
        });
        done.await();
    }
}
