package longshoulder.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import longshoulder.files.LabelPrinter;
import longshoulder.files.SimulatedLabelPrinter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** {@code label-printer --folder DIR}: a printer of labels that shows and saves what it would print. */
@Command(name = "label-printer", mixinStandardHelpOptions = true, description = {
        "Stands in for a printer of labels: shows what it would print and saves each label as a PDF.",
        "It listens on this machine alone and runs until it is stopped with Ctrl+C."})
final class LabelPrinterCommand implements Callable<Integer> {

    @Option(names = "--folder", paramLabel = "DIR", description = "Where labels are saved; \"labels\" unless given.")
    private Path folder = Path.of("labels");

    @Option(names = "--port", paramLabel = "PORT", description = "Where it listens; ${DEFAULT-VALUE} unless given.")
    private int port = LabelPrinter.PORT;

    @Option(names = "--stop-after", paramLabel = "N", description = "Ends after so many labels.")
    private int last;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private CommandSpec command;

    @Override
    public Integer call() throws IOException, InterruptedException {
        PrintWriter out = command.commandLine().getOut();
        CountDownLatch left = new CountDownLatch(last > 0 ? last : Integer.MAX_VALUE);
        try (SimulatedLabelPrinter printer = new SimulatedLabelPrinter(port, folder, (file, texts) -> {
            out.println(file + ": " + String.join(" | ", texts));
            out.flush();
            left.countDown();
        })) {
            out.println("Listening on port " + printer.port() + ".");
            out.flush();
            left.await();
        }
        return Main.FINE;
    }
}
