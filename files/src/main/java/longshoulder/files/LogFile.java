package longshoulder.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/** A small log in the program's own folder: what went wrong, for whoever has to find out why. The oldest lines make room for new ones. */
public final class LogFile {

    private static final int LARGEST = 256 * 1024;
    private static final int FILES = 2;
    /** Kept, since the system lets go of loggers that nobody holds. */
    private static final Logger ROOT = Logger.getLogger("longshoulder");

    private LogFile() {}

    /** From now on what the program logs goes there; nowhere if the folder cannot be written. */
    public static void begin(Path folder) {
        try {
            Files.createDirectories(folder);
            FileHandler handler = new FileHandler(folder.resolve("log.%g.txt").toString().replace('\\', '/'), LARGEST,
                    FILES, true);
            handler.setFormatter(new SimpleFormatter());
            ROOT.addHandler(handler);
        } catch (IOException unwritable) {
            ROOT.log(Level.WARNING, "The log cannot be written.", unwritable);
        }
    }
}
