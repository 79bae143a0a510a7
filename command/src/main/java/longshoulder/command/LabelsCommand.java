package longshoulder.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import longshoulder.core.papers.LabelSheet;
import longshoulder.core.papers.PieceLabel;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.DrawingFile;
import longshoulder.files.LabelPrinter;
import longshoulder.files.LabelsPdf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** {@code labels FILE --pdf OUT}: a label for each piece, on sheets of labels. */
@Command(name = "labels", mixinStandardHelpOptions = true, description = "Writes a label for each piece: mark, name, sizes and a code that a phone can read.")
final class LabelsCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Option(names = "--pdf", paramLabel = "OUT", description = "Writes them as PDF.")
    private @Nullable Path pdf;

    @Option(names = "--printer", paramLabel = "PORT", arity = "0..1", fallbackValue = "9321", description = "Prints them on a printer of labels that listens on this machine, such as that of \"label-printer\"; on port ${FALLBACK-VALUE} unless given.")
    private int printer;

    @Option(names = "--sheet", paramLabel = "SHEET", description = "a4-70x37 (usually), a4-99x38 or letter-67x25, by the size of a label in millimetres.")
    private String sheet = LabelSheet.A4_70X37.id();

    @Override
    public Integer call() throws BadFile, IOException {
        LabelSheet labels = LabelSheet.find(sheet)
                .orElseThrow(() -> new Refusal("There is no sheet \"%s\"; there are %s."
                        .formatted(sheet,
                                String.join(", ", Arrays.stream(LabelSheet.values()).map(LabelSheet::id).toList()))));
        Plan plan = designs.plan();
        List<PieceLabel> all = PieceLabel.of(plan, Words.showing(plan.project().showing()));
        if (pdf == null && printer == 0) {
            throw new Refusal("Say where the labels go: --pdf OUT or --printer.");
        }
        if (pdf != null) {
            DrawingFile.write(pdf, LabelsPdf.toBytes(plan.project().title(), all, labels));
            designs.out().println(pdf);
        }
        if (printer > 0) {
            print(all);
        }
        designs.out().flush();
        return Designs.code(plan);
    }

    private void print(List<PieceLabel> labels) {
        try {
            LabelPrinter.print(labels, printer);
            designs.out().println("%d labels are printed.".formatted(labels.size()));
        } catch (IOException failed) {
            throw new Refusal("The printer of labels on port %d does not print: %s; is it on?".formatted(printer,
                    failed.getMessage()));
        }
    }
}
