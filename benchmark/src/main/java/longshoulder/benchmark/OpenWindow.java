package longshoulder.benchmark;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
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
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.frame.SheetPane;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;
import longshoulder.files.DrawingFormat;

/** The real window with a design in it, offscreen; all but the making of it happens on the window's thread. */
final class OpenWindow {

    private static final FileAsker NOBODY = new FileAsker() {
        @Override
        public Optional<Path> toOpen() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toOpenTable() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toExportTable(String suggestion) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toSave(String suggestion) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toExport(String suggestion, DrawingFormat format) {
            return Optional.empty();
        }
    };

    /** More bearers than the kind would set bring the largest cabinet to 200 joints. */
    private static final int BEARERS = 27;

    private final Workbench bench;
    private final MainView view;
    private final Sizes sizes;

    private OpenWindow(Project project) {
        Typefaces.load();
        sizes = new Sizes(project);
        bench = new Workbench(Planner.plan(project), Optional.empty());
        view = new MainView(bench, new Documents(bench, NOBODY));
        Stage stage = new Stage();
        stage.setScene(view.scene(1280, 800));
        stage.show();
    }

    /**
     * Starts the toolkit, which can be done once in a process, and shows a design.
     *
     * @param design "table" as it is first shown, "large cabinet" of 200 joints, or the file of a design that ships with the program
     */
    static OpenWindow of(String design) throws InterruptedException, BadFile {
        Project project = project(design);
        OpenWindow[] shown = new OpenWindow[1];
        CountDownLatch done = new CountDownLatch(1);
        Platform.startup(() -> {
            shown[0] = new OpenWindow(project);
            done.countDown();
        });
        done.await();
        return shown[0];
    }

    /** Runs something on the window's thread a number of times, so that the toolkit's pulses, sixty a second, do not get in between. */
    static void repeat(int times, Runnable action) throws InterruptedException {
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            for (int i = 0; i < times; i++) {
                action.run();
            }
            done.countDown();
        });
        done.await();
    }

    /** Types another overall size: derived, and every part of the window brought up to date. */
    void edit() {
        bench.edit(sizes.next());
    }

    /** Turns the pictorial view a step. */
    void turn() {
        ((SheetPane) view.lookup("#sheet")).turn(1, 0);
    }

    /** Styles and lays out everything, changed or not. */
    void layOut() {
        view.applyCss();
        view.layout();
    }

    /**
     * Does something in frames of the window, one after the other, each as a frame does it: what changed is styled, laid out and painted.
     *
     * <p>A picture of the scene would not tell: the toolkit forgets what it has painted only in a frame, so that further pictures show
     * what it keeps as it was before, and paint all else anew, changed or not.
     *
     * @return how long each took until it was painted, in ms
     */
    static List<Double> frames(int count, Runnable action) throws InterruptedException {
        Frames frames = new Frames(count, action);
        Platform.runLater(frames::start);
        return frames.taken();
    }

    /** Begins each frame with the action. */
    private static final class Frames extends AnimationTimer {

        private final int count;
        private final Runnable action;
        private final List<Double> taken = new ArrayList<>();
        private final CountDownLatch done = new CountDownLatch(1);

        Frames(int count, Runnable action) {
            super();
            this.count = count;
            this.action = action;
        }

        List<Double> taken() throws InterruptedException {
            done.await();
            return taken;
        }

        @Override
        public void handle(long now) {
            long start = System.nanoTime();
            action.run();
            // Comes after the rest of the frame, which waits for its painting: the window is started with quantum.multithreaded=false.
            Platform.runLater(() -> end(start));
        }

        private void end(long start) {
            taken.add((System.nanoTime() - start) / 1e6);
            if (taken.size() == count) {
                stop();
                done.countDown();
            }
        }
    }

    private static Project project(String design) throws BadFile {
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
}
