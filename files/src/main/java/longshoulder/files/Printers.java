package longshoulder.files;

import java.io.IOException;
import java.util.List;

/** The printers of a machine. */
public interface Printers {

    /** A machine without any. */
    Printers NONE = new Printers() {
        @Override
        public List<String> names() {
            return List.of();
        }

        @Override
        public void print(String printer, byte[] pdf, int from, int to) throws IOException {
            throw new IOException("There is no printer (%s).".formatted(printer));
        }
    };

    /** Their names, the usual one first; empty where there is none. */
    List<String> names();

    /**
     * Prints pages of a PDF at true size; returns when they were handed over.
     *
     * @param from the first page, from 0
     * @param to the last page
     * @throws IOException if the printer does not take them
     */
    void print(String printer, byte[] pdf, int from, int to) throws IOException;
}
