package longshoulder.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;

/**
 * A design that is not saved yet, kept in a folder of the program's own, so that what a crash leaves behind can be taken up again.
 * Each running program has a file of its own, named after its process; beside it stands of which design file it is.
 */
public final class UnsavedWork {

    private static final Pattern NAME = Pattern.compile("(\\d{1,10})-(\\d{1,15})" + Pattern.quote(DesignFile.SUFFIX));
    private static final String ORIGIN = ".of";
    private static final String STEPS = ".steps";

    private final Path kept;
    private final HistoryFile steps;

    /** Of which file it stands beside the design; nothing stands there for a design without one. */
    private String written = "";

    /**
     * The place of one running program.
     *
     * @param directory made when something is kept
     * @param process of the program
     * @param started when it was started
     */
    public UnsavedWork(Path directory, long process, Instant started) {
        kept = directory.resolve(process + "-" + started.toEpochMilli() + DesignFile.SUFFIX);
        steps = new HistoryFile(steps(kept));
    }

    /** The place of this program. */
    public static UnsavedWork ofThisProgram(Path directory) {
        ProcessHandle own = ProcessHandle.current();
        return new UnsavedWork(directory, own.pid(), own.info().startInstant().orElse(Instant.EPOCH));
    }

    /**
     * Keeps a design as it is now. At every moment the last kept one is whole.
     *
     * @param file of the design
     * @param mark of what that file held when this was the design ({@link DesignFile#mark}); empty if that is not known
     */
    public void keep(History history, Optional<Path> file, String mark) throws IOException {
        String of = file.map(path -> path.toAbsolutePath() + "\n" + mark).orElse("");
        if (!of.equals(written)) {
            AtomicFile.writeNew(origin(kept), of.getBytes(StandardCharsets.UTF_8));
            written = of;
        }
        // The history first: it has the design that is kept until then among its states, so that nothing is lost between the two.
        steps.write(history);
        AtomicFile.writeNew(kept, DesignFile.toBytes(history.present()));
    }

    /** Lets go of what was kept: it was saved, or is not wanted. */
    public void forget() throws IOException {
        steps.delete();
        delete(kept);
        written = "";
    }

    /**
     * What a program left behind that runs no more.
     *
     * @param file of the design; empty if it had none
     * @param mark of what the file held then; empty if that is not known
     * @param kept where it was left
     * @param at when it was kept last
     */
    public record Left(Project project, Optional<Path> file, String mark, Path kept, Instant at) {

        /** Whether the design's file was saved after this was kept: then it is an older version, and not the unsaved present. */
        public boolean isOlderThanFile() {
            return file.filter(Files::isRegularFile)
                    .filter(saved -> changed(saved).isAfter(at) || isAnotherThan(saved)).isPresent();
        }

        /** Both times may be the same to the clock of a file system. */
        private boolean isAnotherThan(Path saved) {
            try {
                return !mark.isEmpty() && !mark.equals(DesignFile.mark(saved));
            } catch (IOException unreadable) {
                return false;
            }
        }

        /** With all that could be undone, where it can be read. */
        public History history() {
            return new HistoryFile(steps(kept)).read(project).orElseGet(() -> History.of(project));
        }

        /** It was taken up. */
        public void forget() throws IOException {
            delete(kept);
        }
    }

    /**
     * The newest that can be read and is in no file; what cannot be read is left where it is. Of what was saved before the crash the
     * history is added to that of its file.
     *
     * @param directory where both unsaved work and histories are kept
     */
    public static Optional<Left> left(Path directory) {
        if (!Files.isDirectory(directory)) {
            return Optional.empty();
        }
        try (Stream<Path> all = Files.list(directory)) {
            return all.filter(UnsavedWork::isLeftBehind)
                    .sorted(Comparator.comparing(UnsavedWork::changed).reversed())
                    .flatMap(path -> read(path).stream()).filter(left -> !wasSaved(left, directory)).findFirst();
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    /** Whether its file has it already: the program ended between saving and forgetting, and all that is missing is the history. */
    private static boolean wasSaved(Left left, Path directory) {
        try {
            boolean saved = left.file.filter(Files::isRegularFile).isPresent()
                    && DesignFile.read(left.file.get()).equals(left.project);
            if (saved) {
                HistoryFile log = HistoryFile.of(directory, left.file.get());
                History last = left.history();
                log.write(log.read(last.first()).map(last::behind).orElse(last));
                left.forget();
            }
            return saved;
        } catch (BadFile | IOException unreadable) {
            return false;
        }
    }

    private static boolean isLeftBehind(Path path) {
        Matcher name = NAME.matcher(String.valueOf(path.getFileName()));
        if (!name.matches()) {
            return false;
        }
        long started = Long.parseLong(name.group(2));
        return ProcessHandle.of(Long.parseLong(name.group(1))).filter(ProcessHandle::isAlive)
                .filter(process -> process.info().startInstant().orElse(Instant.EPOCH).toEpochMilli() == started)
                .isEmpty();
    }

    private static Instant changed(Path path) {
        return Instant.ofEpochMilli(path.toFile().lastModified());
    }

    private static Optional<Left> read(Path path) {
        try {
            Path origin = origin(path);
            String of = Files.exists(origin) ? Files.readString(origin) : "";
            int end = of.lastIndexOf('\n');
            String file = end < 0 ? of : of.substring(0, end);
            return Optional.of(new Left(DesignFile.read(path),
                    file.isEmpty() ? Optional.empty() : Optional.of(Path.of(file)),
                    end < 0 ? "" : of.substring(end + 1), path, changed(path)));
        } catch (BadFile | IOException | InvalidPathException unreadable) {
            return Optional.empty();
        }
    }

    private static Path origin(Path path) {
        return path.resolveSibling(path.getFileName() + ORIGIN);
    }

    private static Path steps(Path path) {
        return path.resolveSibling(path.getFileName() + STEPS);
    }

    private static void delete(Path path) throws IOException {
        Files.deleteIfExists(steps(path));
        Files.deleteIfExists(path);
        Files.deleteIfExists(origin(path));
    }
}
