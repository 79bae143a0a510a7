package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.reckoning.Label;

/**
 * Pieces that want the same place although no joint joins them, such as the tusk of a stretcher and a bearer above it. Tenons
 * that meet in one post are looked at by checks of their own.
 */
final class CrowdedCheck implements Check {

    /** In mm³: less is the noise of doubles. */
    private static final double SPECK = 0.01;

    private record Placed(Piece piece, Solid solid, Bounds bounds) {

        double left() {
            return bounds.least().getX();
        }
    }

    @Override
    public List<Finding> run(Subject subject) {
        List<Placed> placed = subject.built().pieces().stream().map(piece -> {
            Solid solid = subject.solid(piece.id());
            return new Placed(piece, solid, solid.bounds());
        }).sorted(Comparator.comparingDouble(Placed::left)).toList();
        Map<String, Set<String>> posts = subject.joints().stream()
                .collect(Collectors.groupingBy(joint -> joint.meeting().rail().id(),
                        Collectors.mapping(CrowdedCheck::post, Collectors.toSet())));
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            Placed one = placed.get(i);
            for (int j = i + 1; j < placed.size() && placed.get(j).left() < one.bounds.greatest().getX(); j++) {
                Placed other = placed.get(j);
                if (one.bounds.overlaps(other.bounds) && collide(posts, one, other)) {
                    findings.add(finding(subject, one.piece, other.piece));
                }
            }
        }
        return findings;
    }

    private static String post(Joint joint) {
        return joint.meeting().post().id();
    }

    private static boolean collide(Map<String, Set<String>> posts, Placed one, Placed other) {
        Set<String> mine = posts.getOrDefault(one.piece.id(), Set.of());
        Set<String> theirs = posts.getOrDefault(other.piece.id(), Set.of());
        if (mine.contains(other.piece.id()) || theirs.contains(one.piece.id())) {
            return false;
        }
        return mine.stream().anyMatch(theirs::contains)
                ? share(one.piece.body(), other.solid) || share(one.solid, other.piece.body())
                : share(one.solid, other.solid);
    }

    private static boolean share(Solid one, Solid other) {
        return one.bounds().overlaps(other.bounds()) && one.and(other).volume() > SPECK;
    }

    private static Finding finding(Subject subject, Piece one, Piece other) {
        return new Finding("pieces-collide", Level.STOP, List.of(one.id(), other.id()),
                Label.of("finding.piecesCollide", one.id(), other.id()), new Remedies(subject.project()).list());
    }
}
