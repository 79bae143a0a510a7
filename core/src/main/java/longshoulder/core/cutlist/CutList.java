package longshoulder.core.cutlist;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import longshoulder.core.brief.Address;
import longshoulder.core.cutlist.CutLine.Kind;
import longshoulder.core.cutlist.CutLine.Size;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Congruence;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.project.Noted;
import longshoulder.core.project.Project;
import longshoulder.core.wood.Species;

/**
 * All parts that must be made or bought, with finished and rough sizes: a line for parts that are truly the same; mirror images stand apart
 * and name each other. First the pieces, then the small parts of joints.
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
        RoughSizes rough = new RoughSizes(plan.project());
        List<List<PlannedPiece>> groups = new ArrayList<>();
        for (PlannedPiece piece : plan.pieces().stream().filter(one -> one.piece().isReal()).toList()) {
            groups.stream().filter(group -> compare(group.getFirst(), piece) == Congruence.SAME
                    && rough.areAlike(group.getFirst(), piece)).findFirst()
                    .orElseGet(() -> {
                        List<PlannedPiece> fresh = new ArrayList<>();
                        groups.add(fresh);
                        return fresh;
                    }).add(piece);
        }
        List<CutLine> lines = new ArrayList<>();
        for (int i = 0; i < groups.size(); i++) {
            lines.add(line(i + 1, plan.project(), groups.get(i), mirrorOf(groups, i)));
        }
        lines.addAll(new SmallParts(plan).lines(lines.size() + 1));
        return new CutList(numbered(lines, plan.project()));
    }

    private static Congruence compare(PlannedPiece a, PlannedPiece b) {
        boolean alike = a.wood().equals(b.wood()) && a.piece().role() == b.piece().role()
                && finished(a).equalTo(finished(b));
        return alike ? Congruence.of(a.outline(), b.outline()) : Congruence.DIFFERENT;
    }

    private static Optional<Integer> mirrorOf(List<List<PlannedPiece>> groups, int index) {
        return IntStream.range(0, groups.size())
                .filter(other -> other != index && compare(groups.get(index).getFirst(),
                        groups.get(other).getFirst()) == Congruence.MIRRORED)
                .mapToObj(other -> other + 1).findFirst();
    }

    private static CutLine line(int number, Project project, List<PlannedPiece> group, Optional<Integer> mirrorOf) {
        PlannedPiece first = group.getFirst();
        boolean bought = isBoughtReady(project, first);
        return new CutLine(number, bought ? Kind.BOUGHT : Kind.PIECE, group.stream().map(PlannedPiece::id).toList(),
                group.stream().map(piece -> piece.piece().mark()).toList(), "role." + first.piece().role().id(),
                first.wood(), finished(first), first.cutTo(),
                bought ? finished(first) : new RoughSizes(project).of(first), group.size(), mirrorOf);
    }

    static Size finished(PlannedPiece piece) {
        return new Size(piece.length(), piece.piece().width(), piece.piece().thickness());
    }

    /** Glass and sheets are ordered or cut to their size. */
    private static boolean isBoughtReady(Project project, PlannedPiece piece) {
        return piece.piece().role() == Role.GLASS || project.species(piece.piece().role().id())
                .filter(wood -> wood.has(Species.Trait.SHEET)).isPresent();
    }

    /** A number that is noted on a piece of a line is that line's; the others get the least ones that are free. */
    private static List<CutLine> numbered(List<CutLine> lines, Project project) {
        List<Optional<Integer>> noted = lines.stream().map(line -> noted(line, project)).toList();
        Set<Integer> taken = new HashSet<>();
        project.progress().notedOf(project.brief().kind()).forEach((key, text) -> {
            if (Address.parse(key).parameter().equals(Noted.NUMBER.id())) {
                taken.add(Integer.valueOf(text));
            }
        });
        Set<Integer> given = new HashSet<>();
        List<Integer> numbers = new ArrayList<>();
        int next = 1;
        for (Optional<Integer> own : noted) {
            if (own.isPresent() && given.add(own.get())) {
                numbers.add(own.get());
                continue;
            }
            while (taken.contains(next)) {
                next++;
            }
            numbers.add(next);
            next++;
        }
        return IntStream.range(0, lines.size()).mapToObj(
                i -> lines.get(i).numbered(numbers.get(i),
                        lines.get(i).mirrorOf().map(other -> numbers.get(other - 1))))
                .toList();
    }

    private static Optional<Integer> noted(CutLine line, Project project) {
        return line.pieces().stream().flatMap(piece -> project.noted(piece, Noted.NUMBER).stream())
                .map(Integer::valueOf).findFirst();
    }
}
