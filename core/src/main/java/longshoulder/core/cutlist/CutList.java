package longshoulder.core.cutlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.cutlist.CutLine.Size;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Congruence;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.wood.Species;

/**
 * Finished and rough sizes, a line for pieces that are truly the same; mirror images stand apart and name each other.
 */
public record CutList(List<CutLine> lines) {

    public CutList {
        lines = List.copyOf(lines);
    }

    /**
     * The cut list of a plan. Sameness is found from the solids, never from names. Pieces of which the sizes round them leave nothing are
     * no part of it; a finding tells of them.
     */
    public static CutList of(Plan plan) {
        List<List<PlannedPiece>> groups = new ArrayList<>();
        for (PlannedPiece piece : plan.pieces().stream().filter(one -> one.piece().isReal()).toList()) {
            groups.stream().filter(group -> compare(group.getFirst(), piece) == Congruence.SAME).findFirst()
                    .orElseGet(() -> {
                        List<PlannedPiece> fresh = new ArrayList<>();
                        groups.add(fresh);
                        return fresh;
                    }).add(piece);
        }
        List<CutLine> lines = new ArrayList<>();
        for (int i = 0; i < groups.size(); i++) {
            PlannedPiece first = groups.get(i).getFirst();
            boolean bought = isBoughtReady(plan, first);
            lines.add(line(i + 1, groups.get(i), bought ? finished(first) : new RoughSizes(plan.project()).of(first),
                    bought,
                    mirrorOf(groups, i)));
        }
        return new CutList(lines);
    }

    private static Congruence compare(PlannedPiece a, PlannedPiece b) {
        boolean alike = a.wood().equals(b.wood()) && a.piece().role() == b.piece().role()
                && finished(a).equalTo(finished(b));
        return alike ? Congruence.of(a.outline(), b.outline()) : Congruence.DIFFERENT;
    }

    private static Optional<Integer> mirrorOf(List<List<PlannedPiece>> groups, int index) {
        for (int other = 0; other < groups.size(); other++) {
            if (other != index && compare(groups.get(index).getFirst(),
                    groups.get(other).getFirst()) == Congruence.MIRRORED) {
                return Optional.of(other + 1);
            }
        }
        return Optional.empty();
    }

    private static CutLine line(int number, List<PlannedPiece> group, Size rough, boolean bought,
            Optional<Integer> mirrorOf) {
        PlannedPiece first = group.getFirst();
        return new CutLine(number, group.stream().map(PlannedPiece::id).toList(),
                group.stream().map(piece -> piece.piece().mark()).toList(), first.piece().role(), first.wood(),
                finished(first), first.cutTo(), rough, bought, mirrorOf);
    }

    static Size finished(PlannedPiece piece) {
        return new Size(piece.length(), piece.piece().width(), piece.piece().thickness());
    }

    /** Glass and sheets are ordered or cut to their size. */
    private static boolean isBoughtReady(Plan plan, PlannedPiece piece) {
        return piece.piece().role() == Role.GLASS || plan.project().species(piece.piece().role().id())
                .filter(wood -> wood.has(Species.Trait.SHEET)).isPresent();
    }
}
