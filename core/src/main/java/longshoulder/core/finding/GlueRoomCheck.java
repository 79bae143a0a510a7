package longshoulder.core.finding;

import longshoulder.core.brief.Limits;
import java.util.List;
import longshoulder.core.brief.Brief;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** A tenon longer than its mortise, or with no room for glue at the bottom: the shoulder stays open. */
final class GlueRoomCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        return subject.joints().stream().filter(joint -> !joint.isThrough())
                .flatMap(joint -> joint.tenons().stream())
                .filter(tenon -> room(tenon).isLessThan(subject.brief().length(Limits.GLUE_ROOM)))
                .map(tenon -> finding(subject, tenon)).toList();
    }

    private static Length room(Tenon tenon) {
        return tenon.depth().value().minus(tenon.length().value());
    }

    private static Finding finding(Subject subject, Tenon tenon) {
        Length room = room(tenon);
        Length missing = subject.brief().length(Limits.GLUE_ROOM).minus(room);
        return new Finding(room.isNegative() ? "tenon-beyond-mortise" : "no-glue-room", Concern.JOINTS,
                room.isNegative() ? Level.STOP : Level.RISK, List.of(tenon.id()),
                room.isNegative()
                        ? Label.of("finding.tenonBeyondMortise", tenon.id(), tenon.length().value(),
                                tenon.depth().value(), room.negated())
                        : Label.of("finding.noGlueRoom", tenon.id(), room, subject.brief().length(Limits.GLUE_ROOM)),
                new Remedies(subject).at(tenon.id()).leave(Brief.MORTISE_DEPTH)
                        .set(Brief.MORTISE_DEPTH, tenon.depth().value().plus(missing))
                        .set(Brief.TENON_LENGTH, tenon.length().value().minus(missing)).list());
    }
}
