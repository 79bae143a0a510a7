package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiFunction;
import longshoulder.core.boards.StockList;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Progress;
import longshoulder.core.project.Project;
import longshoulder.core.wood.Tools;
import longshoulder.core.wood.Woods;

/**
 * What one state of a design has otherwise than the one before, as an object of JSON: the texts that changed, with null for those that
 * are gone, and of the changes to the frame how many stayed and which came after them. So a step of a history takes as much room as its
 * edit, and states share what they have in common.
 */
final class Delta {

    /** Beside the kinds of furniture, which are none of this name. */
    private static final String NOTED = "noted";
    private static final String SAWN = "sawn";
    /** What is told of progress beside what was milled of a kind. */
    private static final Set<String> OTHERS = Set.of(NOTED, SAWN, PinJson.FIELD);

    private Delta() {}

    /** Writes what the second of two designs has otherwise than the first; what was done is no part of it. */
    static void write(JsonGenerator out, Project from, Project to) throws IOException {
        // Taken apart so that the compiler finds this place when a design gets another part.
        if (!(to instanceof Project(String title, Brief brief, Map<String, String> woods, Woods knownWoods, Tools tools, StockList stock, Progress _, List<Alteration> alterations, Showing showing, Map<String, String> others))) {
            throw new IllegalArgumentException("There is no design to write.");
        }
        out.writeStartObject();
        text(out, "title", from.title(), title);
        text(out, "kind", from.brief().kind(), brief.kind());
        text(out, "showing", from.showing().code(), showing.code());
        texts(out, "values", from.brief().values(), brief.values());
        texts(out, "woods", from.woods(), woods);
        texts(out, "others", from.others(), others);
        if (!tools.equals(from.tools())) {
            out.writeArrayFieldStart("chisels");
            for (Length chisel : tools.chisels()) {
                out.writeString(chisel.toString());
            }
            out.writeEndArray();
        }
        if (!knownWoods.equals(from.knownWoods())) {
            out.writeObjectFieldStart("knownWoods");
            WorkshopSection.writeWoods(out, knownWoods);
            out.writeEndObject();
        }
        if (!stock.equals(from.stock())) {
            WorkshopSection.writeStock(out, stock);
        }
        if (!alterations.equals(from.alterations())) {
            alterations(out, from.alterations(), alterations);
        }
        out.writeEndObject();
    }

    /** Writes what was done otherwise. */
    static void write(JsonGenerator out, Progress from, Progress to) throws IOException {
        out.writeStartObject();
        Map<String, Map<String, Length>> kinds = new TreeMap<>(from.milled());
        kinds.putAll(to.milled());
        for (String kind : kinds.keySet()) {
            texts(out, kind, from.milledOf(kind), to.milledOf(kind));
        }
        Set<String> noted = new TreeSet<>(from.noted().keySet());
        noted.addAll(to.noted().keySet());
        out.writeObjectFieldStart(NOTED);
        for (String kind : noted) {
            texts(out, kind, from.notedOf(kind), to.notedOf(kind));
        }
        out.writeEndObject();
        if (!to.sawn().equals(from.sawn())) {
            ProgressSection.writeSawn(out, to);
        }
        if (!to.pinned().equals(from.pinned())) {
            PinJson.write(out, to.pinned());
        }
        out.writeEndObject();
    }

    private static void text(JsonGenerator out, String name, String from, String to) throws IOException {
        if (!to.equals(from)) {
            out.writeStringField(name, to);
        }
    }

    private static void texts(JsonGenerator out, String name, Map<String, ?> from, Map<String, ?> to)
            throws IOException {
        if (to.equals(from)) {
            return;
        }
        out.writeObjectFieldStart(name);
        for (Map.Entry<String, ?> entry : to.entrySet()) {
            if (!entry.getValue().equals(from.get(entry.getKey()))) {
                out.writeStringField(entry.getKey(), String.valueOf(entry.getValue()));
            }
        }
        for (String gone : from.keySet()) {
            if (!to.containsKey(gone)) {
                out.writeNullField(gone);
            }
        }
        out.writeEndObject();
    }

    private static void alterations(JsonGenerator out, List<Alteration> from, List<Alteration> to)
            throws IOException {
        int same = 0;
        while (same < Math.min(from.size(), to.size()) && from.get(same).equals(to.get(same))) {
            same++;
        }
        out.writeNumberField("keep", same);
        out.writeArrayFieldStart("alterations");
        for (Alteration alteration : to.subList(same, to.size())) {
            DesignSection.write(out, alteration);
        }
        out.writeEndArray();
    }

    /**
     * The design that has these differences from another.
     *
     * @throws Reading.Refused if they are none that {@link #write} would have written
     */
    static Project read(JsonNode delta, Project from, Reading reading) {
        String kindId = delta.path("kind").asText(from.brief().kind());
        Kind kind = Kinds.find(kindId).orElseThrow(() -> reading.at("kind", Sentence.of("kind", kindId)));
        Showing showing = delta.has("showing")
                ? DesignSection.showing(delta.path("showing").asText(), "showing", reading)
                : from.showing();
        Map<String, Value> values = changed(delta.path("values"), from.brief().values(), Edit.MOST_VALUES, reading,
                (name, text) -> value(kind, name, text, reading));
        Brief brief = values.equals(from.brief().values()) && kindId.equals(from.brief().kind())
                ? from.brief()
                : new Brief(kindId, values);
        return new Project(delta.path("title").asText(from.title()), brief,
                changed(delta.path("woods"), from.woods(), Edit.MOST_VALUES, reading, (role, wood) -> wood),
                delta.has("knownWoods")
                        ? WorkshopSection.woods(delta.path("knownWoods").path("woods"), "knownWoods", reading)
                        : from.knownWoods(),
                delta.has("chisels") ? WorkshopSection.tools(delta.path("chisels"), reading) : from.tools(),
                delta.has("stock") ? WorkshopSection.stock(delta.path("stock"), reading) : from.stock(),
                from.progress(), alterations(delta, from.alterations(), showing, reading), showing,
                changed(delta.path("others"), from.others(), Edit.MOST_VALUES, reading, (name, json) -> json));
    }

    /** What was done, with these differences. @throws Reading.Refused if it cannot be */
    static Progress read(JsonNode delta, Progress from, Reading reading) {
        Map<String, Map<String, Length>> all = new TreeMap<>(from.milled());
        for (Map.Entry<String, JsonNode> kind : delta.properties()) {
            if (OTHERS.contains(kind.getKey())) {
                continue;
            }
            if (Kinds.find(kind.getKey()).isEmpty()) {
                throw reading.at(kind.getKey(), Sentence.of("kind", kind.getKey()));
            }
            all.put(kind.getKey(), changed(kind.getValue(), from.milledOf(kind.getKey()), Edit.MOST_MILLED, reading,
                    (key, text) -> milled(key, text, reading)));
        }
        Map<String, Map<String, String>> noted = new TreeMap<>(from.noted());
        for (Map.Entry<String, JsonNode> kind : delta.path(NOTED).properties()) {
            noted.put(kind.getKey(), changed(kind.getValue(), from.notedOf(kind.getKey()), Edit.MOST_NOTED, reading,
                    (key, text) -> ProgressSection.noted(key, text, key, reading)));
        }
        return new Progress(all, noted,
                delta.has(SAWN) ? ProgressSection.sawn(delta.path(SAWN), reading) : from.sawn(),
                delta.has(PinJson.FIELD) ? PinJson.read(delta.path(PinJson.FIELD), reading) : from.pinned());
    }

    private static Value value(Kind kind, String name, String text, Reading reading) {
        return Reading.parameter(kind, name)
                .map(parameter -> {
                    Value value = reading.value(kind, name, text, name);
                    if (parameter.refusal(value).isPresent()) {
                        throw reading.at(name, Sentence.of("rule"));
                    }
                    return value;
                }).orElseThrow(() -> reading.at(name, Sentence.of("rule")));
    }

    private static Length milled(String key, String text, Reading reading) {
        String what = Address.parse(key).parameter();
        Length length = reading.length(TextNode.valueOf(text), key);
        if (Milled.find(what).isEmpty() || !length.isPositive()) {
            throw reading.at(key, Sentence.of("milled", what));
        }
        return length;
    }

    private static <T> Map<String, T> changed(JsonNode delta, Map<String, T> from, int most, Reading reading,
            BiFunction<String, String, T> read) {
        if (delta.isEmpty()) {
            return from;
        }
        Map<String, T> changed = new TreeMap<>(from);
        for (Map.Entry<String, JsonNode> entry : delta.properties()) {
            if (entry.getValue().isNull()) {
                changed.remove(entry.getKey());
            } else {
                changed.put(entry.getKey(),
                        Objects.requireNonNull(read.apply(entry.getKey(), entry.getValue().asText())));
            }
        }
        if (changed.size() > most) {
            throw reading.at("values", Sentence.of("schema.tooMany", most));
        }
        return changed;
    }

    private static List<Alteration> alterations(JsonNode delta, List<Alteration> from, Showing showing,
            Reading reading) {
        if (!delta.has("alterations")) {
            return from;
        }
        JsonNode added = delta.path("alterations");
        int keep = delta.path("keep").asInt(-1);
        if (keep < 0 || keep > from.size() || keep + added.size() > Edit.MOST_ALTERATIONS) {
            throw reading.at("alterations", Sentence.of("schema.tooMany", Edit.MOST_ALTERATIONS));
        }
        List<Alteration> all = new ArrayList<>(from.subList(0, keep));
        for (int i = 0; i < added.size(); i++) {
            all.add(DesignSection.alteration(added.get(i), "alterations[" + i + "]", showing, reading));
        }
        return all;
    }
}
