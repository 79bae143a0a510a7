package longshoulder.core.finding;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Groove;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Pieces that fall apart: what is cut out of them, each cut sound by itself, goes right through them together. */
final class ApartCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        Map<String, List<Groove>> grooves = subject.joints().stream()
                .map(Joint::plain).filter(Groove.class::isInstance).map(Groove.class::cast)
                .collect(Collectors.groupingBy(groove -> groove.meeting().post().id()));
        return subject.built().pieces().stream().filter(piece -> subject.form(piece).parts() > 1)
                .map(piece -> finding(subject, piece, grooves.getOrDefault(piece.id(), List.of()))).toList();
    }

    /** Grooves are made so shallow that two of them leave a third of the piece between their floors. */
    private static Finding finding(Subject subject, Piece piece, List<Groove> grooves) {
        Remedies remedies = new Remedies(subject.project());
        grooves.stream().map(Groove::depth).map(Amount::value).max(Comparator.naturalOrder()).ifPresent(deepest -> {
            Length third = Length.least(piece.width().value(), piece.thickness().value()).times(1, 3);
            if (third.isLessThan(deepest)) {
                remedies.set("groove.depth", third);
            }
        });
        return new Finding("falls-apart", Level.STOP, List.of(piece.id()),
                Label.of("finding.fallsApart", piece.id(), subject.form(piece).parts()), remedies.list());
    }
}
