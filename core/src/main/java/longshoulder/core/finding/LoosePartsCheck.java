package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.BoxPairs;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Tusks, wedges, pegs, bolts and loose tenons that want the place of a piece which their joint does not join, or of a loose part in
 * another post. Those in the same post are looked at by {@link JointsCollideCheck}.
 */
final class LoosePartsCheck implements Check {

    /** Something that takes up room: a piece, or the loose part of a joint. */
    private record Body(Optional<Joint> joint, Optional<Piece> piece, Solid solid) {

        boolean collidesWith(Body other) {
            return isApart(this, other) && solid.overlaps(other.solid);
        }

        /** Whether at least one is a loose part, and no joint of it joins the other. */
        private static boolean isApart(Body one, Body other) {
            if (one.joint.isPresent() && other.joint.isPresent()) {
                return !one.post().equals(other.post());
            }
            return one.joint.filter(joint -> !joins(joint, other.piece)).isPresent()
                    || other.joint.filter(joint -> !joins(joint, one.piece)).isPresent();
        }

        private Optional<String> post() {
            return joint.map(one -> one.meeting().mortisePiece().id());
        }

        private static boolean joins(Joint joint, Optional<Piece> piece) {
            return piece.map(Piece::id).filter(id -> id.equals(joint.meeting().tenonPiece().id())
                    || id.equals(joint.meeting().mortisePiece().id())).isPresent();
        }
    }

    @Override
    public List<Finding> run(Subject subject) {
        List<Body> bodies = new ArrayList<>();
        for (Joint joint : subject.joints()) {
            Solid loose = joint.loosePart();
            if (!loose.isNothing()) {
                bodies.add(new Body(Optional.of(joint), Optional.empty(), loose));
            }
        }
        if (bodies.isEmpty()) {
            return List.of();
        }
        subject.built().pieces().forEach(
                piece -> bodies.add(new Body(Optional.empty(), Optional.of(piece), subject.cutShape(piece).solid())));
        List<Bounds> bounds = bodies.stream().map(body -> body.solid.bounds()).toList();
        return BoxPairs.of(bounds).stream()
                .filter(pair -> bodies.get(pair.first()).collidesWith(bodies.get(pair.second())))
                .map(pair -> finding(subject, bodies.get(pair.first()), bodies.get(pair.second()))).toList();
    }

    /** The first is a loose part: these stand before the pieces. */
    private static Finding finding(Subject subject, Body one, Body other) {
        Remedies remedies = new Remedies(subject);
        Stream.of(one, other).flatMap(body -> body.joint.stream())
                .forEach(joint -> remedies.leaveAt(joint.id(), joint.heldBy().orElse(JointKind.CHOICE)));
        String loose = one.joint.orElseThrow().id();
        String what = other.joint.map(Joint::id).or(() -> other.piece.map(Piece::id)).orElseThrow();
        return new Finding("loose-part-collides", Concern.JOINTS, Level.STOP, List.of(loose, what),
                Label.of(other.joint.isPresent() ? "finding.loosePartsCollide" : "finding.loosePartCollides", loose,
                        what),
                remedies.list());
    }
}
