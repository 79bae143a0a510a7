package longshoulder.files;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Frame;
import longshoulder.core.joint.JointType;
import longshoulder.core.kind.Kind;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Orientation;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;

/**
 * Reads the values of a file. What cannot be taken is refused in a sentence that says where it stands.
 *
 * @param file its name
 */
record Reading(String file) {

    /** Carries a refusal through code that cannot throw a checked exception. */
    static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final transient Sentence sentence;

        Refused(Sentence sentence) {
            this.sentence = sentence;
        }

        Sentence sentence() {
            return sentence;
        }
    }

    /** @param reason a sentence, or an entry that was refused */
    Refused at(String place, Object reason) {
        return new Refused(Sentence.of("at", file, place, reason));
    }

    /** Why an edit was refused. */
    Refused at(String place, EditRefused refused, Showing showing) {
        Sentence said = locale -> Words.showing(showing, locale).say(refused.reason()) + ".";
        return at(place, said);
    }

    Length length(JsonNode node, String place) {
        try {
            return LengthEntry.read(node.asText(), Unit.MILLIMETRE);
        } catch (EntryException refused) {
            throw at(place, refused);
        }
    }

    /** What is given under a name for a kind of furniture; whether the name is right there, the edit finds out. */
    Value value(Kind kind, String name, String text, String place) {
        Optional<Parameter> parameter = parameter(kind, name);
        if (parameter.isEmpty()) {
            // Refused with the parameter's name when the edit is made.
            return new Value.Chosen(shortened(text));
        }
        try {
            return parameter.get().read(text, Unit.MILLIMETRE);
        } catch (EntryException refused) {
            throw at(place, refused);
        }
    }

    /** What a name stands for in a kind, or in any type of joint. */
    static Optional<Parameter> parameter(Kind kind, String name) {
        Address address = Address.parse(name);
        if (address.copy().isPresent()) {
            return kind.parameter(address.parameter());
        }
        return address.joint().isEmpty()
                ? kind.parameter(name).or(() -> HouseRules.find(name))
                : jointParameter(address);
    }

    /** The parameter of that name of the first type of joint that has one. */
    static Optional<Parameter> jointParameter(Address address) {
        return Stream.concat(Stream.concat(Stream.of(JointKind.choice(), Orientation.parameter()),
                HouseRules.ofPieces(address.parameter()).stream()),
                Arrays.stream(JointKind.values())
                        .flatMap(type -> JointType.of(type).parameters().stream()))
                .filter(one -> one.name().equals(address.parameter()))
                .findFirst();
    }

    /** The project with an edit of what stands at a place. What was decided for a piece that is not there now is kept, and waits. */
    Project applied(Project project, Edit edit, String place, Supplier<Frame> frame) {
        try {
            return switch (edit) {
                case Edit.Give give -> give.applyTo(project, frame);
                case Edit.RecordMilled milled -> milled.applyTo(project, frame);
                default -> edit.applyTo(project);
            };
        } catch (EditRefused refused) {
            return waiting(project, edit, frame.get()).orElseThrow(() -> at(place, refused, project.showing()));
        }
    }

    private static Optional<Project> waiting(Project project, Edit edit, Frame frame) {
        return switch (edit) {
            case Edit.Give(String name, Value value) when Edit.waits(project, frame, name) ->
                jointParameter(Address.parse(name)).filter(one -> one.refusal(value).isEmpty())
                        .map(one -> project.keeping(name, value));
            case Edit.RecordMilled(String id, var what, Length length) when !what.isKnown(id, frame) ->
                Optional.of(project.keepingMilled(Address.of(id, what.id()), length));
            default -> Optional.empty();
        };
    }

    static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
