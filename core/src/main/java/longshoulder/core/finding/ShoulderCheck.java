package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.frame.Piece;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Rails over the same span whose shoulder lengths differ, or agree with each other but no longer with the plan. */
final class ShoulderCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        for (List<String> span : subject.built().spans()) {
            List<Piece> rails = span.stream().map(subject.built()::piece).toList();
            Piece first = rails.getFirst();
            Length off = off(subject, first);
            boolean agree = true;
            for (Piece rail : rails.subList(1, rails.size())) {
                if (!off(subject, rail).equals(off)) {
                    agree = false;
                    findings.add(unequal(subject, first, rail));
                }
            }
            if (agree && !off.equals(Length.ZERO)) {
                findings.add(offPlan(subject, span, off));
            }
        }
        return findings;
    }

    /** How much longer a rail was cut than its place asks for: posts milled otherwise than planned may ask for unlike rails. */
    private static Length off(Subject subject, Piece rail) {
        return rail.length().value().minus(subject.planned().piece(rail.id()).length().value());
    }

    private static Finding unequal(Subject subject, Piece a, Piece b) {
        Project project = subject.project();
        boolean aShorter = off(subject, a).isLessThan(off(subject, b));
        Piece shorter = aShorter ? a : b;
        Piece longer = aShorter ? b : a;
        Length apart = off(subject, longer).minus(off(subject, shorter));
        Length length = longer.length().value().minus(apart);
        Remedies remedies = new Remedies(subject).add(Label.of("remedy.cutTo", longer.id(), length),
                new Edit.RecordMilled(longer.id(), Milled.SHOULDER, length));
        for (Piece piece : List.of(a, b)) {
            if (project.cutShoulders().containsKey(piece.id())) {
                remedies.add(Label.of("remedy.forgetCut", piece.id()),
                        new Edit.ForgetMilled(piece.id(), Milled.SHOULDER));
            }
        }
        return new Finding("shoulders-unequal", Concern.LENGTHS, Level.STOP, List.of(shorter.id(), longer.id()),
                Label.of("finding.shouldersUnequal", shorter.id(), shorter.length().value(), longer.id(),
                        longer.length().value(), apart),
                remedies.list());
    }

    private static Finding offPlan(Subject subject, List<String> span, Length off) {
        Piece planned = subject.planned().piece(span.getFirst());
        Remedies remedies = new Remedies(subject).change(planned.length(), off);
        span.stream().filter(subject.project().cutShoulders()::containsKey).forEach(id -> remedies
                .add(Label.of("remedy.forgetCut", id), new Edit.ForgetMilled(id, Milled.SHOULDER)));
        return new Finding("shoulder-off-plan", Concern.LENGTHS, Level.STOP, span,
                Label.of("finding.shoulderOffPlan", span.getFirst(), planned.length().value().plus(off),
                        planned.length().value()),
                remedies.list());
    }
}
