package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.util.Map;
import longshoulder.core.frame.Alteration;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Project;

/** Writes a project in the newest version of the format. */
final class DesignWriter {

    static final String FORMAT = "longshoulder-design";
    static final int VERSION = 2;

    private DesignWriter() {}

    static byte[] write(Project project) {
        return Json.write(out -> {
            out.writeStartObject();
            out.writeStringField("format", FORMAT);
            out.writeNumberField("version", VERSION);
            out.writeObjectFieldStart("project");
            out.writeStringField("title", project.title());
            out.writeStringField("showing", project.showing().code());
            out.writeStringField("kind", project.brief().kind());
            texts(out, "values", project.brief().values());
            texts(out, "woods", project.woods());
            out.writeArrayFieldStart("chisels");
            for (Length chisel : project.tools().chisels()) {
                out.writeString(chisel.toString());
            }
            out.writeEndArray();
            texts(out, "milled", project.milled());
            out.writeArrayFieldStart("alterations");
            for (Alteration alteration : project.alterations()) {
                out.writeStartObject();
                for (Map.Entry<String, String> field : alteration.fields().entrySet()) {
                    out.writeStringField(field.getKey(), field.getValue());
                }
                out.writeEndObject();
            }
            out.writeEndArray();
            out.writeEndObject();
            out.writeEndObject();
        });
    }

    private static void texts(JsonGenerator out, String name, Map<String, ?> values) throws IOException {
        out.writeObjectFieldStart(name);
        for (Map.Entry<String, ?> entry : values.entrySet()) {
            out.writeStringField(entry.getKey(), String.valueOf(entry.getValue()));
        }
        out.writeEndObject();
    }
}
