package longshoulder.command;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.concurrent.Callable;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.DrawingFile;
import longshoulder.files.ShopPaperPdf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code papers FILE --pdf OUT}: what a maker takes to the bench. */
@Command(name = "papers", mixinStandardHelpOptions = true, description = "Writes the shop paper: cover, cut list with boxes to tick, views, joints, angles and rods.")
final class PapersCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Option(names = "--pdf", required = true, paramLabel = "OUT", description = "Where to write the PDF.")
    @SuppressWarnings("NullAway.Init") // picocli fills it in
    private Path pdf;

    @Option(names = "--seconds", paramLabel = "N", description = "How long boards are looked for at most: 5 unless given.")
    private double seconds = ShopPaperPdf.USUAL_SECONDS;

    @Option(names = "--paper", defaultValue = "a4", paramLabel = "PAPER", description = "a4 or letter; usually ${DEFAULT-VALUE}.")
    private String paper = "a4";

    @Option(names = "--date", paramLabel = "2026-12-01", description = "The date on every page; usually today.")
    private Optional<String> date = Optional.empty();

    @Override
    public Integer call() throws BadFile, IOException {
        Plan plan = designs.plan();
        DrawingFile.write(pdf,
                ShopPaperPdf.toBytes(plan, Words.showing(plan.project().showing()), PaperOption.read(paper),
                        day().toString(), seconds, done -> {}));
        designs.out().println(pdf);
        designs.out().flush();
        return Designs.code(plan);
    }

    private LocalDate day() {
        try {
            return date.map(LocalDate::parse).orElseGet(() -> LocalDate.now(ZoneId.systemDefault()));
        } catch (DateTimeParseException bad) {
            throw new Refusal("\"%s\" is not a date; write it as 2026-12-01.".formatted(date.orElse("")));
        }
    }
}
