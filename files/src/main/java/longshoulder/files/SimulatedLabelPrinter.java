package longshoulder.files;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiConsumer;

/**
 * Stands in for a printer of labels on this machine: it takes what {@link LabelPrinter} sends over a local socket, shows each label and saves it
 * as a PDF of its own.
 */
public final class SimulatedLabelPrinter implements AutoCloseable {

    private static final int SILENCE = 60_000;

    private final ServerSocket server;
    private final Path folder;
    private final BiConsumer<Path, List<String>> shown;
    private final AtomicInteger printed = new AtomicInteger();

    /**
     * Begins to listen.
     *
     * @param port 0 for any that is free
     * @param folder where labels are saved
     * @param shown is told the file of each label and its texts
     */
    public SimulatedLabelPrinter(int port, Path folder, BiConsumer<Path, List<String>> shown) throws IOException {
        this.folder = Files.createDirectories(folder);
        this.shown = shown;
        server = new ServerSocket(port, 4, InetAddress.getLoopbackAddress());
        Thread.ofPlatform().daemon().name("label printer").start(this::serve);
    }

    /** Where it listens. */
    public int port() {
        return server.getLocalPort();
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket socket = server.accept()) {
                socket.setSoTimeout(SILENCE);
                serve(new BufferedInputStream(socket.getInputStream()), socket.getOutputStream());
            } catch (IOException | UncheckedIOException gone) {
                // Whoever printed hung up: the next one is waited for.
            }
        }
    }

    private void serve(InputStream in, OutputStream out) throws IOException {
        LabelScript script = new LabelScript();
        for (Optional<String> line = line(in); line.isPresent(); line = line(in)) {
            try {
                Optional<LabelScript.Read> label = script.take(line.get());
                if (label.isPresent()) {
                    answer(out, "OK " + save(label.get()));
                }
            } catch (LabelScript.Refused refused) {
                answer(out, "ERROR " + refused.getMessage());
            }
        }
    }

    /** A line that is too long is cut off, so that nobody can fill the memory. */
    private static Optional<String> line(InputStream in) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        int next = in.read();
        if (next < 0) {
            return Optional.empty();
        }
        while (next >= 0 && next != '\n') {
            if (next != '\r' && bytes.size() <= 4 * LabelScript.LONGEST_LINE) {
                bytes.write(next);
            }
            next = in.read();
        }
        return Optional.of(bytes.toString(StandardCharsets.UTF_8));
    }

    private static void answer(OutputStream out, String text) throws IOException {
        out.write((text + "\n").getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    private int save(LabelScript.Read label) throws IOException {
        int number = printed.incrementAndGet();
        Path file = folder.resolve("label-%03d.pdf".formatted(number));
        DrawingFile.write(file, PdfPen.toBytes(String.join(" ", label.texts()), List.of(label.page())));
        shown.accept(file, label.texts());
        return number;
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
