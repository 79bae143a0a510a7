package longshoulder.files;

import java.io.IOException;
import java.io.InputStream;
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
        return parse(String.valueOf(file.getFileName()), contentsOf(file));
    }

    /** What is in a file. @throws BadFile if it cannot be read, or is larger than any design */
    static byte[] contentsOf(Path file) throws BadFile {
        String name = String.valueOf(file.getFileName());
        try {
            if (Files.exists(file) && !Files.isRegularFile(file) && !Files.isDirectory(file)) {
                throw BadFile.of("device", name);
            }
            byte[] contents = contents(file);
            if (contents.length > LARGEST) {
                throw BadFile.of("large", name, Math.max(Files.size(file), contents.length) / 1024 / 1024,
                        LARGEST / 1024 / 1024);
            }
            return contents;
        } catch (NoSuchFileException missing) {
            throw BadFile.of("missing", file);
        } catch (IOException unreadable) {
            throw BadFile.of("unreadable", file, SystemReason.of(unreadable));
        }
    }

    /** What is in a file, and no more than a byte over what a design can have: a file may grow while it is read. */
    private static byte[] contents(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(LARGEST + 1);
        }
    }

    /** Reads a project from the contents of a file of that name. @throws BadFile as {@link #read} does */
    public static Project parse(String name, byte[] contents) throws BadFile {
        return new DesignReader(name).read(contents);
    }

    /**
     * Writes a project so that a crash at any moment leaves the old or the new file whole; the contents before are kept
     * beside it, with {@code .previous} behind the name.
     *
     * @throws UnreadableAgain if what would be written could not be read again; the file stays as it was
     */
    public static void write(Path file, Project project) throws IOException {
        byte[] contents = toBytes(project);
        requireReadable(contents, project);
        AtomicFile.write(file, contents);
    }

    /**
     * Writes a project where the file still holds what it held when it was read. Gives whether it was written.
     *
     * @param mark of the file as it was read
     */
    public static boolean writeUnlessChanged(Path file, Project project, String mark) throws IOException {
        boolean same = mark(file).equals(mark);
        if (same) {
            write(file, project);
        }
        return same;
    }

    /** A project must come back as it was: better no file than one that cannot be opened. */
    static void requireReadable(byte[] contents, Project project) throws UnreadableAgain {
        try {
            if (contents.length > LARGEST || !parse("again", contents).equals(project)) {
                throw new UnreadableAgain("The design would be read as another one.");
            }
        } catch (BadFile bad) {
            throw new UnreadableAgain(bad.getMessage());
        }
    }

    /** What would have been written could not be read again. */
    public static final class UnreadableAgain extends IOException {
        private static final long serialVersionUID = 1;

        UnreadableAgain(String why) {
            super(why);
        }
    }

    /** A mark of what a file holds; another where anything in it changed. Empty where there is no such file. */
    public static String mark(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            return "";
        }
        byte[] contents = contents(file);
        return Integer.toHexString(Arrays.hashCode(contents)) + "-" + contents.length;
    }

    /** The contents of the file, UTF-8. The same project always gives the same bytes. */
    public static byte[] toBytes(Project project) {
        return DesignWriter.write(project);
    }
}
