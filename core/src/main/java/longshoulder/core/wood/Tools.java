package longshoulder.core.wood;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.measure.Length;

/**
 * The mortise chisels and cutters that the maker owns: a tenon is made as thick as one of them.
 *
 * @param chisels widths, ascending, no two the same, all positive
 */
public record Tools(List<Length> chisels) {

    /** A usual set in a shop that works in millimetres. */
    public static final Tools METRIC = new Tools(Stream.of(6, 8, 10, 12, 16, 20).map(Length::ofMillimetres).toList());

    /** A usual set in a shop that works in inches. */
    public static final Tools IMPERIAL = new Tools(
            Stream.of(4, 5, 6, 8, 10, 12).map(sixteenths -> Length.ofInches(sixteenths, 16)).toList());

    public Tools {
        chisels = chisels.stream().distinct().sorted().toList();
        for (Length chisel : chisels) {
            if (!chisel.isPositive()) {
                throw new IllegalArgumentException("A chisel (%s) must be wider than nothing.".formatted(chisel));
            }
        }
    }

    /** These and one more. */
    public Tools with(Length chisel) {
        return new Tools(Stream.concat(chisels.stream(), Stream.of(chisel)).toList());
    }

    /** These without one. */
    public Tools without(Length chisel) {
        return new Tools(chisels.stream().filter(owned -> !owned.equals(chisel)).toList());
    }

    /** The chisel that is nearest to a width, the narrower of two that are as near; empty if none is owned. */
    public Optional<Length> nearest(Length width) {
        return chisels.stream().min(Comparator.comparing(chisel -> chisel.minus(width).abs()));
    }

    /** Those between two widths, both included. */
    public Tools between(Length least, Length most) {
        return new Tools(chisels.stream().filter(chisel -> !chisel.isLessThan(least) && !chisel.isGreaterThan(most))
                .toList());
    }

    public boolean owns(Length chisel) {
        return chisels.contains(chisel);
    }
}
