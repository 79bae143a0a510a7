package longshoulder.files;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * Brings a design of an earlier version of the format up to the newest one, a version at a time, so that it plans to the same pieces
 * as when it was written.
 */
final class Migration {

    /** The step at index i takes version i + 1 to the next. */
    private static final List<Consumer<ObjectNode>> STEPS = List.of(Migration::sizesOfTheCase);

    /** What the sizes of version 1 stood for, by kind, in the words of version 2. */
    private static final Map<String, Map.Entry<String, String>> STOOD_FOR = Map.of(
            "cabinet", Map.entry("size.given", "case"),
            "stand", Map.entry("pot.between", "seat"));

    private Migration() {}

    /** Changes the design where its version, which must be a known one, is not the newest. */
    static void toNewest(JsonNode root) {
        if (root.path("project") instanceof ObjectNode project) {
            STEPS.subList(root.path("version").intValue() - 1, STEPS.size()).forEach(step -> step.accept(project));
        }
        ((ObjectNode) root).put("version", DesignWriter.VERSION);
    }

    /**
     * In version 1 the overall sizes of a cabinet were those of its case, and the pot of a stand had its room at the seat; since
     * version 2 a design says so.
     */
    private static void sizesOfTheCase(ObjectNode project) {
        Map.Entry<String, String> meant = STOOD_FOR.get(project.path("kind").asText());
        if (meant != null && project.path("values") instanceof ObjectNode values && !values.has(meant.getKey())) {
            values.put(meant.getKey(), meant.getValue());
        }
    }
}
