package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.finding.Finding.Level;
import longshoulder.core.frame.Piece;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;

/** Rails over the same span whose shoulder lengths differ, or agree with each other but no longer with the plan. */
final class ShoulderCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        for (List<String> span : subject.built().spans()) {
            List<Piece> rails = span.stream().map(subject.built()::piece).toList();
            Piece first = rails.getFirst();
            boolean agree = true;
            for (Piece rail : rails.subList(1, rails.size())) {
                if (!rail.length().value().equals(first.length().value())) {
                    agree = false;
                    findings.add(unequal(subject.project(), first, rail));
                }
            }
            Length off = first.length().value().minus(subject.planned().piece(first.id()).length().value());
            if (agree && !off.equals(Length.ZERO)) {
                findings.add(offPlan(subject, span, off));
            }
        }
        return findings;
    }

    private static Finding unequal(Project project, Piece a, Piece b) {
        boolean aShorter = a.length().value().isLessThan(b.length().value());
        Piece shorter = aShorter ? a : b;
        Piece longer = aShorter ? b : a;
        Length length = shorter.length().value();
        Remedies remedies = new Remedies(project).add(Label.of("remedy.cutTo", longer.id(), length),
                new Edit.RecordShoulder(longer.id(), length));
        for (Piece piece : List.of(a, b)) {
            if (project.cutShoulders().containsKey(piece.id())) {
                remedies.add(Label.of("remedy.forgetCut", piece.id()), new Edit.ForgetShoulder(piece.id()));
            }
        }
        return new Finding("shoulders-unequal", Level.STOP, List.of(shorter.id(), longer.id()),
                Label.of("finding.shouldersUnequal", shorter.id(), length, longer.id(), longer.length().value(),
                        longer.length().value().minus(length)),
                remedies.list());
    }

    private static Finding offPlan(Subject subject, List<String> span, Length off) {
        Piece planned = subject.planned().piece(span.getFirst());
        Remedies remedies = new Remedies(subject.project()).change(planned.length(), off);
        span.stream().filter(subject.project().cutShoulders()::containsKey).forEach(id -> remedies
                .add(Label.of("remedy.forgetCut", id), new Edit.ForgetShoulder(id)));
        return new Finding("shoulder-off-plan", Level.STOP, span,
                Label.of("finding.shoulderOffPlan", span.getFirst(), planned.length().value().plus(off),
                        planned.length().value()),
                remedies.list());
    }
}
