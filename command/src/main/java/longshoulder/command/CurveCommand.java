package longshoulder.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import longshoulder.core.frame.Arc;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Unit;
import longshoulder.core.drawing.CurveDrawing;
import longshoulder.files.DrawingFile;
import longshoulder.files.SvgPen;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/**
 * {@code curve --chord W --radius R}: sagitta, offsets at stations and a full-size template of a curved edge. What was measured on
 * a piece that sprang back, its rise or its offsets, stands in the place of the radius.
 */
@Command(name = "curve", mixinStandardHelpOptions = true, description = "Sagitta, offsets and template of a curved edge, from its radius or from what was measured.")
final class CurveCommand implements Callable<Integer> {

    /** One of the three ways to say how a curve runs. */
    static final class Given {
        @Option(names = "--radius", required = true, paramLabel = "LENGTH", description = "As drawn.")
        private @Nullable String radius;

        @Option(names = "--rise", required = true, paramLabel = "LENGTH", description = "Measured over the middle of the chord.")
        private @Nullable String rise;

        @Option(names = "--offsets", required = true, split = ",", paramLabel = "LENGTH", description = "Measured over the chord at even stations, without the ends.")
        private @Nullable List<String> offsets;
    }

    @Spec
    @SuppressWarnings("NullAway.Init") // set by the library
    private CommandSpec spec;

    @Option(names = "--chord", required = true, paramLabel = "LENGTH", description = "The width over which the edge is curved.")
    private String chord = "";

    @ArgGroup(multiplicity = "1")
    private Given given = new Given();

    @Option(names = "--inches", description = "What is typed without a unit is in inches, and sizes are shown in inches.")
    private boolean inches;

    @Option(names = "--stations", defaultValue = "8", paramLabel = "N", description = "Into how many the chord is divided: 2 to 100, usually ${DEFAULT-VALUE}.")
    private int stations;

    @Option(names = "--svg", paramLabel = "FILE", description = "Writes the template at full size.")
    private @Nullable Path svg;

    @Override
    public Integer call() throws IOException {
        if (stations < 2 || stations > 100) {
            throw new Refusal("The stations must be 2 to 100, not %d.".formatted(stations));
        }
        Arc arc = arc();
        var out = spec.commandLine().getOut();
        out.printf("radius %s, chord %s, sagitta %s%n", shown(arc.radius()), shown(arc.chord()), shown(arc.sagitta()));
        List<Double> offsets = arc.offsets(stations);
        for (int i = 0; i <= stations; i++) {
            out.printf("  at %12s: %11s%n", shown(arc.chord() * i / stations), shown(offsets.get(i)));
        }
        if (given.offsets != null) {
            out.printf("What was measured leaves this arc by %s at most.%n",
                    shown(arc.farthest(millimetres(given.offsets))));
        }
        if (svg != null) {
            DrawingFile.write(svg, SvgPen.toBytes(new CurveDrawing(arc, stations).atScale(1)));
            out.println(svg);
        }
        out.flush();
        return Main.FINE;
    }

    private Arc arc() {
        double over = millimetres(chord);
        Arc arc;
        if (given.radius != null) {
            arc = new Arc(millimetres(given.radius), over);
        } else if (given.rise != null) {
            double rise = millimetres(given.rise);
            if (rise > over / 2) {
                throw new Refusal(
                        "A curve that rises %s over a chord of %s is more than half a circle; the rise is at most half the chord."
                                .formatted(shown(rise), shown(over)));
            }
            arc = Arc.ofRise(over, rise);
        } else {
            arc = Arc.ofOffsets(over, millimetres(given.offsets == null ? List.of() : given.offsets));
        }
        if (!arc.isPossible()) {
            throw new Refusal("A chord of %s needs a radius of at least half of it, not %s.".formatted(shown(over),
                    shown(arc.radius())));
        }
        return arc;
    }

    /** As the chord was typed: in thousandths of a millimetre or ten-thousandths of an inch. */
    private String shown(double millimetres) {
        return inches || chord.matches(".*(\"|in\\b).*")
                ? String.format(Locale.ROOT, "%.4f in", millimetres / 25.4)
                : String.format(Locale.ROOT, "%.3f mm", millimetres);
    }

    private List<Double> millimetres(List<String> texts) {
        List<Double> lengths = new ArrayList<>();
        texts.forEach(text -> lengths.add(millimetres(text)));
        return lengths;
    }

    private double millimetres(String text) {
        try {
            double length = LengthEntry.read(text, inches ? Unit.INCH : Unit.MILLIMETRE).toMillimetres();
            if (length <= 0) {
                throw new Refusal("\"%s\" is not a size; it must be more than nothing.".formatted(text));
            }
            return length;
        } catch (EntryException refused) {
            throw new Refusal(refused.getMessage());
        }
    }
}
