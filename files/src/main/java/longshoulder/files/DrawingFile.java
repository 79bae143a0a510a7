package longshoulder.files;

import java.io.IOException;
import java.nio.file.Path;

/** Writes files that are made anew from a design at any time, such as drawings: whole, or not at all. */
public final class DrawingFile {

    private DrawingFile() {}

    /** Writes a file in the place of what was there before. */
    public static void write(Path file, byte[] contents) throws IOException {
        AtomicFile.writeNew(file, contents);
    }
}
