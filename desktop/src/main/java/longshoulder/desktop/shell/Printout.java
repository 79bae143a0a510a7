package longshoulder.desktop.shell;

import java.util.Optional;
import java.util.function.DoubleConsumer;
import longshoulder.core.drawing.Paper;

/**
 * Something to be printed.
 *
 * @param name for the file that it may be saved as
 * @param hasScale whether its scale can be chosen
 */
record Printout(String name, boolean hasScale, Maker maker) {

    /** Makes the PDF. */
    @FunctionalInterface
    interface Maker {

        /**
         * Makes it; empty if it has no room on the paper at the scale. Runs in the background.
         *
         * @param scale 0 for as large as it can be
         * @param progress is told how much is done, from 0 to 1
         */
        Optional<byte[]> make(Paper paper, double scale, DoubleConsumer progress);
    }
}
