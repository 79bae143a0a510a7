package longshoulder.core.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** All pieces with two shoulders, those together whose shoulder lengths must agree. */
public final class Spans {

    private Spans() {}

    /** In the order of the papers; a piece whose length need agree with no other stands alone. */
    public static List<List<PlannedPiece>> of(Plan plan) {
        List<List<PlannedPiece>> all = new ArrayList<>();
        Set<String> told = new HashSet<>();
        for (PlannedPiece piece : plan.pieces()) {
            if (piece.shoulderLength().isPresent() && told.add(piece.id())) {
                List<PlannedPiece> together = new ArrayList<>(List.of(piece));
                span(plan, piece.id()).stream().flatMap(List::stream).filter(plan::has).map(plan::piece)
                        .filter(other -> other.shoulderLength().isPresent() && told.add(other.id()))
                        .forEach(together::add);
                all.add(together);
            }
        }
        return all;
    }

    private static Optional<List<String>> span(Plan plan, String piece) {
        return plan.frame().spans().stream().filter(span -> span.contains(piece)).findFirst();
    }
}
