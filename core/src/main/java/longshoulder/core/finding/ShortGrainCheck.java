package longshoulder.core.finding;

import java.util.List;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.joint.Tenon;
import longshoulder.core.joint.Thresholds;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** A tenon that points square into a leaning post leaves the rail's grain: beyond some angle it breaks off short. */
final class ShortGrainCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        return subject.tenons()
                .filter(tenon -> tenon.line() == Tenon.Line.POST && angle(tenon) > Thresholds.SHORT_GRAIN_DEGREES)
                .map(tenon -> finding(subject, tenon)).toList();
    }

    /** Between the tenon and the rail's grain, in degrees. */
    private static double angle(Tenon tenon) {
        return Math.toDegrees(tenon.meeting().inward().angle(tenon.meeting().surface().normal().negate()));
    }

    private static Finding finding(Subject subject, Tenon tenon) {
        return new Finding("tenon-short-grain", Level.RISK, List.of(tenon.id()),
                Label.of("finding.shortGrain", tenon.id(), "%.1f°".formatted(angle(tenon)),
                        "%.0f°".formatted(Thresholds.SHORT_GRAIN_DEGREES)),
                new Remedies(subject.project()).add(Label.of("remedy.inLine", tenon.id()),
                        new Edit.Give(Address.of(tenon.id(), "tenon.line"), new Value.Chosen("rail"))).list());
    }
}
