package longshoulder.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.papers.PieceLabel;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The simulated printer of labels: what is sent to it is what it shows and saves. */
class LabelPrinterTest {

    @TempDir
    Path folder;
    private final List<List<String>> shown = new CopyOnWriteArrayList<>();

    private SimulatedLabelPrinter printer() throws IOException {
        return new SimulatedLabelPrinter(0, folder, (file, texts) -> shown.add(texts));
    }

    private static List<PieceLabel> labels() {
        Project project = Project.ofKind(Kinds.find("table").orElseThrow(), "", Showing.TENTH_MILLIMETRES);
        return PieceLabel.of(Planner.plan(project), Words.showing(project.showing()));
    }

    @Test
    void everyLabel_isShownAndSaved() throws IOException {
        List<PieceLabel> labels = labels();
        try (SimulatedLabelPrinter printer = printer()) {
            LabelPrinter.print(labels, printer.port());
        }
        assertThat(shown).hasSameSizeAs(labels);
        for (int i = 0; i < labels.size(); i++) {
            PieceLabel label = labels.get(i);
            assertThat(shown.get(i)).containsExactly(label.mark(), label.name(), label.sizes(), label.line(),
                    label.face());
            assertThat(Files.readAllBytes(folder.resolve("label-%03d.pdf".formatted(i + 1))))
                    .startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
        }
    }

    /** Nonsense is refused with a reason, and the next label is printed all the same. */
    @Test
    void nonsense_isRefused() throws IOException {
        try (SimulatedLabelPrinter printer = printer()) {
            for (String line : List.of("TEXT 1 1 1 bold x", "LABEL 0 10", "LABEL 62 9999", "HELLO",
                    "LABEL 62 29\nTEXT 1 1 x", "x".repeat(100_000))) {
                assertThat(answer(printer, line)).as(line.substring(0, Math.min(20, line.length())))
                        .startsWith("ERROR ");
            }
            assertThat(answer(printer, "LABEL 62 29\nTEXT 1 5 4 bold A1\nPRINT")).isEqualTo("OK 1");
        }
        assertThat(shown).containsExactly(List.of("A1"));
    }

    private static String answer(SimulatedLabelPrinter printer, String lines) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), printer.port())) {
            socket.getOutputStream().write((lines + "\n").getBytes(StandardCharsets.UTF_8));
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))
                    .readLine();
        }
    }

    @Test
    void noPrinter_isTold() throws IOException {
        int port;
        try (SimulatedLabelPrinter printer = printer()) {
            port = printer.port();
        }
        assertThatThrownBy(() -> LabelPrinter.print(labels(), port)).isInstanceOf(IOException.class);
    }
}
