package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import longshoulder.core.project.Project;

/**
 * A section of the design file: how a part of a project is written and read. A new section is a class and a line in {@link #ALL}.
 */
interface Section {

    /** In the order in which they are read: how joints are made says what can be given for them, and pieces what can be done to them. */
    List<Section> ALL = List.of(new WorkshopSection(), new DesignSection(), new ProgressSection());

    /** The section's name in the file. */
    String name();

    /** Writes what stands in the section. */
    void write(JsonGenerator out, Project project) throws IOException;

    /**
     * Reads what stands in the section.
     *
     * @param section whose form the schema has found right
     * @param project with what was read so far
     * @param reading says what is wrong and where
     * @return the project with what the section says
     */
    Project read(JsonNode section, Project project, Reading reading);

    /** Writes an object of texts. */
    static void texts(JsonGenerator out, String name, Map<String, ?> values) throws IOException {
        out.writeObjectFieldStart(name);
        for (Map.Entry<String, ?> entry : values.entrySet()) {
            out.writeStringField(entry.getKey(), String.valueOf(entry.getValue()));
        }
        out.writeEndObject();
    }
}
