package longshoulder.command;

import longshoulder.core.plan.WorkingRemedies;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Assembly;
import longshoulder.core.frame.Feature;
import longshoulder.core.measure.Length;
import longshoulder.core.finding.Remedy;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Tenon;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.Words;

/** A plan as plain text for a person. */
final class PlanText {

    private final Plan plan;
    private final PrintWriter out;
    private final Words words;

    PlanText(Plan plan, PrintWriter out) {
        this.plan = plan;
        this.out = out;
        this.words = Words.showing(plan.project().showing());
    }

    void plan() {
        if (!plan.project().title().isEmpty()) {
            out.println(plan.project().title());
            out.println();
        }
        int name = 2 + plan.pieces().stream().mapToInt(piece -> words.name(piece.id()).length()).max().orElse(16);
        String row = "%-5s%-" + Math.max(18, name) + "s%-12s%14s%14s%12s%12s%n";
        out.printf(row, "mark", "piece", "wood", "length", "shoulders", "width", "thickness");
        for (PlannedPiece piece : plan.pieces()) {
            out.printf(row, piece.piece().mark(), words.name(piece.id()),
                    words.wood(piece.wood()), size(piece.length()),
                    piece.shoulderLength().map(this::size).orElse("-"), size(piece.piece().width()),
                    size(piece.piece().thickness()));
        }
        bevels();
        features();
        out.println();
        plan.joints().forEach(this::joint);
        out.println();
        assemblies();
        findings();
    }

    /** A size; none where the sizes round it leave nothing. */
    private String size(Amount amount) {
        return amount.value().isPositive() ? words.length(amount.value()) : "-";
    }

    /** Bevels, saw settings, long and short points of pieces whose ends lean. */
    private void bevels() {
        Length run = plan.project().brief().length(HouseRules.FENCE_RUN);
        for (PlannedPiece piece : plan.pieces()) {
            List<String> sentences = Stream.of(piece.start(), piece.finish())
                    .flatMap(cut -> words.say(cut, run).stream()).distinct().toList();
            if (!sentences.isEmpty()) {
                out.println();
                out.println(words.name(piece.id()));
                sentences.forEach(sentence -> out.println("  " + sentence));
            }
        }
    }

    /** Tapers, curves and notches. */
    private void features() {
        for (PlannedPiece piece : plan.pieces()) {
            List<Feature> features = plan.frame().featuresOf(piece.id());
            if (!features.isEmpty()) {
                out.println();
                out.println(words.name(piece.id()));
                features.forEach(feature -> out.println("  " + words.say(feature)));
            }
        }
    }

    /** What is glued up, in order, with the diagonals to check. */
    private void assemblies() {
        List<Assembly> assemblies = plan.frame().assemblies();
        for (int i = 0; i < assemblies.size(); i++) {
            out.println(words.say(assemblies.get(i), i + 1));
        }
        if (!assemblies.isEmpty()) {
            out.println();
        }
    }

    private void joint(Joint joint) {
        // What is not there, such as a notch for no runner, is not said.
        List<String> all = new ArrayList<>(joint.figures().values().stream()
                .filter(amount -> !amount.value().equals(Length.ZERO))
                .map(amount -> words.say(amount.label()) + " " + words.length(amount.value())).toList());
        joint.tenons().stream().limit(1).forEach(tenon -> {
            if (tenon.ends() == Tenon.Ends.ROUND) {
                all.add(words.say(Label.of("plan.roundEnds", tenon.thickness().value().times(1, 2))));
            }
            all.add(words.say(Label.of("plan.end." + joint.meeting().postEndFacing().id(),
                    joint.meeting().mortisePiece().id())));
        });
        out.printf("%s: %s%s%n", words.name(joint.id()), words.text("joint." + joint.type()),
                all.isEmpty() ? "" : "; " + String.join(", ", all));
    }

    void findings() {
        if (plan.findings().isEmpty()) {
            out.println("Nothing found against it.");
        }
        for (Finding finding : plan.findings()) {
            out.printf("%s [%s] %s.%n", words.text("level." + finding.level().name().toLowerCase(java.util.Locale.ROOT))
                    .toUpperCase(java.util.Locale.ROOT), finding.code(), words.say(finding));
            for (Remedy remedy : WorkingRemedies.of(plan, finding)) {
                out.println("    remedy: " + words.say(remedy.label()));
            }
        }
    }

    /** The reckoning of every figure of a piece. */
    void why(PlannedPiece piece) {
        out.println(words.name(piece.id()) + " (" + piece.piece().mark() + ")");
        Length run = plan.project().brief().length(HouseRules.FENCE_RUN);
        words.say(piece.start(), run).forEach(line -> out.println("  first end: " + line));
        words.say(piece.finish(), run).forEach(line -> out.println("  other end: " + line));
        tell(piece.length(), 1, 1);
        tell(piece.piece().width(), 1, 1);
        tell(piece.piece().thickness(), 1, 1);
        List<Joint> joints = piece.joints().isEmpty() ? plan.mortisesIn(piece.id()) : piece.joints();
        for (Joint joint : joints) {
            out.println(words.name(joint.id()));
            joint.figures().values().forEach(amount -> tell(amount, 1, 1));
        }
    }

    private void tell(Amount amount, int times, int depth) {
        String sign = times < 0 ? "− " : depth == 1 ? "" : "  ";
        String factor = Math.abs(times) > 1 ? Math.abs(times) + " × " : "";
        String because = amount.rule().map(rule -> "  [" + words.say(rule) + "]").orElse("");
        out.println("  ".repeat(depth) + sign + factor + words.say(amount.label()) + " = "
                + words.length(amount.value()) + because);
        amount.terms().forEach(term -> tell(term.amount(), term.times(), depth + 1));
    }
}
