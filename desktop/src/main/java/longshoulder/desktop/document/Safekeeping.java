package longshoulder.desktop.document;

import java.io.IOException;
import java.lang.System.Logger;
import java.lang.System.Logger.Level;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
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
 * Keeps what is not saved safe from a crash: a moment after each edit, and before each saving, the design is written aside with all
 * that can be undone, in the background. Once it is saved and its history is kept, or the program ends as it should, nothing is left
 * behind.
 */
public final class Safekeeping {

    private static final Logger LOG = System.getLogger("longshoulder.desktop");
    /** So long after the last edit; with the writing less than half a second. */
    private static final Duration MOMENT = Duration.millis(100);
    /** The longest that saving and ending wait for what is still being written, in s. */
    private static final long PATIENCE = 2;

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
        bench.document().beforeSaving(this::keepBeforeSaving);
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

    /**
     * Until the file's history can be written too, what was saved stays aside with its history, and is put together with that of the
     * file at the next start ({@link UnsavedWork#left}).
     */
    private void keep() {
        History history = bench.document().history();
        if (bench.document().isChanged() || !canWriteLog()) {
            keepAside(history, bench.document().file(), bench.document().fileMark());
        } else {
            log.ifPresent(to -> write(() -> to.write(history)));
            write(unsaved::forget);
        }
    }

    private boolean canWriteLog() {
        return logIsRead || log.isEmpty();
    }

    private void keepAside(History history, Optional<Path> file, String mark) {
        Optional<HistoryFile> to = log.filter(one -> logIsRead);
        write(() -> {
            unsaved.keep(history, file, mark);
            if (to.isPresent()) {
                to.get().write(history);
            }
        });
    }

    /**
     * Waited for, so that a crash right after the saving finds how the design came to what its file holds.
     *
     * @param target the file that will be written, which may be another than the design has
     */
    private void keepBeforeSaving(Path target) {
        boolean isOther = !bench.document().file().equals(Optional.of(target));
        if (!bench.document().isChanged() && !isOther) {
            return;
        }
        CountDownLatch kept = new CountDownLatch(1);
        keepAside(bench.document().history(), Optional.of(target), isOther ? "" : bench.document().fileMark());
        write(kept::countDown);
        try {
            if (!kept.await(PATIENCE, TimeUnit.SECONDS)) {
                LOG.log(Level.WARNING, "Saved before what can be undone was kept.");
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    /** Something to be written in the background. */
    private interface Writing {
        void run() throws IOException;
    }

    private void write(Writing writing) {
        writer.execute(() -> {
            try {
                writing.run();
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
            write(left::forget);
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
                    write(left::forget);
                }))));
    }

    private static String when(Instant instant) {
        return DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT)
                .withLocale(Texts.dates())
                .format(instant.atZone(ZoneId.systemDefault()));
    }

    private void failed(IOException failure) {
        bench.notices().say(Texts.get("safekeeping.failed").formatted(SystemReason.of(failure, Texts.locale())));
    }

    /** The program ends as it should: what was not saved by then is not wanted. */
    public void end() {
        pause.stop();
        if (bench.document().isChanged()) {
            write(unsaved::forget);
        } else {
            keep();
        }
        writer.shutdown();
        try {
            // What is not written by then stays, and is offered next time: that is better than losing it.
            writer.awaitTermination(PATIENCE, TimeUnit.SECONDS);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
