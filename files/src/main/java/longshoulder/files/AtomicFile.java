package longshoulder.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;

/**
 * Writes a file so that at every moment either the old or the new contents are there, whole: beside, flushed to the
 * disk, then renamed. The contents that were there before stay beside it under {@link #previous}.
 */
final class AtomicFile {

    private AtomicFile() {}

    /** Where the version before the last one is kept. */
    static Path previous(Path file) {
        return file.resolveSibling(file.getFileName() + ".previous");
    }

    /** Writes a file and keeps what was there before. */
    static void write(Path file, byte[] contents) throws IOException {
        if (Files.exists(file)) {
            replace(previous(file), beside -> Files.copy(file, beside, StandardCopyOption.REPLACE_EXISTING));
        }
        writeNew(file, contents);
    }

    /**
     * Writes a file in the place of what was there before. A link stays one, and what it leads to is written; who may read and write the
     * file stays as it was.
     */
    static void writeNew(Path file, byte[] contents) throws IOException {
        replace(file, beside -> writeThrough(beside, contents));
    }

    /** Fills a file that is there already. */
    @FunctionalInterface
    private interface Filling {
        void fill(Path file) throws IOException;
    }

    private static void replace(Path file, Filling filling) throws IOException {
        Path target = Files.isSymbolicLink(file) && Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
        Path directory = target.getParent();
        if (directory == null) {
            throw new IOException("(%s) is not the name of a file.".formatted(file));
        }
        Files.createDirectories(directory);
        // Not a temporary file of the system's: others may read it as far as the maker lets them read new files.
        Path beside = Files.createFile(directory
                .resolve("." + target.getFileName() + "." + Long.toHexString(System.nanoTime()) + ".new"));
        try {
            filling.fill(beside);
            keepPermissions(target, beside);
            Files.move(beside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(beside);
        }
        flushDirectory(directory);
    }

    private static void keepPermissions(Path from, Path to) throws IOException {
        PosixFileAttributeView old = Files.getFileAttributeView(from, PosixFileAttributeView.class);
        if (old != null && Files.exists(from)) {
            Files.setPosixFilePermissions(to, old.readAttributes().permissions());
        }
    }

    /** Adds to the end of a file that is there; a crash may leave a part of what is added. */
    static void append(Path file, byte[] more) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE, StandardOpenOption.APPEND)) {
            ByteBuffer buffer = ByteBuffer.wrap(more);
            while (buffer.hasRemaining()) {
                channel.write(buffer);
            }
            channel.force(false);
        }
    }

    private static void writeThrough(Path file, byte[] contents) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            ByteBuffer buffer = ByteBuffer.wrap(contents);
            while (buffer.hasRemaining()) {
                channel.write(buffer);
            }
            channel.force(true);
        }
    }

    /** Makes the rename itself last through a loss of power; not every system can, and then nothing is lost by it. */
    private static void flushDirectory(Path directory) {
        try (FileChannel channel = FileChannel.open(directory, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException unsupported) {
            // Some file systems cannot open a directory; the contents were flushed all the same.
            assert directory != null : unsupported;
        }
    }
}
