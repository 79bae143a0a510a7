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
    }

    /** The place of this program. */
    public static UnsavedWork ofThisProgram(Path directory) {
        ProcessHandle own = ProcessHandle.current();
        return new UnsavedWork(directory, own.pid(), own.info().startInstant().orElse(Instant.EPOCH));
    }

    /** Keeps a design as it is now. At every moment the last kept one is whole. */
    public void keep(History history, Optional<Path> file) throws IOException {
        String of = file.map(path -> path.toAbsolutePath().toString()).orElse("");
        if (!of.equals(written)) {
            AtomicFile.writeNew(origin(kept), of.getBytes(StandardCharsets.UTF_8));
            written = of;
        }
        AtomicFile.writeNew(kept, DesignFile.toBytes(history.present()));
        HistoryFile.write(steps(kept), history);
    }

    /** Lets go of what was kept: it was saved, or is not wanted. */
    public void forget() throws IOException {
        delete(kept);
        written = "";
    }

    /** What a program left behind that runs no more. */
    public record Left(Project project, Optional<Path> file, Path kept) {

        /** With all that could be undone, where it can be read. */
        public History history() {
            return HistoryFile.read(steps(kept), project).orElseGet(() -> History.of(project));
        }

        /** It was taken up. */
        public void forget() throws IOException {
            delete(kept);
        }
    }

    /** The newest that can be read; what cannot is left where it is. */
    public static Optional<Left> left(Path directory) {
        if (!Files.isDirectory(directory)) {
            return Optional.empty();
        }
        try (Stream<Path> all = Files.list(directory)) {
            return all.filter(UnsavedWork::isLeftBehind)
                    .sorted(Comparator.comparingLong(UnsavedWork::changed).reversed())
                    .flatMap(path -> read(path).stream()).findFirst();
        } catch (IOException unreadable) {
            return Optional.empty();
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

    private static long changed(Path path) {
        return path.toFile().lastModified();
    }

    private static Optional<Left> read(Path path) {
        try {
            Path origin = origin(path);
            String file = Files.exists(origin) ? Files.readString(origin) : "";
            return Optional
                    .of(new Left(DesignFile.read(path), file.isEmpty() ? Optional.empty() : Optional.of(Path.of(file)),
                            path));
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
