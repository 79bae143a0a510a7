package longshoulder.files;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;
import longshoulder.core.joint.JointType;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.project.Alterations;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Orientation;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;
import longshoulder.core.wood.Tools;
import longshoulder.core.words.Words;

/** Reads a design file: syntax, then version, which is brought up to the newest, then schema, then the sense of each value. */
final class DesignReader {

    private static final Length WIDEST_CHISEL = Length.ofMillimetres(100);

    /** Sizes first, for they say what pieces there are; a parameter of a joint can be given only after the joint's type. */
    private static final Comparator<Map.Entry<String, JsonNode>> TYPES_FIRST = Comparator.<Map.Entry<String, JsonNode>>comparingInt(
            entry -> entry.getKey().indexOf(':') < 0
                    ? 0
                    : entry.getKey().endsWith(":" + JointKind.CHOICE) ? 1 : 2);

    private final String file;

    DesignReader(String file) {
        this.file = file;
    }

    Project read(byte[] contents) throws BadFile {
        JsonNode root = syntax(contents);
        version(root);
        Migration.toNewest(root);
        Optional<SchemaCheck.Trouble> invalid = SchemaCheck.design(root);
        if (invalid.isPresent()) {
            throw BadFile.of("at", file, invalid.get().place(), invalid.get().reason());
        }
        try {
            return project(root.path("project"));
        } catch (Refused refused) {
            throw new BadFile(refused.sentence);
        }
    }

    /** Carries a refusal through code that cannot throw a checked exception. */
    private static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final transient Sentence sentence;

        Refused(Sentence sentence) {
            this.sentence = sentence;
        }
    }

    /** @param reason a sentence, or an entry that was refused */
    private Refused at(String place, Object reason) {
        return new Refused(Sentence.of("at", file, place, reason));
    }

    private JsonNode syntax(byte[] contents) throws BadFile {
        try {
            JsonNode root = Json.READER.readTree(contents);
            if (!root.isObject()) {
                throw BadFile.of("noBrace", file);
            }
            return root;
        } catch (JsonEOFException truncated) {
            throw brokenOff(truncated);
        } catch (StreamConstraintsException tooMuch) {
            throw tooMuch.getLocation() == null
                    ? BadFile.of("tooMuch", file)
                    : BadFile.of("tooMuchAt", file, line(tooMuch));
        } catch (JsonProcessingException bad) {
            if (bad.getOriginalMessage().startsWith("Unexpected end-of-input")) {
                throw brokenOff(bad);
            }
            // The parser tells no kinds of mistakes apart but by its words, which are English and for programmers.
            throw BadFile.of(bad.getOriginalMessage().startsWith("Duplicate field") ? "twice" : "syntax", file,
                    line(bad),
                    column(bad));
        } catch (IOException unreadable) {
            throw BadFile.of("utf8", file);
        }
    }

    private BadFile brokenOff(JsonProcessingException truncated) {
        return BadFile.of("brokenOff", file, line(truncated));
    }

    private static int line(JsonProcessingException exception) {
        JsonLocation location = exception.getLocation();
        return location == null ? 1 : location.getLineNr();
    }

    private static int column(JsonProcessingException exception) {
        JsonLocation location = exception.getLocation();
        return location == null ? 1 : Math.max(1, location.getColumnNr());
    }

    private void version(JsonNode root) throws BadFile {
        if (!DesignWriter.FORMAT.equals(root.path("format").asText())) {
            throw BadFile.of("format", file, DesignWriter.FORMAT);
        }
        JsonNode version = root.path("version");
        if (version.isIntegralNumber() && version.canConvertToInt() && version.intValue() > DesignWriter.VERSION) {
            throw BadFile.of("newer", file, version.intValue(), DesignWriter.VERSION);
        }
        if (!version.isIntegralNumber() || !version.canConvertToInt() || version.intValue() < 1) {
            throw BadFile.of("version", file, shortened(version.toString()), DesignWriter.VERSION);
        }
    }

    private Project project(JsonNode node) {
        String kindId = node.path("kind").asText();
        Kind kind = Kinds.find(kindId)
                .orElseThrow(() -> at("project.kind", Sentence.of("kind", shortened(kindId))));
        Showing showing = found("project.showing", () -> Showing.parse(node.path("showing").asText()));
        Project start = Project.ofKind(kind, node.path("title").asText(), showing);
        Project project = new Project(start.title(), kind.brief(false), start.woods(), tools(node.path("chisels")),
                start.milled(), List.of(), showing);
        List<Map.Entry<String, JsonNode>> values = node.path("values").properties().stream().sorted(TYPES_FIRST)
                .toList();
        for (Map.Entry<String, JsonNode> entry : values) {
            project = isOfJoint(entry) ? project : given(kind, project, entry, project::frame);
        }
        for (int i = 0; i < node.path("alterations").size(); i++) {
            // Whether it makes sense now is not asked: one whose piece is not there waits.
            project = project.keeping(
                    alteration(node.path("alterations").get(i), "project.alterations[" + i + "]", showing));
        }
        // Nothing from here on changes the frame.
        Project altered = project;
        Supplier<Frame> frame = once(altered::frame);
        for (Map.Entry<String, JsonNode> entry : values) {
            project = isOfJoint(entry) ? given(kind, project, entry, frame) : project;
        }
        for (Map.Entry<String, JsonNode> entry : node.path("woods").properties()) {
            project = applied(project, new Edit.UseWood(entry.getKey(), entry.getValue().asText()),
                    "project.woods." + shortened(entry.getKey()), frame);
        }
        // What the first files called it, when only shoulders could be entered.
        for (Map.Entry<String, JsonNode> entry : node.path("cutShoulders").properties()) {
            String place = "project.cutShoulders." + shortened(entry.getKey());
            project = applied(project, new Edit.RecordMilled(entry.getKey(), Milled.SHOULDER,
                    length(entry.getValue(), place)), place, frame);
        }
        for (Map.Entry<String, JsonNode> entry : node.path("milled").properties()) {
            String place = "project.milled." + shortened(entry.getKey());
            project = applied(project, milled(entry.getKey(), length(entry.getValue(), place), place), place, frame);
        }
        return project;
    }

    private static boolean isOfJoint(Map.Entry<String, JsonNode> value) {
        return value.getKey().indexOf(':') >= 0;
    }

    private Project given(Kind kind, Project project, Map.Entry<String, JsonNode> entry, Supplier<Frame> frame) {
        String place = "project.values." + shortened(entry.getKey());
        return applied(project, new Edit.Give(entry.getKey(), value(kind, entry, place)), place, frame);
    }

    /** Asks at most once. */
    private static <T> Supplier<T> once(Supplier<T> supplier) {
        List<T> known = new ArrayList<>();
        return () -> {
            if (known.isEmpty()) {
                known.add(supplier.get());
            }
            return known.getFirst();
        };
    }

    private Edit milled(String key, Length length, String place) {
        Address address = Address.parse(key);
        Milled what = Milled.find(address.parameter()).orElseThrow(() -> at(place,
                Sentence.of("milled", address.parameter())));
        return new Edit.RecordMilled(address.joint().orElse(""), what, length);
    }

    private Alteration alteration(JsonNode node, String place, Showing showing) {
        Map<String, String> fields = new LinkedHashMap<>();
        node.properties().forEach(entry -> fields.put(entry.getKey(), entry.getValue().asText()));
        try {
            return Alterations.read(fields, Unit.MILLIMETRE);
        } catch (EditRefused refused) {
            throw at(place, said(refused.reason(), showing));
        }
    }

    /** What was decided for a piece that is not there now is kept: the file stays open whatever came after. */
    private static Optional<Project> kept(Project project, Edit edit, Frame frame) {
        return switch (edit) {
            case Edit.Give(String name, Value value) when Edit.waits(project, frame, name) ->
                jointParameter(Address.parse(name)).filter(one -> one.refusal(value).isEmpty())
                        .map(one -> project.keeping(name, value));
            case Edit.RecordMilled(String id, Milled what, Length length) when !what.isKnown(id, frame) ->
                Optional.of(project.keepingMilled(Address.of(id, what.id()), length));
            default -> Optional.empty();
        };
    }

    private Project applied(Project project, Edit edit, String place, Supplier<Frame> frame) {
        try {
            return switch (edit) {
                case Edit.Give give -> give.applyTo(project, frame);
                case Edit.RecordMilled milled -> milled.applyTo(project, frame);
                default -> edit.applyTo(project);
            };
        } catch (EditRefused refused) {
            return kept(project, edit, frame.get())
                    .orElseThrow(() -> at(place, said(refused.reason(), project.showing())));
        }
    }

    private static Sentence said(Label reason, Showing showing) {
        return locale -> Words.showing(showing, locale).say(reason) + ".";
    }

    private Value value(Kind kind, Map.Entry<String, JsonNode> entry, String place) {
        Optional<Parameter> parameter = parameter(kind, entry.getKey());
        if (parameter.isEmpty()) {
            // Refused with the parameter's name when the edit is made.
            return new Value.Chosen(shortened(entry.getValue().asText()));
        }
        try {
            return parameter.get().read(entry.getValue().asText(), Unit.MILLIMETRE);
        } catch (EntryException refused) {
            throw at(place, refused);
        }
    }

    /** Of the kind, or of any type of joint that has one of that name: whether it is the right one the edit finds out. */
    private static Optional<Parameter> parameter(Kind kind, String name) {
        Address address = Address.parse(name);
        if (address.joint().isEmpty()) {
            return kind.parameter(name).or(() -> HouseRules.find(name));
        }
        return jointParameter(address);
    }

    private static Optional<Parameter> jointParameter(Address address) {
        return Stream.concat(Stream.of(JointKind.choice(), Orientation.parameter()), Arrays.stream(JointKind.values())
                .flatMap(type -> JointType.of(type).parameters().stream()))
                .filter(one -> one.name().equals(address.parameter()))
                .findFirst();
    }

    private Tools tools(JsonNode chisels) {
        List<Length> widths = new ArrayList<>();
        for (int i = 0; i < chisels.size(); i++) {
            String place = "project.chisels[" + i + "]";
            Length width = length(chisels.get(i), place);
            if (!width.isPositive() || width.isGreaterThan(WIDEST_CHISEL)) {
                throw at(place, Sentence.of("chisel", width));
            }
            widths.add(width);
        }
        return new Tools(widths);
    }

    private Length length(JsonNode node, String place) {
        try {
            return LengthEntry.read(node.asText(), Unit.MILLIMETRE);
        } catch (EntryException refused) {
            throw at(place, refused);
        }
    }

    private <T> T found(String place, Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException unknown) {
            throw at(place, String.valueOf(unknown.getMessage()));
        }
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
