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
import longshoulder.files.LabelsPdf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code labels FILE --pdf OUT}: a label for each piece, on sheets of labels. */
@Command(name = "labels", mixinStandardHelpOptions = true, description = "Writes a label for each piece: mark, name, sizes and a code that a phone can read.")
final class LabelsCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Option(names = "--pdf", required = true, paramLabel = "OUT", description = "Where to write the PDF.")
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private Path pdf;

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
        DrawingFile.write(pdf, LabelsPdf.toBytes(plan.project().title(), all, labels));
        designs.out().println(pdf);
        designs.out().flush();
        return Designs.code(plan);
    }
}
