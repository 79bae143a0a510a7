package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.util.Map;
import longshoulder.core.project.Project;

/** Writes a project in the newest version of the format. */
final class DesignWriter {

    static final String FORMAT = "longshoulder-design";
    static final int VERSION = 4;

    private DesignWriter() {}

    static byte[] write(Project project) {
        return Json.write(out -> write(out, project));
    }

    static void write(JsonGenerator out, Project project) throws IOException {
        out.writeStartObject();
        out.writeStringField("format", FORMAT);
        out.writeNumberField("version", VERSION);
        for (Section section : Section.ALL) {
            out.writeObjectFieldStart(section.name());
            section.write(out, project);
            out.writeEndObject();
        }
        for (Map.Entry<String, String> other : project.others().entrySet()) {
            out.writeFieldName(other.getKey());
            out.writeRawValue(other.getValue());
        }
        out.writeEndObject();
    }
}
