package longshoulder.core.kind;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;

/**
 * Which parameters of a kind change nothing as its brief stands, such as the sizes of a stretcher where there is none. It is found by trying: a
 * parameter is idle if no other value of it, near or far, makes another frame.
 */
public final class IdleParameters {

    /** What a frame is made of, without how its figures came about. */
    private record Made(List<List<Object>> pieces, Map<String, Value> usual, Map<String, Integer> shapings,
            int clearances) {

        static Made of(Frame frame) {
            Map<String, Integer> shapings = new TreeMap<>();
            frame.shapings().forEach((piece, cut) -> shapings.put(piece, cut.hashCode()));
            return new Made(frame.pieces().stream().map(Made::sizes).toList(), frame.usual(), shapings,
                    frame.clearances().size());
        }

        private static List<Object> sizes(Piece piece) {
            return List.of(piece.id(), piece.role(), piece.length().value(), piece.width().value(),
                    piece.thickness().value(), piece.pose(), piece.shape());
        }
    }

    /** How choices of which sizes are given end. */
    private static final String GIVEN = ".given";

    private IdleParameters() {}

    /**
     * Their names. Never among them are parameters of joints, which no frame tells of, and choices of which sizes are given: they
     * bring others in that may be nothing yet.
     */
    public static Set<String> of(Kind kind, Brief brief) {
        Made made = Made.of(kind.frame(brief));
        Set<String> idle = new HashSet<>();
        for (Parameter parameter : kind.parameters()) {
            if (!Kinds.isOfJoints(parameter) && !parameter.name().equals(Brief.COPIES)
                    && !parameter.name().endsWith(GIVEN)
                    && others(parameter, brief).allMatch(value -> isSame(kind, brief, parameter, value, made))) {
                idle.add(parameter.name());
            }
        }
        return idle;
    }

    private static boolean isSame(Kind kind, Brief brief, Parameter parameter, Value value, Made made) {
        return Made.of(kind.frame(brief.with(parameter.name(), value))).equals(made);
    }

    /** Other values than the one that stands. */
    private static Stream<Value> others(Parameter parameter, Brief brief) {
        return switch (parameter) {
            case Parameter.Choice choice -> {
                String now = brief.choice(choice.name()).orElse(choice.options().getFirst());
                yield choice.options().stream().filter(option -> !option.equals(now)).map(Value.Chosen::new);
            }
            case Parameter.Turn turn -> Stream.of(turn.least(), turn.greatest(),
                    new Angle((turn.least().degrees() + turn.greatest().degrees()) / 2)).map(Value.Turned::new);
            case Parameter.Proportion part -> Stream.of(part.least(), part.greatest()).map(Value.Proportioned::new);
            case Parameter.Measure measure -> lengths(measure, brief).stream().map(Value.Measured::new);
        };
    }

    private static List<Length> lengths(Parameter.Measure measure, Brief brief) {
        List<Length> lengths = new ArrayList<>(List.of(measure.least(), measure.greatest()));
        brief.measure(measure.name()).map(amount -> amount.value().plus(Length.ofMillimetres(1)))
                .filter(near -> !near.isGreaterThan(measure.greatest())).ifPresent(lengths::add);
        return lengths;
    }
}
