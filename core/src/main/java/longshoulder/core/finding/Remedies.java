package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Unit;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** Builds remedies, leaving out those that would be refused. */
final class Remedies {

    private final Project project;
    private final List<Remedy> remedies = new ArrayList<>();

    Remedies(Project project) {
        this.project = project;
    }

    /** Sets a parameter to a length, if that lies within its bounds. */
    Remedies set(String parameter, Length length) {
        Value value = new Value.Measured(length);
        boolean fits = Kinds.find(project.brief().kind()).flatMap(kind -> kind.parameter(parameter))
                .or(() -> HouseRules.find(parameter)).filter(known -> known.refusal(value).isEmpty()).isPresent();
        if (fits) {
            add(Label.of("remedy.set", Label.of("parameter." + parameter), length),
                    new Edit.Give(parameter, value));
        }
        return this;
    }

    /** Chooses an option. */
    Remedies choose(String parameter, String option) {
        return add(Label.of("remedy.choose." + parameter + "." + option),
                new Edit.Give(parameter, new Value.Chosen(option)));
    }

    /** Leaves a parameter to the school again, if it was given. */
    Remedies leave(String parameter) {
        if (project.brief().measure(parameter).isPresent()) {
            add(Label.of("remedy.leave", Label.of("parameter." + parameter)), new Edit.LeaveToSchool(parameter));
        }
        return this;
    }

    /** Leaves what was given for one joint to the school again. */
    Remedies leaveAt(String joint, String parameter) {
        String name = Address.of(joint, parameter);
        if (project.brief().values().containsKey(name)) {
            add(parameter.equals(JointKind.CHOICE)
                    ? Label.of("remedy.leaveJoint", joint)
                    : Label.of("remedy.leaveAt", Label.of("parameter." + parameter), joint),
                    new Edit.LeaveToSchool(name));
        }
        return this;
    }

    /** Changes an amount by changing a given figure that it adds up from, such as the overall length. */
    Remedies change(Amount amount, Length by) {
        grown(amount, by).ifPresent(edit -> set(edit.parameter(), ((Value.Measured) edit.value()).length()));
        return this;
    }

    Remedies add(Label label, Edit edit) {
        remedies.add(new Remedy(label, edit));
        return this;
    }

    /** The remedies; where none of them would be taken, the figures that stray from the usual, to be set back. */
    List<Remedy> list() {
        if (remedies.isEmpty()) {
            Kinds.find(project.brief().kind()).ifPresent(kind -> kind.parameters().forEach(this::usual));
        }
        return remedies;
    }

    private void usual(Parameter parameter) {
        boolean inches = project.showing().unit() == Unit.INCH;
        switch (parameter.preset(inches).orElse(null)) {
            case Value.Measured usual -> {
                if (!project.brief().measure(parameter.name()).map(Amount::value).equals(Optional.of(usual.length()))) {
                    set(parameter.name(), usual.length());
                }
            }
            case Value.Turned _,Value.Chosen _ -> {
            }
            case null -> leave(parameter.name());
        }
    }

    private static Optional<Edit.Give> grown(Amount amount, Length by) {
        return switch (amount) {
            case Amount.Given given -> Optional
                    .of(new Edit.Give(given.parameter(), new Value.Measured(given.value().plus(by))));
            case Amount.Sum sum -> sum.terms().stream().filter(term -> term.times() == 1)
                    .flatMap(term -> grown(term.amount(), by).stream()).findFirst();
            case Amount.Cut cut -> grown(cut.planned(), by);
            case Amount.Ruled _ -> Optional.empty();
            case Amount.Share _ -> Optional.empty();
            case Amount.Least _ -> Optional.empty();
            case Amount.Greatest _ -> Optional.empty();
            case Amount.Nearest _ -> Optional.empty();
            case Amount.Scaled _ -> Optional.empty();
            case Amount.Traced _ -> Optional.empty();
        };
    }
}
