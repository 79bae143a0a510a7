package longshoulder.desktop.document;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;
import longshoulder.desktop.words.Texts;
import longshoulder.files.DesignFile;
import longshoulder.files.HistoryFile;
import longshoulder.files.SystemReason;
import longshoulder.files.UnsavedWork;

/**
 * Keeps what is not saved safe from a crash: a moment after each edit the design is written aside, in the background. Once it is
 * saved, or the program ends as it should, nothing is left behind.
 */
public final class Safekeeping {

    /** So long after the last edit; with the writing less than half a second. */
    private static final Duration MOMENT = Duration.millis(100);

    private final Workbench bench;
    private final UnsavedWork unsaved;
    private final Path directory;
    /** Histories are read on a thread of their own: a long one must not keep new work from being made safe. */
    private final LongWork reader = new BackgroundThread("histories");
    /** That of the design's file. */
    private Optional<HistoryFile> log = Optional.empty();
    /** Until it was read it is not written, since what it holds would be lost. */
    private boolean logIsRead;
    private final PauseTransition pause = new PauseTransition(MOMENT);
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "safekeeping");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * Begins to watch a document.
     *
     * @param directory where histories of design files are kept
     */
    public Safekeeping(Workbench bench, UnsavedWork unsaved, Path directory) {
        this.bench = bench;
        this.unsaved = unsaved;
        this.directory = directory;
        bench.document().fileProperty().addListener((observed, was, is) -> recall());
        recall();
        pause.setOnFinished(passed -> keep());
        bench.document().historyProperty().addListener((observed, was, is) -> pause.play());
        bench.document().changedProperty().addListener((observed, was, is) -> pause.play());
        if (bench.document().isChanged()) {
            keep();
        } else {
            // The first writing of all takes long; better now than when it matters.
            Project first = bench.document().newest();
            writer.execute(() -> DesignFile.toBytes(first));
        }
    }

    /** A file that was just opened gets back what could be undone when it was closed. */
    private void recall() {
        log = bench.document().file().map(file -> HistoryFile.of(directory, file));
        logIsRead = false;
        Optional<HistoryFile> wanted = log;
        Project first = bench.document().first();
        wanted.ifPresent(kept -> reader.run(() -> kept.read(first), () -> {}, history -> {
            if (wanted.equals(log)) {
                history.ifPresent(bench.document()::recall);
                logIsRead = true;
                pause.play();
            }
        }));
    }

    private void keep() {
        boolean changed = bench.document().isChanged();
        History history = bench.document().historyProperty().get();
        Optional<Path> file = bench.document().file();
        String mark = bench.document().fileMark();
        Optional<HistoryFile> to = log.filter(one -> logIsRead);
        writer.execute(() -> {
            try {
                if (changed) {
                    unsaved.keep(history, file, mark);
                } else {
                    unsaved.forget();
                }
                if (to.isPresent()) {
                    to.get().write(history);
                }
            } catch (IOException failure) {
                Platform.runLater(() -> failed(failure));
            }
        });
    }

    /** What a crash left behind is kept as this program's own from now on; says what was found. */
    public void takeOver(UnsavedWork.Left left) {
        bench.notices().say(Texts.get("safekeeping.found"));
        reader.run(left::history, () -> {}, kept -> {
            bench.document().recall(kept);
            // Kept as this program's own before it is let go of.
            keep();
            forget(left);
            recall();
        });
    }

    /** Offers what a crash left behind where the file was saved after it. It stays where it is until the maker chooses. */
    public void offerOlder(UnsavedWork.Left left, Documents documents) {
        String name = left.file().map(Path::getFileName).map(String::valueOf).orElse("");
        bench.notices().show(new Notice(Texts.get("older.text").formatted(name, when(left.at())),
                List.of(new Notice.Choice(Texts.get("older.open"), () -> documents.unlessChanged(() -> {
                    bench.begin(left.project(), left.file());
                    bench.document().holdUnsaved();
                    takeOver(left);
                })), new Notice.Choice(Texts.get("older.delete"), () -> {
                    bench.notices().close();
                    forget(left);
                }))));
    }

    private static String when(Instant instant) {
        return DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT)
                .withLocale(Texts.dates())
                .format(instant.atZone(ZoneId.systemDefault()));
    }

    private void forget(UnsavedWork.Left left) {
        writer.execute(() -> {
            try {
                left.forget();
            } catch (IOException stays) {
                Platform.runLater(() -> failed(stays));
            }
        });
    }

    private void failed(IOException failure) {
        bench.notices().say(Texts.get("safekeeping.failed").formatted(SystemReason.of(failure, Texts.locale())));
    }

    /** The program ends as it should. */
    public void end() {
        pause.stop();
        writer.shutdown();
        try {
            if (writer.awaitTermination(2, TimeUnit.SECONDS)) {
                unsaved.forget();
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } catch (IOException kept) {
            // It stays and will be offered next time: that is better than losing it.
        }
    }
}
