package longshoulder.core.finding;

import java.util.List;
import java.util.Optional;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Notches for runners in which no runner lies: runners are laid where the kind of furniture puts them, and do not follow a notch. */
final class RunnerNotchCheck implements Check {

    private static final String HEIGHT = "runner.height";

    @Override
    public List<Finding> run(Subject subject) {
        return subject.joints().stream().filter(joint -> isNotched(joint) && !holdsRunner(subject, joint))
                .map(joint -> finding(subject, joint)).toList();
    }

    private static boolean isNotched(Joint joint) {
        return Optional.ofNullable(joint.figures().get(HEIGHT)).map(Amount::value).filter(Length::isPositive)
                .isPresent();
    }

    private static boolean holdsRunner(Subject subject, Joint joint) {
        Solid notched = joint.removes();
        return subject.built().pieces().stream().filter(piece -> piece.role() == Role.RUNNER)
                .anyMatch(piece -> subject.cutShape(piece).solid().overlaps(notched));
    }

    private static Finding finding(Subject subject, Joint joint) {
        return new Finding("runner-notch-empty", Concern.JOINTS, Level.NOTE,
                List.of(joint.id(), joint.meeting().mortisePiece().id()),
                Label.of("finding.runnerNotchEmpty", joint.id()),
                new Remedies(subject).at(joint.id()).set(HEIGHT, Length.ZERO).list());
    }
}
