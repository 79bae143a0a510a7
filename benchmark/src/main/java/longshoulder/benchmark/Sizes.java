package longshoulder.benchmark;

import java.util.Set;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;

/** The overall size of a design that benchmarks edit, on which most of it hangs. */
final class Sizes {

    private static final Set<String> OVERALL = Set.of("overall.length", "overall.width", "size.width", "beam.length",
            "pot.diameter");

    private static final int ROUND = 50;

    private final String name;
    private final Length length;
    private long edits = 1;

    /** A frame of one's own has no overall size: the length of its tenons is edited. */
    Sizes(Project project) {
        name = project.brief().values().keySet().stream().filter(OVERALL::contains).findFirst()
                .orElse(Brief.TENON_LENGTH);
        length = project.brief().measure(name).map(Amount::value).orElse(Length.ofMillimetres(25));
    }

    /**
     * To a size that the design never had, so that nothing is merely remembered, and that is another in every figure shown: a millimetre
     * more each time, and after fifty of them back to a micrometre more than where it began.
     */
    Edit next() {
        Length more = Length.ofMicrometres(1000 * (edits % ROUND) + edits / ROUND);
        edits++;
        return new Edit.Give(name, new Value.Measured(length.plus(more)));
    }
}
