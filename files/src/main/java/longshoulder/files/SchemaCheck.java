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

/** Validates JSON against the published schemas. */
final class SchemaCheck {

    private SchemaCheck() {}

    /** What is wrong with a design file, as "at place: reason."; empty if nothing is. */
    static Optional<String> design(JsonNode root) {
        return check(Design.SCHEMA, root);
    }

    /** What is wrong with a plan. */
    static Optional<String> plan(JsonNode root) {
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

    private static Optional<String> check(JsonSchema schema, JsonNode root) {
        return schema.validate(root).stream()
                .min(Comparator.comparing((ValidationMessage message) -> message.getInstanceLocation().toString()))
                .map(message -> "at %s: %s.".formatted(place(message), reason(message)));
    }

    private static String place(ValidationMessage message) {
        String path = message.getInstanceLocation().toString().replaceFirst("^\\$\\.?", "");
        String shown = path.length() > 120 ? path.substring(0, 120) + "…" : path;
        return shown.isEmpty() ? "the start" : shown;
    }

    private static String reason(ValidationMessage message) {
        Object[] arguments = message.getArguments();
        String first = arguments != null && arguments.length > 0 ? String.valueOf(arguments[0]) : "";
        return switch (message.getType()) {
            case "type" -> "%s is expected here, not %s".formatted(article(arguments, 1), article(arguments, 0));
            case "required" -> "\"%s\" is missing".formatted(String.valueOf(message.getProperty()));
            case "additionalProperties" -> "\"%s\" is not known here".formatted(shortened(message.getProperty()));
            case "maxLength" -> "the text is longer than %s characters".formatted(first);
            case "minLength" -> "the text is empty";
            case "maxProperties", "maxItems" -> "there are more than %s entries".formatted(first);
            default -> "this is not what the format asks for (%s)".formatted(message.getType());
        };
    }

    private static String article(Object[] arguments, int index) {
        String type = arguments != null && arguments.length > index ? String.valueOf(arguments[index]) : "value";
        return switch (type) {
            case "string" -> "a text";
            case "object" -> "a group in braces";
            case "array" -> "a list";
            case "null" -> "nothing";
            case "integer" -> "a whole number";
            default -> "a " + type;
        };
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
