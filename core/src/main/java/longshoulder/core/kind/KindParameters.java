package longshoulder.core.kind;

import static longshoulder.core.brief.Brief.COPIES;
import static longshoulder.core.brief.Brief.MORTISE_DEPTH;
import static longshoulder.core.brief.Brief.STEP;
import static longshoulder.core.brief.Brief.TENON_LENGTH;
import static longshoulder.core.brief.Brief.TENON_MEETING;
import static longshoulder.core.brief.Brief.TENON_THICKNESS;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.Optional;
import longshoulder.core.brief.Parameter;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;

/** What a kind asks for, being written down: lengths with round defaults in both units, ways, angles. */
final class KindParameters {

    private static final int SIXTEENTHS = 16;
    private static final int MOST_COPIES = 24;

    private final List<Parameter> all = new ArrayList<>();

    /**
     * A length.
     *
     * @param sixteenths the default in inches, in sixteenths of an inch
     */
    KindParameters length(String name, long millimetres, long sixteenths, long least, long greatest) {
        all.add(new Parameter.Measure(name, Optional.of(Length.ofMillimetres(millimetres)),
                Optional.of(Length.ofInches(sixteenths, SIXTEENTHS)), Length.ofMillimetres(least),
                Length.ofMillimetres(greatest)));
        return this;
    }

    /** A length that may be left to the rule. */
    KindParameters rule(String name, long least, long greatest) {
        all.add(new Parameter.Measure(name, Optional.empty(), Optional.empty(), Length.ofMillimetres(least),
                Length.ofMillimetres(greatest)));
        return this;
    }

    /** One of several ways, the first of which is the usual one. */
    KindParameters way(String name, String... options) {
        all.add(new Parameter.Choice(name, List.of(options)));
        return this;
    }

    /** An angle from plumb or square, in degrees. */
    KindParameters angle(String name, double usual, double greatest) {
        all.add(new Parameter.Turn(name, new Angle(usual), Angle.ZERO, new Angle(greatest)));
        return this;
    }

    /** The names of {@link #tenons}. */
    static final Set<String> OF_JOINTS = new KindParameters().tenons().all.stream().map(Parameter::name)
            .collect(Collectors.toUnmodifiableSet());

    /** What holds for all tenons of the piece. */
    KindParameters tenons() {
        return length(STEP, 1, 1, 0, 25).rule(TENON_LENGTH, 3, 300).rule(TENON_THICKNESS, 2, 100)
                .rule(MORTISE_DEPTH, 3, 300)
                .way(TENON_MEETING, "mitred", "shortened", "interlocked", "staggered", "full");
    }

    /** With how many are made as one job. */
    List<Parameter> list() {
        List<Parameter> list = new ArrayList<>(all);
        list.add(
                new Parameter.Choice(COPIES, IntStream.rangeClosed(1, MOST_COPIES).mapToObj(String::valueOf).toList()));
        return List.copyOf(list);
    }
}
