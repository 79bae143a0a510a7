package longshoulder.files;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import longshoulder.core.project.Workshop;

/**
 * The file of a workshop, shared by all its projects: chisels, ways of working, limits. Described by
 * {@code docs/formats/workshop.schema.json}; its section is the one that a design file has as a copy.
 */
public final class WorkshopFile {

    private static final String FORMAT = "longshoulder-workshop";
    private static final int VERSION = 1;

    private WorkshopFile() {}

    /** Reads a workshop. @throws BadFile if the file cannot be read or is not a whole, valid workshop */
    public static Workshop read(Path file) throws BadFile {
        return parse(String.valueOf(file.getFileName()), DesignFile.contentsOf(file));
    }

    static Workshop parse(String name, byte[] contents) throws BadFile {
        JsonNode root = new JsonText(name, FORMAT, VERSION).read(contents);
        Optional<SchemaCheck.Trouble> invalid = SchemaCheck.workshop(root);
        if (invalid.isPresent()) {
            throw BadFile.of("at", name, invalid.get().place(), invalid.get().reason());
        }
        try {
            return WorkshopSection.read(root.path("workshop"), new Reading(name));
        } catch (Reading.Refused refused) {
            throw new BadFile(refused.sentence());
        }
    }

    /** Writes a workshop so that a crash at any moment leaves the old or the new file whole. */
    public static void write(Path file, Workshop workshop) throws IOException {
        AtomicFile.write(file, toBytes(workshop));
    }

    /** The contents of the file, UTF-8. */
    public static byte[] toBytes(Workshop workshop) {
        return Json.write(out -> {
            out.writeStartObject();
            out.writeStringField("format", FORMAT);
            out.writeNumberField("version", VERSION);
            out.writeObjectFieldStart("workshop");
            WorkshopSection.write(out, workshop);
            out.writeEndObject();
            out.writeEndObject();
        });
    }
}
