package longshoulder.core.finding;

import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Wide solid boards held so that they cannot move: a top glued down, or a wide rail glued into a post across its grain.
 * Movement = width × coefficient × change in moisture.
 */
final class HeldCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        if (HouseRules.isChosen(subject.project().brief(), HouseRules.FIXING, "glued")) {
            subject.built().pieces().stream().filter(piece -> piece.role().isLaidOn())
                    .filter(piece -> isWide(subject, piece))
                    .forEach(piece -> findings.add(top(subject, piece)));
        }
        for (Joint joint : subject.atEnds()) {
            Piece rail = joint.meeting().tenonPiece();
            boolean reported = findings.stream().anyMatch(finding -> finding.about().contains(rail.id()));
            if (isWide(subject, rail) && !reported && !joint.tenons().isEmpty()) {
                findings.add(rail(subject, joint));
            }
        }
        return findings;
    }

    private static boolean isWide(Subject subject, Piece piece) {
        return piece.width().value().isGreaterThan(subject.brief().length(Limits.HELD_WIDTH));
    }

    private static Finding top(Subject subject, Piece piece) {
        return new Finding("held-tight", Concern.FRAME, Level.RISK, List.of(piece.id()),
                Label.of("finding.heldTop", piece.id(), piece.width().value(), subject.movement(piece)),
                new Remedies(subject).choose(HouseRules.FIXING, "free-to-move").list());
    }

    private static Finding rail(Subject subject, Joint joint) {
        Piece rail = joint.meeting().tenonPiece();
        Length limit = subject.brief().length(Limits.HELD_WIDTH);
        return new Finding("held-tight", Concern.JOINTS, Level.RISK, List.of(joint.id(), rail.id()),
                Label.of("finding.heldRail", rail.id(), rail.width().value(), subject.movement(rail),
                        joint.meeting().mortisePiece().id()),
                new Remedies(subject).change(rail.width(), limit.minus(rail.width().value())).list());
    }
}
