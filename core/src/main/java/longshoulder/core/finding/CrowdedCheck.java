package longshoulder.core.finding;

import longshoulder.core.geometry.BoxPairs;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.CutShape;
import longshoulder.core.joint.Groove;
import longshoulder.core.joint.Joint;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Pieces that want the same place although no joint joins them, such as the tusk of a stretcher and a bearer above it, and panels that
 * stand outside their groove in what was bevelled. Tenons that meet in one post are looked at by checks of their own.
 */
final class CrowdedCheck implements Check {

    private record Placed(Piece piece, CutShape cutShape) {}

    @Override
    public List<Finding> run(Subject subject) {
        List<Placed> placed = subject.built().pieces().stream()
                .map(piece -> new Placed(piece, subject.cutShape(piece))).toList();
        Map<String, Set<String>> posts = subject.joints().stream()
                .collect(Collectors.groupingBy(joint -> joint.meeting().tenonPiece().id(),
                        Collectors.mapping(CrowdedCheck::post, Collectors.toSet())));
        List<Joint> stopped = subject.joints().stream().filter(CrowdedCheck::stopsAtShoulders).toList();
        return BoxPairs.of(placed.stream().map(one -> one.cutShape.bounds()).toList()).stream()
                .filter(pair -> collide(posts, stopped, placed.get(pair.first()), placed.get(pair.second())))
                .map(pair -> finding(subject, placed.get(pair.first()).piece, placed.get(pair.second()).piece))
                .toList();
    }

    private static String post(Joint joint) {
        return joint.meeting().mortisePiece().id();
    }

    /** A groove that may be shorter than its panel. */
    private static boolean stopsAtShoulders(Joint joint) {
        return joint.plain() instanceof Groove groove && groove.run() == Groove.Run.SHOULDERS;
    }

    private static boolean collide(Map<String, Set<String>> posts, List<Joint> stopped, Placed one, Placed other) {
        Set<String> mine = posts.getOrDefault(one.piece.id(), Set.of());
        Set<String> theirs = posts.getOrDefault(other.piece.id(), Set.of());
        if (mine.contains(other.piece.id()) || theirs.contains(one.piece.id())) {
            boolean grooved = one.piece.role().isPanel() || other.piece.role().isPanel();
            boolean slanted = one.piece.slanted().isPresent() || other.piece.slanted().isPresent();
            boolean stopsShort = stopped.stream()
                    .anyMatch(joint -> joins(joint, one, other) || joins(joint, other, one));
            return grooved && (slanted || stopsShort) && one.cutShape.solid().overlaps(other.cutShape.solid());
        }
        return mine.stream().anyMatch(theirs::contains)
                ? one.piece.body().overlaps(other.cutShape.solid()) || one.cutShape.solid().overlaps(other.piece.body())
                : one.cutShape.solid().overlaps(other.cutShape.solid());
    }

    private static boolean joins(Joint joint, Placed rail, Placed post) {
        return joint.meeting().tenonPiece().id().equals(rail.piece.id()) && post(joint).equals(post.piece.id());
    }

    private static Finding finding(Subject subject, Piece one, Piece other) {
        return new Finding("pieces-collide", Concern.FRAME, Level.STOP, List.of(one.id(), other.id()),
                Label.of("finding.piecesCollide", one.id(), other.id()), new Remedies(subject).list());
    }
}
