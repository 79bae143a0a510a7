package longshoulder.files;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Limits;
import longshoulder.core.joint.DividedTenon;
import longshoulder.core.joint.LooseTenon;
import longshoulder.core.joint.ThroughTenon;
import longshoulder.core.project.Milled;

/**
 * Brings a design of an earlier version of the format up to the newest one, a version at a time, so that it plans to the same pieces
 * as when it was written.
 */
final class Migration {

    /** The step at index i takes version i + 1 to the next. */
    private static final List<Consumer<ObjectNode>> STEPS = List.of(Migration::sizesOfTheCase,
            Migration::sections, Migration::defaults);

    /** What the sizes of version 1 stood for, by kind, in the words of version 2. */
    private static final Map<String, Map.Entry<String, String>> STOOD_FOR = Map.of(
            "cabinet", Map.entry("size.given", "case"),
            "stand", Map.entry("pot.between", "seat"));

    /** What the rules stood at until version 3 where none was given. */
    private static final Map<String, String> RULES_UNTIL_3 = Map.of(
            HouseRules.JOINTS, HouseRules.STOPPED_EVERYWHERE,
            HouseRules.MARKS, HouseRules.MARKS_AS_CHOSEN,
            Limits.WALL_SHARE.name(), "1/4");

    /** What sizes of a kind stood at until version 3 where none was given. */
    private static final Map<String, Map<String, String>> SIZES_UNTIL_3 = Map.of(
            "cabinet", Map.of("panel.room", "13 mm"),
            "door", Map.of("panel.room", "6 mm"),
            "frame", Map.of("panel.room", "4 mm"),
            "table", Map.of("apron.width", "95 mm"),
            "workbench", Map.of("stretcher.thickness", "40 mm"),
            "trestle", Map.of("beam.thickness", "40 mm"));

    /** What filled a frame that said nothing; until version 3 panes had the thickness and the room of panels. */
    private static final Map<String, String> GLAZED_UNTIL_3 = Map.of("frame", "glass");

    private Migration() {}

    /** Changes the design where its version, which must be a known one, is not the newest. */
    static void toNewest(JsonNode root) {
        ObjectNode design = (ObjectNode) root;
        STEPS.subList(root.path("version").intValue() - 1, STEPS.size()).forEach(step -> step.accept(design));
        design.put("version", DesignWriter.VERSION);
    }

    /**
     * In version 1 the overall sizes of a cabinet were those of its case, and the pot of a stand had its room at the seat; since
     * version 2 a design says so.
     */
    private static void sizesOfTheCase(ObjectNode root) {
        JsonNode project = root.path("project");
        Map.Entry<String, String> meant = STOOD_FOR.get(project.path("kind").asText());
        if (meant != null && project.path("values") instanceof ObjectNode values && !values.has(meant.getKey())) {
            values.put(meant.getKey(), meant.getValue());
        }
    }

    /** Until version 2 all stood in one section; since version 3 what was done and what is used of the workshop have their own. */
    private static void sections(ObjectNode root) {
        if (!(root.remove("project") instanceof ObjectNode design)) {
            return;
        }
        root.set("design", design);
        ObjectNode workshop = root.putObject("workshop");
        move(design, "chisels", workshop);
        ObjectNode rules = workshop.putObject("rules");
        if (design.path("values") instanceof ObjectNode values) {
            HouseRules.parameters().forEach(rule -> move(values, rule.name(), rules));
        }
        ObjectNode milled = root.putObject("progress").putObject("milled").putObject(design.path("kind").asText());
        // What the first files called it, when only shoulders could be entered.
        if (design.remove("cutShoulders") instanceof ObjectNode shoulders) {
            shoulders.properties().forEach(
                    one -> milled.set(Address.of(one.getKey(), Milled.SHOULDER.id()), one.getValue()));
        }
        if (design.remove("milled") instanceof ObjectNode others) {
            milled.setAll(others);
        }
    }

    /** What designs until version 3 had by default, in the words of version 4. */
    private static void defaults(ObjectNode root) {
        if (!(root.path("design") instanceof ObjectNode design)) {
            return;
        }
        String kind = design.path("kind").asText();
        fill(fill(root, "workshop"), "rules", RULES_UNTIL_3);
        fill(design, "values", SIZES_UNTIL_3.getOrDefault(kind, Map.of()));
        if (design.path("values").path("filling").asText(GLAZED_UNTIL_3.getOrDefault(kind, "")).equals("glass")) {
            String thick = kind.equals("door") ? "8 mm" : "4 mm";
            String room = kind.equals("door") ? "6 mm" : "4 mm";
            fill(design, "values",
                    Map.of("glass.thickness", design.path("values").path("filling.thickness").asText(thick),
                            "glass.room", design.path("values").path("panel.room").asText(room)));
        }
        fill(design, "values",
                Map.of(Brief.STEP, "0 mm", Address.of(JointKind.THROUGH_TENON.id(), ThroughTenon.COUNT), "one",
                        Address.of(JointKind.DIVIDED_TENON.id(), DividedTenon.END_HAUNCH), "none",
                        Address.of(JointKind.LOOSE_TENON.id(), LooseTenon.EASING), "1.5 mm",
                        Address.of(JointKind.THROUGH_TENON.id(), ThroughTenon.SPARE), "0 mm"));
    }

    /** Writes down what is missing in a part of the file; what is there and no object stays for the reader to refuse. */
    private static void fill(ObjectNode parent, String part, Map<String, String> usual) {
        ObjectNode filled = fill(parent, part);
        usual.forEach((name, value) -> {
            if (!filled.has(name)) {
                filled.put(name, value);
            }
        });
    }

    private static ObjectNode fill(ObjectNode parent, String part) {
        if (!parent.has(part)) {
            return parent.putObject(part);
        }
        return parent.path(part) instanceof ObjectNode there ? there : parent.objectNode();
    }

    private static void move(ObjectNode from, String name, ObjectNode to) {
        JsonNode moved = from.remove(name);
        if (moved != null) {
            to.set(name, moved);
        }
    }
}
