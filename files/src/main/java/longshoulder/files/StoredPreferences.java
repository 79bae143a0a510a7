package longshoulder.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Properties;

/**
 * What the program remembers from one start to the next besides designs: files opened last, theme, language. Losing it costs nothing but
 * convenience, so a file that cannot be read or written is passed over.
 */
public final class StoredPreferences {

    private static final String RECENT = "recent.";
    private static final int MOST_RECENT = 8;
    private static final long LARGEST = 64 * 1024;

    private final Optional<Path> file;
    private final Properties values = new Properties();

    private StoredPreferences(Optional<Path> file) {
        this.file = file;
    }

    /** What was remembered in a folder; nothing where there is no such file. */
    public static StoredPreferences in(Path directory) {
        Path file = directory.resolve("remembered.properties");
        StoredPreferences remembered = new StoredPreferences(Optional.of(file));
        remembered.read(file);
        return remembered;
    }

    /** Remembers as long as the program runs, and no longer. */
    public static StoredPreferences nowhere() {
        return new StoredPreferences(Optional.empty());
    }

    /** Another file in the same folder; empty where nothing is remembered. */
    public Optional<Path> beside(String name) {
        return file.map(own -> own.resolveSibling(name));
    }

    private void read(Path file) {
        try {
            if (Files.exists(file) && Files.size(file) <= LARGEST) {
                values.load(Files.newBufferedReader(file, StandardCharsets.UTF_8));
            }
        } catch (IOException | IllegalArgumentException unreadable) {
            values.clear();
        }
    }

    public Optional<String> get(String key) {
        return Optional.ofNullable(values.getProperty(key));
    }

    /** Remembers a value from now on. */
    public void put(String key, String value) {
        values.setProperty(key, value);
        write();
    }

    /** Files opened or saved last, the newest first. */
    public List<Path> recent() {
        List<Path> files = new ArrayList<>();
        for (int i = 0; i < MOST_RECENT; i++) {
            get(RECENT + i).flatMap(StoredPreferences::path).filter(Files::exists).ifPresent(files::add);
        }
        return files;
    }

    private static Optional<Path> path(String text) {
        try {
            return Optional.of(Path.of(text));
        } catch (InvalidPathException unreadable) {
            return Optional.empty();
        }
    }

    /** Puts a file before all others. */
    public void opened(Path path) {
        List<Path> files = new ArrayList<>(recent());
        files.remove(path.toAbsolutePath());
        files.addFirst(path.toAbsolutePath());
        for (int i = 0; i < MOST_RECENT; i++) {
            values.remove(RECENT + i);
            if (i < files.size()) {
                values.setProperty(RECENT + i, files.get(i).toString());
            }
        }
        write();
    }

    private void write() {
        if (file.isEmpty()) {
            return;
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            values.store(bytes, "");
            AtomicFile.writeNew(file.get(), bytes.toByteArray());
        } catch (IOException failed) {
            // Only convenience is lost; the design itself is kept elsewhere.
            assert file.isPresent() : failed;
        }
    }
}
