package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import longshoulder.core.brief.Brief;
import longshoulder.core.joint.Joinery;
import longshoulder.core.joint.Tenon;
import longshoulder.core.joint.TenonMeeting;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Tenons that collide inside a post: they are longer than the room that the other leaves. */
final class CollisionCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        Set<String> reported = new HashSet<>();
        Map<String, List<Tenon>> byPost = subject.tenons().filter(CollisionCheck::isFitted).collect(Collectors
                .groupingBy(tenon -> tenon.meeting().mortisePiece().id(), LinkedHashMap::new, Collectors.toList()));
        byPost.values().forEach(tenons -> tenons.forEach(tenon -> competitors(tenon, tenons).forEach(other -> {
            if (!reported.contains(other.id()) && collide(tenon, other)) {
                reported.add(tenon.id());
                // Said of the one that is too long; of both, of the first.
                boolean isOther = !tooLong(tenon).isPositive() && tooLong(other).isPositive();
                findings.add(isOther ? finding(subject, other, tenon) : finding(subject, tenon, other));
            }
        })));
        return findings;
    }

    /** Those of the tenons in one post that want the place of this one. */
    private static Stream<Tenon> competitors(Tenon tenon, List<Tenon> inPost) {
        return inPost.stream().filter(other -> !other.id().equals(tenon.id()) && Joinery.compete(tenon, other));
    }

    /** Whether it was fitted to what it meets; other joints are looked at as solids. */
    private static boolean isFitted(Tenon tenon) {
        return tenon.limit().isPresent();
    }

    private static boolean collide(Tenon a, Tenon b) {
        return !a.mitres().isEmpty() && !b.mitres().isEmpty()
                ? tooLong(a).isPositive() || tooLong(b).isPositive()
                : !a.straight().intersection(b.straight()).isNothing();
    }

    private static boolean fitsMitred(Tenon tenon, Tenon other) {
        return !tenon.length().value().isGreaterThan(Joinery.mitredRun(tenon, other).value());
    }

    private static Length tooLong(Tenon tenon) {
        return tenon.limit().map(limit -> tenon.length().value().minus(limit.value())).orElse(Length.ZERO);
    }

    private static Finding finding(Subject subject, Tenon tenon, Tenon other) {
        Amount limit = tenon.limit().orElseThrow();
        boolean mitred = !tenon.mitres().isEmpty();
        boolean full = subject.project().brief().choice(Brief.TENON_MEETING)
                .equals(Optional.of(TenonMeeting.FULL.option()));
        Remedies remedies = new Remedies(subject).at(tenon.id());
        if (!full) {
            // At full length the rule gives way to nothing: leaving the length to it would help no more.
            remedies.leave(Brief.TENON_LENGTH);
        }
        if (!mitred && fitsMitred(tenon, other) && fitsMitred(other, tenon)) {
            remedies.choose(Brief.TENON_MEETING, TenonMeeting.MITRED.option());
        }
        if (full) {
            remedies.choose(Brief.TENON_MEETING, TenonMeeting.SHORTENED.option());
        }
        remedies.set(Brief.TENON_LENGTH, limit.value());
        return new Finding("tenons-collide", Concern.JOINTS, Level.STOP,
                List.of(tenon.id(), other.id(), tenon.meeting().mortisePiece().id()),
                Label.of(mitred ? "finding.collideMitred" : "finding.collide", tenon.meeting().tenonPiece().id(),
                        other.meeting().tenonPiece().id(), tenon.meeting().mortisePiece().id(), tenon.length().value(),
                        limit.value(), tooLong(tenon)),
                remedies.list());
    }
}
