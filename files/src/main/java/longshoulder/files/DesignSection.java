package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;
import longshoulder.core.boards.StockList;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.project.Alterations;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Progress;
import longshoulder.core.project.Project;
import longshoulder.core.project.Workshop;
import longshoulder.core.wood.Woods;

/** What is to be made: kind, sizes, joints, woods, changes to the frame. */
final class DesignSection implements Section {

    /** Sizes first, for they say what pieces there are; a parameter of a joint can be given only after the joint's type. */
    private static final Comparator<Map.Entry<String, JsonNode>> TYPES_FIRST = Comparator.<Map.Entry<String, JsonNode>>comparingInt(
            entry -> entry.getKey().indexOf(':') < 0
                    ? 0
                    : entry.getKey().endsWith(":" + JointKind.CHOICE) ? 1 : 2);

    @Override
    public String name() {
        return "design";
    }

    @Override
    public void write(JsonGenerator out, Project project) throws IOException {
        out.writeStringField("title", project.title());
        out.writeStringField("showing", project.showing().code());
        out.writeStringField("kind", project.brief().kind());
        Map<String, Value> values = new TreeMap<>(project.brief().values());
        values.keySet().removeIf(name -> HouseRules.find(name).isPresent());
        Section.texts(out, "values", values);
        Section.texts(out, "woods", project.woods());
        out.writeArrayFieldStart("alterations");
        for (Alteration alteration : project.alterations()) {
            write(out, alteration);
        }
        out.writeEndArray();
    }

    static void write(JsonGenerator out, Alteration alteration) throws IOException {
        out.writeStartObject();
        for (Map.Entry<String, String> field : alteration.fields().entrySet()) {
            out.writeStringField(field.getKey(), field.getValue());
        }
        out.writeEndObject();
    }

    /** What the other sections are read into: a project of the right kind, with its sizes as they usually are. */
    static Project start(JsonNode section, Reading reading) {
        Kind kind = kind(section, reading);
        Showing showing = showing(section.path("showing").asText(), "design.showing", reading);
        return new Project(section.path("title").asText(), kind.brief(false), Map.of(), Woods.SHIPPED,
                Workshop.usual(showing).tools(), StockList.SHIPPED, Progress.NONE,
                List.of(), showing, Map.of());
    }

    private static Kind kind(JsonNode section, Reading reading) {
        String id = section.path("kind").asText();
        return Kinds.find(id)
                .orElseThrow(() -> reading.at("design.kind", Sentence.of("kind", Reading.shortened(id))));
    }

    static Showing showing(String code, String place, Reading reading) {
        try {
            return Showing.parse(code);
        } catch (IllegalArgumentException unknown) {
            throw reading.at(place, String.valueOf(unknown.getMessage()));
        }
    }

    @Override
    public Project read(JsonNode section, Project start, Reading reading) {
        Kind kind = kind(section, reading);
        Project project = start;
        List<Map.Entry<String, JsonNode>> values = section.path("values").properties().stream().sorted(TYPES_FIRST)
                .toList();
        for (Map.Entry<String, JsonNode> entry : values) {
            project = isOfJoint(entry) ? project : given(kind, project, entry, project::frame, reading);
        }
        for (int i = 0; i < section.path("alterations").size(); i++) {
            // Whether it makes sense now is not asked: one whose piece is not there waits.
            project = project.keeping(alteration(section.path("alterations").get(i), "design.alterations[" + i + "]",
                    project.showing(), reading));
        }
        // Nothing from here on changes the frame.
        Project altered = project;
        Supplier<Frame> frame = once(altered::frame);
        for (Map.Entry<String, JsonNode> entry : values) {
            project = isOfJoint(entry) ? given(kind, project, entry, frame, reading) : project;
        }
        for (Map.Entry<String, JsonNode> entry : section.path("woods").properties()) {
            project = reading.applied(project, new Edit.UseWood(entry.getKey(), entry.getValue().asText()),
                    "design.woods." + Reading.shortened(entry.getKey()), frame);
        }
        return project;
    }

    private static boolean isOfJoint(Map.Entry<String, JsonNode> value) {
        return value.getKey().indexOf(':') >= 0;
    }

    private static Project given(Kind kind, Project project, Map.Entry<String, JsonNode> entry,
            Supplier<Frame> frame, Reading reading) {
        String place = "design.values." + Reading.shortened(entry.getKey());
        Value value = reading.value(kind, entry.getKey(), entry.getValue().asText(), place);
        return reading.applied(project, new Edit.Give(entry.getKey(), value), place, frame);
    }

    static Alteration alteration(JsonNode node, String place, Showing showing, Reading reading) {
        Map<String, String> fields = new LinkedHashMap<>();
        node.properties().forEach(entry -> fields.put(entry.getKey(), entry.getValue().asText()));
        try {
            return Alterations.read(fields, Unit.MILLIMETRE);
        } catch (EditRefused refused) {
            throw reading.at(place, refused, showing);
        }
    }

    /** Asks at most once. */
    static <T> Supplier<T> once(Supplier<T> supplier) {
        List<T> known = new ArrayList<>();
        return () -> {
            if (known.isEmpty()) {
                known.add(supplier.get());
            }
            return known.getFirst();
        };
    }
}
