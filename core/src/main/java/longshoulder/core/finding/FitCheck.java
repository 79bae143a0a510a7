package longshoulder.core.finding;

import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Fit;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * A tenon and a mortise that were measured and do not fit: too tight, the glue is wiped off and the post may split; too loose,
 * it does not hold.
 */
final class FitCheck implements Check {

    /** One pass of a finely set plane, in a shop that works in millimetres and in one that works in inches: 0.04 and 0.0015. */
    private static final Length SHAVING = Length.ofMicrometres(40);
    private static final Length SHAVING_IN_INCHES = Length.ofInches(15, 10_000);

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        for (Joint joint : subject.joints()) {
            Optional<Length> tenon = subject.project().milled(joint.id(), Milled.TENON.id());
            Optional<Length> mortise = subject.project().milled(joint.id(), Milled.MORTISE.id());
            if (tenon.isPresent() && mortise.isPresent()) {
                fit(subject, joint, mortise.get().minus(tenon.get()), findings);
            }
        }
        return findings;
    }

    private static void fit(Subject subject, Joint joint, Length clearance, List<Finding> findings) {
        Remedies remedies = new Remedies(subject).add(Label.of("remedy.forgetTenon", joint.id()),
                new Edit.ForgetMilled(joint.id(), Milled.TENON));
        Length shaving = subject.project().showing().isInches() ? SHAVING_IN_INCHES : SHAVING;
        if (clearance.isLessThan(subject.brief().length(Limits.FIT_TIGHT))) {
            findings.add(new Finding("fit-tight", Concern.JOINTS, Level.RISK, List.of(joint.id()),
                    Label.of("finding.fitTight", joint.id(), new Fit(clearance.negated()),
                            shavings(clearance.negated(), shaving), new Fit(shaving)),
                    remedies.list()));
        } else if (clearance.isGreaterThan(subject.brief().length(Limits.FIT_LOOSE))) {
            findings.add(new Finding("fit-loose", Concern.JOINTS, Level.RISK, List.of(joint.id()),
                    Label.of("finding.fitLoose", joint.id(), new Fit(clearance),
                            new Fit(subject.brief().length(Limits.FIT_LOOSE))),
                    remedies.list()));
        }
    }

    /** Off each cheek, so that what is over is gone from both sides evenly. */
    private static long shavings(Length over, Length shaving) {
        return Math.max(1, Math.round(over.toMillimetres() / 2 / shaving.toMillimetres()));
    }
}
