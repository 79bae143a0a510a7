package longshoulder.core.finding;

import longshoulder.core.measure.Angle;
import longshoulder.core.brief.Limits;
import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.joint.Tenon;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** A tenon that points square into a leaning post leaves the rail's grain: beyond some angle it breaks off short. */
final class ShortGrainCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        double most = subject.brief().angle(Limits.SHORT_GRAIN).degrees();
        return subject.tenons().filter(tenon -> tenon.line() == Tenon.Line.POST && angle(tenon) > most)
                .map(tenon -> finding(subject, tenon, most)).toList();
    }

    /** Between the tenon and the rail's grain, in degrees. */
    private static double angle(Tenon tenon) {
        return Math.toDegrees(tenon.meeting().inward().angle(tenon.meeting().surface().normal().negate()));
    }

    private static Finding finding(Subject subject, Tenon tenon, double most) {
        return new Finding("tenon-short-grain", Concern.JOINTS, Level.RISK, List.of(tenon.id()),
                Label.of("finding.shortGrain", tenon.id(), new Angle(Math.rint(10 * angle(tenon)) / 10).toString(),
                        new Angle(most).toString()),
                new Remedies(subject).add(Label.of("remedy.inLine", tenon.id()),
                        new Edit.Give(Address.of(tenon.id(), "tenon.line"), new Value.Chosen("rail"))).list());
    }
}
