package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.project.History;
import longshoulder.core.project.Progress;
import longshoulder.core.project.Project;
import longshoulder.core.project.UndoStack;

/**
 * All that can be undone and redone of a design, kept beside the designs of the program so that it survives closing: a heading, the
 * design that the steps begin with, then a line for each step, which says what it changed ({@link Delta}). Steps are appended as they
 * are made. It is a convenience: one that cannot be read, or that does not belong to what the design file holds now, is passed over; of
 * one whose last line a crash broke off, all lines before it are read.
 *
 * <p>Lines are {@code {"do":…}} for a step of the design, {@code {"at":n}} for a step back or forward to its state n, and
 * {@code {"record":…}} and {@code {"recordAt":n}} for what was entered as done.
 */
public final class HistoryFile {

    private static final byte[] HEADING = "{\"format\":\"longshoulder-history\",\"version\":2}\n"
            .getBytes(StandardCharsets.UTF_8);
    private static final String SUFFIX = ".history";
    private static final long LARGEST = 64 * 1024 * 1024;

    private final Path file;

    /** What the file holds, as far as this object has written it; empty if nothing. */
    private Optional<History> written = Optional.empty();
    private long size;

    HistoryFile(Path file) {
        this.file = file;
    }

    /** The history of a design file, kept in a folder under a name that depends on the place of the design alone. */
    public static HistoryFile of(Path directory, Path design) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(design.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8));
            return new HistoryFile(directory.resolve(HexFormat.of().formatHex(digest, 0, 16) + SUFFIX));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java knows SHA-256.", impossible);
        }
    }

    /** Where it is kept. */
    Path path() {
        return file;
    }

    /** Appends what a history has more than the last one that was written here; a crash breaks off the last line at most. */
    public void write(History history) throws IOException {
        boolean ours = written.filter(before -> beginsAs(before, history)).isPresent() && Files.isRegularFile(file)
                && Files.size(file) == size;
        if (ours && size < LARGEST / 2) {
            byte[] more = lines(written.get(), history);
            AtomicFile.append(file, more);
            size += more.length;
        } else {
            byte[] all = all(history);
            AtomicFile.writeNew(file, all);
            size = all.length;
        }
        written = Optional.of(history);
    }

    private static boolean beginsAs(History one, History other) {
        return one.design().first().equals(other.design().first())
                && one.progress().first().equals(other.progress().first());
    }

    /** Removes it; the next history is written anew. */
    void delete() throws IOException {
        written = Optional.empty();
        Files.deleteIfExists(file);
    }

    private static byte[] all(History history) throws IOException {
        History first = History.of(history.first());
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.writeBytes(HEADING);
        all.writeBytes(Json.line(out -> DesignWriter.write(out, first.present())));
        all.writeBytes(lines(first, history));
        return all.toByteArray();
    }

    private static byte[] lines(History from, History to) {
        ByteArrayOutputStream lines = new ByteArrayOutputStream();
        lines(lines, from.design(), to.design(), "do", "at", Delta::write);
        lines(lines, from.progress(), to.progress(), "record", "recordAt", Delta::write);
        return lines.toByteArray();
    }

    /** Writes what one state has otherwise than another. */
    private interface Differences<T> {
        void write(JsonGenerator out, T from, T to) throws IOException;
    }

    private static <T> void lines(ByteArrayOutputStream lines, UndoStack<T> from, UndoStack<T> to, String step,
            String at,
            Differences<T> differences) {
        List<T> before = from.all();
        List<T> after = to.all();
        int same = sameUntil(before, after);
        int now = from.past().size();
        if (same < before.size() || same < after.size()) {
            now = same < after.size() ? same - 1 : now;
            if (now != from.past().size()) {
                lines.writeBytes(place(at, now));
            }
            for (int i = same; i < after.size(); i++) {
                T one = after.get(i - 1);
                T next = after.get(i);
                lines.writeBytes(Json.line(out -> {
                    out.writeStartObject();
                    out.writeFieldName(step);
                    differences.write(out, one, next);
                    out.writeEndObject();
                }));
                now = i;
            }
        }
        if (now != to.past().size()) {
            lines.writeBytes(place(at, to.past().size()));
        }
    }

    /** How many states from the first on are the same in both. */
    private static <T> int sameUntil(List<T> one, List<T> other) {
        int same = 0;
        while (same < Math.min(one.size(), other.size()) && one.get(same).equals(other.get(same))) {
            same++;
        }
        return same;
    }

    private static byte[] place(String at, int state) {
        return Json.line(out -> {
            out.writeStartObject();
            out.writeNumberField(at, state);
            out.writeEndObject();
        });
    }

    /** The history that has a design as it is now among its states; empty where there is none that has. */
    public Optional<History> read(Project present) {
        try {
            return Files.isRegularFile(file) && Files.size(file) <= LARGEST ? parse(present) : Optional.empty();
        } catch (IOException | BadFile | Reading.Refused unreadable) {
            return Optional.empty();
        }
    }

    private Optional<History> parse(Project present) throws IOException, BadFile {
        try (BufferedReader in = Files.newBufferedReader(file)) {
            String heading = in.readLine();
            String first = in.readLine();
            if (heading == null || first == null
                    || !(heading + "\n").equals(new String(HEADING, StandardCharsets.UTF_8))) {
                return Optional.empty();
            }
            Replay replay = new Replay(DesignFile.parse("history", first.getBytes(StandardCharsets.UTF_8)));
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                if (!replay.step(line)) {
                    break;
                }
            }
            return replay.at(present);
        }
    }

    /** The steps of a file made again, one after the other. */
    private static final class Replay {

        private final Reading reading = new Reading("history");
        private final Line<Project> design;
        private final Line<Progress> progress;

        Replay(Project first) {
            design = new Line<>(first.withProgress(Progress.NONE),
                    state -> 1 + state.brief().values().size() + state.alterations().size());
            progress = new Line<>(first.progress(),
                    state -> 1 + state.milled().values().stream().mapToInt(Map::size).sum());
        }

        /** Makes the step of a line; false if a crash broke it off, or it is none. */
        boolean step(String line) {
            try {
                JsonNode step = Json.READER.readTree(line);
                if (step.has("do")) {
                    design.add(Delta.read(step.path("do"), design.present(), reading));
                } else if (step.has("record")) {
                    progress.add(Delta.read(step.path("record"), progress.present(), reading));
                } else if (step.has("at")) {
                    return design.go(step.path("at").asInt(-1));
                } else {
                    return progress.go(step.path("recordAt").asInt(-1));
                }
                return true;
            } catch (IOException | Reading.Refused brokenOff) {
                return false;
            }
        }

        /**
         * The history as it is when its design is this one. Where the design was not saved when the history went on, it is one of
         * the states before.
         */
        Optional<History> at(Project present) {
            return design.at(present.withProgress(Progress.NONE))
                    .flatMap(states -> progress.at(present.progress()).map(done -> new History(states, done)));
        }
    }
}
