package longshoulder.core.frame;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.reckoning.Amount;

/**
 * Pieces that are glued up together, before or after others.
 *
 * @param name key of what it is called, such as {@code end-frame-left}
 * @param pieces that it adds; those of earlier assemblies that it joins are not named again
 * @param diagonal from corner to corner, to check that it is square; empty where there is none to measure
 */
public record Assembly(String name, List<String> pieces, Optional<Amount> diagonal) {
    /** What the last glue-up is called, in which all comes together. */
    private static final String WHOLE = "whole";

    public Assembly {
        pieces = List.copyOf(pieces);
    }

    /** With one piece more. */
    public Assembly with(String piece) {
        return new Assembly(name, Stream.concat(pieces.stream(), Stream.of(piece)).toList(), diagonal);
    }

    /**
     * Glue-ups with one piece more, which goes in when all comes together.
     *
     * @param all in their order
     */
    static List<Assembly> joining(List<Assembly> all, String piece) {
        Optional<Assembly> last = all.stream().filter(one -> all.size() == 1 || one.name().equals(WHOLE)).findFirst();
        Assembly joined = last.orElse(new Assembly(WHOLE, List.of(), Optional.empty())).with(piece);
        return last.isPresent()
                ? all.stream().map(one -> one.equals(last.get()) ? joined : one).toList()
                : Stream.concat(all.stream(), Stream.of(joined)).toList();
    }

    Assembly without(String piece) {
        return new Assembly(name, pieces.stream().filter(one -> !one.equals(piece)).toList(), diagonal);
    }
}
