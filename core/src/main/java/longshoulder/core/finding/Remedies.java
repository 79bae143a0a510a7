package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Unit;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** Builds remedies, leaving out those that would be refused. */
final class Remedies {

    /** A wider one is hard to find and harder to drive. */
    private static final Length WIDEST_MORTISE_CHISEL = Length.ofMillimetres(25);

    private final Project project;
    private final Brief settled;
    private final List<Remedy> remedies = new ArrayList<>();
    private Optional<String> joint = Optional.empty();

    Remedies(Subject subject) {
        this.project = subject.project();
        this.settled = subject.settled();
    }

    /** The same for one joint: what was given for it alone, or for its type, is changed there. */
    Remedies at(String id) {
        joint = Optional.of(id);
        return this;
    }

    /** Whether a parameter was given, for the joint or for all. */
    boolean isGiven(String parameter) {
        return nearer(parameter).isPresent() || project.brief().measure(parameter).isPresent();
    }

    /** Where a parameter of the joint was given, if not for the whole project. */
    private Optional<String> nearer(String parameter) {
        return joint.flatMap(id -> Stream.of(Address.of(id, parameter), Address.of(type(id), parameter))
                .filter(project.brief().values()::containsKey).findFirst());
    }

    private JointKind type(String id) {
        return settled.choice(Address.of(id, JointKind.CHOICE)).flatMap(JointKind::find)
                .orElse(JointKind.STOPPED_TENON);
    }

    /** Sets a parameter to a length, if that lies within its bounds. */
    Remedies set(String parameter, Length length) {
        Optional<String> nearer = nearer(parameter);
        return nearer.isPresent() ? setNearer(nearer.get(), length) : setForAll(parameter, length);
    }

    private Remedies setNearer(String address, Length length) {
        Address at = Address.parse(address);
        Value value = new Value.Measured(length);
        JointKind kind = at.type().orElseGet(() -> type(at.joint().orElseThrow()));
        return isTaken(kind, at.parameter(), value)
                ? add(Label.of("remedy.setAt", Label.of("parameter." + at.parameter()), whose(at), length),
                        new Edit.Give(address, value))
                : this;
    }

    private static boolean isTaken(JointKind kind, String parameter, Value value) {
        return JointType.of(kind).parameter(parameter).filter(asked -> asked.refusal(value).isEmpty()).isPresent();
    }

    /** Gives parameters of one joint values, if all of them lie within their bounds. */
    Remedies give(Label label, Joint of, Map<String, Value> values) {
        List<Edit> edits = values.entrySet().stream()
                .filter(value -> isTaken(of.kind(), value.getKey(), value.getValue()))
                .<Edit>map(value -> new Edit.Give(Address.of(of.id(), value.getKey()), value.getValue())).toList();
        if (edits.size() < values.size()) {
            return this;
        }
        return add(label, edits.size() == 1 ? edits.getFirst() : new Edit.All(edits));
    }

    /** The joint or the type for which something was given. */
    private static Object whose(Address at) {
        return at.type().<Object>map(type -> Label.of("joint." + type.id())).orElseGet(() -> at.joint().orElseThrow());
    }

    private Remedies setForAll(String parameter, Length length) {
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

    /** Leaves a parameter to the rule again, if it was given. */
    Remedies leave(String parameter) {
        Optional<String> nearer = nearer(parameter);
        if (nearer.isPresent()) {
            Address at = Address.parse(nearer.get());
            add(Label.of("remedy.leaveAt", Label.of("parameter." + parameter), whose(at)),
                    new Edit.LeaveToRule(nearer.get()));
        } else if (project.brief().measure(parameter).isPresent()) {
            add(Label.of("remedy.leave", Label.of("parameter." + parameter)), new Edit.LeaveToRule(parameter));
        }
        return this;
    }

    /** Leaves what was given for one joint to the rule again. */
    Remedies leaveAt(String id, String parameter) {
        String name = Address.of(id, parameter);
        if (project.brief().values().containsKey(name)) {
            add(parameter.equals(JointKind.CHOICE)
                    ? Label.of("remedy.leaveJoint", id)
                    : Label.of("remedy.leaveAt", Label.of("parameter." + parameter), id),
                    new Edit.LeaveToRule(name));
        }
        return this;
    }

    /** Adds a chisel to the maker's tools, if there can be one so wide. */
    Remedies own(Length width) {
        return width.isPositive() && !width.isGreaterThan(WIDEST_MORTISE_CHISEL)
                ? add(Label.of("remedy.own", width), new Edit.OwnChisel(width))
                : this;
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
            case Value.Turned _,Value.Proportioned _,Value.Chosen _ -> {
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
            case Amount.Share share -> grown(share.of(), by.times(share.denominator()).times(1, share.numerator()));
            case Amount.Least _ -> Optional.empty();
            case Amount.Greatest _ -> Optional.empty();
            case Amount.Nearest _ -> Optional.empty();
            case Amount.Scaled _ -> Optional.empty();
            case Amount.Traced _ -> Optional.empty();
        };
    }
}
