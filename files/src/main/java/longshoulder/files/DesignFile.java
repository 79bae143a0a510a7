package longshoulder.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Arrays;
import longshoulder.core.project.Project;

/**
 * The design file, {@code *.longshoulder.json}: everything that the maker decided and nothing that follows from it.
 * Described by {@code docs/formats/design.schema.json}, which is also what it is validated against.
 */
public final class DesignFile {

    /** What names of design files end in. */
    public static final String SUFFIX = ".longshoulder.json";

    /** No design comes near this; anything larger is something else. */
    static final int LARGEST = 4 * 1024 * 1024;

    private DesignFile() {}

    /**
     * Reads a project.
     *
     * @throws BadFile if the file cannot be read or is not a whole, valid design; nothing is half loaded
     */
    public static Project read(Path file) throws BadFile {
        String name = String.valueOf(file.getFileName());
        try {
            long size = Files.size(file);
            if (size > LARGEST) {
                throw BadFile.of("large", name, size / 1024 / 1024, LARGEST / 1024 / 1024);
            }
            return parse(name, Files.readAllBytes(file));
        } catch (NoSuchFileException missing) {
            throw BadFile.of("missing", file);
        } catch (IOException unreadable) {
            throw BadFile.of("unreadable", file, SystemReason.of(unreadable));
        }
    }

    /** Reads a project from the contents of a file of that name. @throws BadFile as {@link #read} does */
    public static Project parse(String name, byte[] contents) throws BadFile {
        return new DesignReader(name).read(contents);
    }

    /**
     * Writes a project so that a crash at any moment leaves the old or the new file whole; the contents before are kept
     * beside it, with {@code .previous} behind the name.
     */
    public static void write(Path file, Project project) throws IOException {
        AtomicFile.write(file, toBytes(project));
    }

    /** A mark of what a file holds; another where anything in it changed. Empty where there is no such file. */
    public static String mark(Path file) throws IOException {
        return Files.exists(file)
                ? Integer.toHexString(Arrays.hashCode(Files.readAllBytes(file))) + "-" + Files.size(file)
                : "";
    }

    /** The contents of the file, UTF-8. The same project always gives the same bytes. */
    public static byte[] toBytes(Project project) {
        return DesignWriter.write(project);
    }
}
