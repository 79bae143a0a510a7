package longshoulder.files;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import longshoulder.core.papers.PieceLabel;

/**
 * Sends labels to a printer on this machine as lines of text in UTF-8, lengths in millimetres from the label's upper left corner.
 *
 * <pre>
 * LABEL width height
 * TEXT x y height bold|plain text
 * CODE x y side text
 * PRINT
 * </pre>
 *
 * The printer answers each PRINT with {@code OK} and the number of labels so far, and anything wrong with {@code ERROR} and a reason.
 */
public final class LabelPrinter {

    /** Where a printer listens unless another port is given. */
    public static final int PORT = 9321;

    private static final int PATIENCE = 5_000;

    private LabelPrinter() {}

    /**
     * Prints labels one after the other.
     *
     * @throws IOException if no printer answers, or it refuses a label
     */
    public static void print(List<PieceLabel> labels, int port) throws IOException {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE);
            socket.setSoTimeout(PATIENCE);
            Writer out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8);
            BufferedReader in = new BufferedReader(
                    new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            for (PieceLabel label : labels) {
                for (String line : LabelScript.lines(label)) {
                    out.write(line + "\n");
                }
                out.flush();
                String answer = in.readLine();
                if (answer == null || !answer.startsWith("OK")) {
                    throw new IOException(answer == null ? "the printer hung up" : answer);
                }
            }
        }
    }
}
