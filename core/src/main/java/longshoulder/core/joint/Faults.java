package longshoulder.core.joint;

import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Gathers the faults of a joint, most of them figures beyond what holds; each is mended by the nearest figure that does. */
final class Faults {

    private final Joint joint;
    private final List<Fault> faults = new ArrayList<>();

    Faults(Joint joint) {
        this.joint = joint;
    }

    /** A parameter that is greater than what holds: a risk up to {@code never}, and from there on it cannot be made. */
    Faults above(String code, String parameter, Amount amount, Length most, Length never) {
        Length value = amount.value();
        if (value.isGreaterThan(most)) {
            faults.add(beyond("finding.above", code, value.isLessThan(never) ? Level.RISK : Level.STOP, parameter,
                    value, most));
        }
        return this;
    }

    /** A parameter that is less than what holds. */
    Faults below(String code, String parameter, Amount amount, Length least) {
        if (amount.value().isLessThan(least)) {
            faults.add(beyond("finding.below", code, Level.RISK, parameter, amount.value(), least));
        }
        return this;
    }

    /** A cut into the post that leaves too little of it, or nothing. */
    Faults deep(String parameter, Amount depth, Inspection inspection) {
        Length post = joint.meeting().postExtent().value();
        return above("cut-deep", parameter, depth, post.minus(inspection.brief().length(Limits.FLOOR)), post);
    }

    Faults add(Optional<Fault> fault) {
        fault.ifPresent(faults::add);
        return this;
    }

    List<Fault> list() {
        return List.copyOf(faults);
    }

    private Fault beyond(String key, String code, Level level, String parameter, Length value, Length bound) {
        Label message = Label.of(key, joint.id(), Label.of("parameter." + parameter), value, bound,
                Label.of("why." + code));
        return bound.isPositive()
                ? Fault.inPost(joint, code, level, message, Mend.set(joint, parameter, bound))
                : Fault.inPost(joint, code, level, message);
    }
}
