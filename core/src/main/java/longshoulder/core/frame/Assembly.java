package longshoulder.core.frame;

import java.util.List;
import java.util.Optional;
import longshoulder.core.reckoning.Amount;

/**
 * Pieces that are glued up together, before or after others.
 *
 * @param name key of what it is called, such as {@code end-frame-left}
 * @param pieces that it adds; those of earlier assemblies that it joins are not named again
 * @param diagonal from corner to corner, to check that it is square; empty where there is none to measure
 */
public record Assembly(String name, List<String> pieces, Optional<Amount> diagonal) {
    public Assembly {
        pieces = List.copyOf(pieces);
    }

    Assembly without(String piece) {
        return new Assembly(name, pieces.stream().filter(one -> !one.equals(piece)).toList(), diagonal);
    }
}
