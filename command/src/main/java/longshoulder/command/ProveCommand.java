package longshoulder.command;

import java.util.Locale;
import java.util.concurrent.Callable;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.plan.BothWays;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code prove FILE PIECE}: says whether what was measured on an angled piece agrees, and which measure is the odd one out. */
@Command(name = "prove", mixinStandardHelpOptions = true, description = "Proves an angled piece both ways from what was measured on it.")
final class ProveCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Parameters(index = "1", paramLabel = "PIECE", description = "Its id or mark.")
    private String piece = "";

    @Option(names = "--short", required = true, paramLabel = "LENGTH", description = "Tip to tip along the shorter edge.")
    private String shortEdge = "";

    @Option(names = "--long", required = true, paramLabel = "LENGTH", description = "Tip to tip along the longer edge.")
    private String longEdge = "";

    @Option(names = "--angle", required = true, paramLabel = "DEGREES", description = "The angle from square that the bevel shows.")
    private String angle = "";

    @Override
    public Integer call() throws BadFile {
        Plan plan = designs.plan();
        PlannedPiece measured = designs.piece(plan, piece);
        if (measured.start().isSquare()) {
            throw new Refusal("%s has square ends; there is no angle to prove.".formatted(measured.id()));
        }
        BothWays proof = BothWays.of(measured.start(), measured.piece().width().value(), length(plan, shortEdge),
                length(plan, longEdge), Angle.read(angle));
        Words words = Words.showing(plan.project().showing());
        designs.out().printf(Locale.ROOT, "The two edges give %.2f\u00b0, the plan asks for %.2f\u00b0.%n",
                proof.fromEdges().degrees(), Math.abs(measured.start().faceAngle()));
        words.say(proof).forEach(designs.out()::println);
        designs.out().flush();
        return proof.isRight() ? Main.FINE : Main.STOPPED;
    }

    private static Length length(Plan plan, String text) {
        try {
            return LengthEntry.read(text, plan.project().showing().unit());
        } catch (EntryException refused) {
            throw new Refusal(refused.getMessage());
        }
    }
}
