package longshoulder.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * What is otherwise in one plan than in another: old against new.
 *
 * @param figures that are new, gone or changed: lengths of pieces first, then those of joints
 * @param gone findings that are there no more
 * @param fresh findings that were not there before
 */
public record Changes(List<Figure> figures, List<Finding> gone, List<Finding> fresh) {

    public Changes {
        figures = List.copyOf(figures);
        gone = List.copyOf(gone);
        fresh = List.copyOf(fresh);
    }

    /**
     * One figure, old and new; one of them is missing where only one of the plans has it.
     *
     * @param about id of the piece or joint
     */
    public record Figure(String about, Label label, Optional<Length> before, Optional<Length> after) {}

    /** From one plan to another. */
    public static Changes between(Plan before, Plan after) {
        Map<List<Object>, Figure> figures = new LinkedHashMap<>();
        collect(before).forEach((key, amount) -> figures.put(key,
                new Figure((String) key.getFirst(), amount.label(), Optional.of(amount.value()), Optional.empty())));
        collect(after).forEach((key, amount) -> figures.merge(key,
                new Figure((String) key.getFirst(), amount.label(), Optional.empty(), Optional.of(amount.value())),
                (old, now) -> new Figure(old.about(), now.label(), old.before(), now.after())));
        return new Changes(figures.values().stream().filter(figure -> !figure.before().equals(figure.after())).toList(),
                without(before.findings(), after.findings()), without(after.findings(), before.findings()));
    }

    /** Every figure by whose it is and what it is. */
    private static Map<List<Object>, Amount> collect(Plan plan) {
        Map<List<Object>, Amount> all = new LinkedHashMap<>();
        for (PlannedPiece piece : plan.pieces()) {
            all.put(List.of(piece.id(), "length"), piece.length());
            piece.shoulderLength().ifPresent(length -> all.put(List.of(piece.id(), "shoulder"), length));
            all.put(List.of(piece.id(), "width"), piece.piece().width());
            all.put(List.of(piece.id(), "thickness"), piece.piece().thickness());
        }
        for (Joint joint : plan.joints()) {
            joint.figures().forEach((name, amount) -> all.put(List.of(joint.id(), name), amount));
        }
        return all;
    }

    private static List<Finding> without(List<Finding> these, List<Finding> those) {
        List<Finding> left = new ArrayList<>(these);
        left.removeIf(one -> those.stream()
                .anyMatch(other -> other.code().equals(one.code()) && other.message().equals(one.message())));
        return left;
    }
}
