package longshoulder.files;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.Optional;
import java.util.Set;

/** Validates JSON against the published schemas. */
final class SchemaCheck {

    private static final Set<String> TYPES = Set.of("string", "object", "array", "null", "integer", "number",
            "boolean", "value");

    private SchemaCheck() {}

    /**
     * What is wrong.
     *
     * @param place in the file, in words
     * @param reason one sentence
     */
    record Trouble(Sentence place, Sentence reason) {}

    /** What is wrong with a design file; empty if nothing is. */
    static Optional<Trouble> design(JsonNode root) {
        return check(Design.SCHEMA, root);
    }

    /** What is wrong with a workshop's file. */
    static Optional<Trouble> workshop(JsonNode root) {
        return check(load("workshop.schema.json"), root);
    }

    /** What is wrong with a plan. */
    static Optional<Trouble> plan(JsonNode root) {
        return check(load("plan.schema.json"), root);
    }

    /** Loaded when the first file is read, not before. */
    private static final class Design {
        static final JsonSchema SCHEMA = load("design.schema.json");
    }

    private static JsonSchema load(String name) {
        try (InputStream in = SchemaCheck.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The schema (%s) is not shipped.".formatted(name));
            }
            return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(Json.READER.readTree(in));
        } catch (IOException impossible) {
            throw new UncheckedIOException("A shipped schema cannot be read.", impossible);
        }
    }

    private static Optional<Trouble> check(JsonSchema schema, JsonNode root) {
        return schema.validate(root).stream()
                .min(Comparator.comparing((ValidationMessage message) -> message.getInstanceLocation().toString()))
                .map(message -> new Trouble(place(message), reason(message)));
    }

    private static Sentence place(ValidationMessage message) {
        String path = message.getInstanceLocation().toString().replaceFirst("^\\$\\.?", "");
        String shown = path.length() > 120 ? path.substring(0, 120) + "…" : path;
        return shown.isEmpty() ? Sentence.of("start") : locale -> shown;
    }

    private static Sentence reason(ValidationMessage message) {
        Object[] arguments = message.getArguments();
        String first = arguments != null && arguments.length > 0 ? String.valueOf(arguments[0]) : "";
        return switch (message.getType()) {
            case "type" -> Sentence.of("schema.type", type(arguments, 1), type(arguments, 0));
            case "required" -> Sentence.of("schema.required", String.valueOf(message.getProperty()));
            case "additionalProperties" ->
                Sentence.of("schema.additionalProperties", Reading.shortened(message.getProperty()));
            case "maxLength" -> Sentence.of("schema.maxLength", first);
            case "minLength" -> Sentence.of("schema.minLength");
            case "maxProperties", "maxItems" -> Sentence.of("schema.tooMany", first);
            default -> Sentence.of("schema.other", message.getType());
        };
    }

    private static Sentence type(Object[] arguments, int index) {
        String type = arguments != null && arguments.length > index ? String.valueOf(arguments[index]) : "value";
        return TYPES.contains(type) ? Sentence.of("type." + type) : locale -> type;
    }
}
