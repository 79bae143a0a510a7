package longshoulder.core.finding;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Bounds;
import longshoulder.core.geometry.CutShape;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Groove;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Pieces of which cuts, each sound by itself, leave too little together: they fall apart, or a whole side of them is gone, as that of a bar
 * between two rebates.
 */
final class ApartCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        Map<String, List<Groove>> grooves = subject.joints().stream().map(Joint::plain)
                .filter(Groove.class::isInstance).map(Groove.class::cast)
                .collect(Collectors.groupingBy(groove -> groove.meeting().mortisePiece().id()));
        return subject.built().pieces().stream().flatMap(piece -> fault(subject, piece)
                .map(fault -> new Finding(fault.code, Concern.FRAME, Level.STOP, List.of(piece.id()), fault.message,
                        remedies(subject, piece, grooves.getOrDefault(piece.id(), List.of()))))
                .stream()).toList();
    }

    private record Fault(String code, Label message) {}

    private static Optional<Fault> fault(Subject subject, Piece piece) {
        CutShape cutShape = subject.cutShape(piece);
        if (cutShape.parts() > 1) {
            return Optional.of(new Fault("falls-apart", Label.of("finding.fallsApart", piece.id(), cutShape.parts())));
        }
        // What is worked to a shape still reaches to all of its sides somewhere; where faces lean, its box tells nothing.
        return piece.slanted().isEmpty() && !cutShape.isNothing() ? sideGone(piece, cutShape) : Optional.empty();
    }

    private static Optional<Fault> sideGone(Piece piece, CutShape cutShape) {
        Bounds left = cutShape.outline().bounds();
        double width = piece.width().value().toMillimetres() - left.size().getY();
        double thickness = piece.thickness().value().toMillimetres() - left.size().getZ();
        double least = 100 * Tolerance.LENGTH;
        return width > least || thickness > least
                ? Optional.of(new Fault("side-gone", Label.of("finding.sideGone", piece.id(), piece.width().value(),
                        piece.thickness().value(), Length.fromMillimetres(left.size().getY()),
                        Length.fromMillimetres(left.size().getZ()))))
                : Optional.empty();
    }

    /** Grooves are made so shallow, or the piece so wide, that two of them leave a third of it between their floors. */
    private static List<Remedy> remedies(Subject subject, Piece piece, List<Groove> grooves) {
        Remedies remedies = new Remedies(subject);
        grooves.stream().map(Groove::depth).map(Amount::value).max(Comparator.naturalOrder()).ifPresent(deepest -> {
            Length third = Length.least(piece.width().value(), piece.thickness().value()).times(1, 3);
            if (third.isLessThan(deepest)) {
                remedies.set("groove.depth", third);
            }
            Length missing = deepest.times(3).minus(piece.width().value());
            if (missing.isPositive()) {
                remedies.change(piece.width(), missing);
            }
        });
        return remedies.list();
    }
}
