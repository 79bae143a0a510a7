package longshoulder.core.finding;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Pieces that are not joined to the rest: they would fall out. What is laid on is held otherwise, and what is hung, such as
 * {@code door-left.}, is a whole by itself.
 */
final class FloatingCheck implements Check {

    /** What comes nearer than this to another piece lies against it, in millimetres. */
    private static final double NEAR = 0.05;

    @Override
    public List<Finding> run(Subject subject) {
        Map<String, Set<String>> neighbours = new HashMap<>();
        for (Joint joint : subject.joints()) {
            join(neighbours, joint.meeting().tenonPiece().id(), joint.meeting().mortisePiece().id());
            join(neighbours, joint.meeting().mortisePiece().id(), joint.meeting().tenonPiece().id());
        }
        List<Set<String>> groups = new ArrayList<>();
        for (Piece piece : subject.built().pieces()) {
            if (piece.role().isLaidOn() && !touches(subject, piece)) {
                groups.add(Set.of(piece.id()));
            } else if (!piece.role().isLaidOn() && groups.stream().noneMatch(group -> group.contains(piece.id()))) {
                groups.add(reachedFrom(piece.id(), neighbours));
            }
        }
        Set<String> wholes = new HashSet<>();
        return groups.stream().sorted(Comparator.<Set<String>>comparingInt(Set::size).reversed())
                .filter(group -> isLeftBehind(group, wholes))
                .map(group -> finding(subject, List.copyOf(group))).toList();
    }

    /** Whether a piece that is laid on lies against anything, whichever way. */
    private static boolean touches(Subject subject, Piece piece) {
        Solid solid = subject.cutShape(piece).solid();
        return Stream.of(piece.pose().along(), piece.pose().across(), piece.pose().out())
                .flatMap(axis -> Stream.of(axis.multiply(NEAR), axis.multiply(-NEAR))).map(solid::moved)
                .anyMatch(moved -> subject.built().pieces().stream().filter(other -> !other.id().equals(piece.id()))
                        .anyMatch(other -> moved.overlaps(subject.cutShape(other).solid())));
    }

    /** Whether a larger group has pieces of the same whole, as when the stile of a door was moved and stands in the case. */
    private static boolean isLeftBehind(Set<String> group, Set<String> wholes) {
        Set<String> own = group.stream().map(FloatingCheck::whole).collect(Collectors.toSet());
        boolean leftBehind = own.stream().anyMatch(wholes::contains);
        wholes.addAll(own);
        return leftBehind;
    }

    private static String whole(String piece) {
        return piece.substring(0, piece.indexOf('.') + 1);
    }

    private static void join(Map<String, Set<String>> neighbours, String one, String other) {
        neighbours.computeIfAbsent(one, key -> new LinkedHashSet<>()).add(other);
    }

    private static Set<String> reachedFrom(String first, Map<String, Set<String>> neighbours) {
        Set<String> reached = new LinkedHashSet<>();
        Deque<String> open = new ArrayDeque<>(List.of(first));
        while (!open.isEmpty()) {
            String next = open.pop();
            if (reached.add(next)) {
                open.addAll(neighbours.getOrDefault(next, Set.of()));
            }
        }
        return reached;
    }

    private static Finding finding(Subject subject, List<String> group) {
        return new Finding("floats", Concern.FRAME, Level.STOP, group,
                Label.of("finding.floats", group.getFirst(), group.size()), new Remedies(subject).list());
    }
}
