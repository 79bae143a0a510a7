package longshoulder.files;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.Optional;
import longshoulder.core.project.Project;

/** Reads a design file: its text, brought up to the newest version, then what the schema says of it, then the sense of each value. */
final class DesignReader {

    private final String file;

    DesignReader(String file) {
        this.file = file;
    }

    Project read(byte[] contents) throws BadFile {
        JsonNode root = new JsonText(file, DesignWriter.FORMAT, DesignWriter.VERSION).read(contents);
        Migration.toNewest(root);
        Optional<SchemaCheck.Trouble> invalid = SchemaCheck.design(root);
        if (invalid.isPresent()) {
            throw BadFile.of("at", file, invalid.get().place(), invalid.get().reason());
        }
        try {
            return project(root);
        } catch (Reading.Refused refused) {
            throw new BadFile(refused.sentence());
        }
    }

    private Project project(JsonNode root) {
        Reading reading = new Reading(file);
        Project project = DesignSection.start(root.path("design"), reading);
        for (Section section : Section.ALL) {
            project = section.read(root.path(section.name()), project, reading);
        }
        return project.withOthers(others(root));
    }

    /** Sections that only a newer program knows. */
    private static Map<String, String> others(JsonNode root) {
        Map<String, String> others = new TreeMap<>();
        root.properties().forEach(field -> others.put(field.getKey(), field.getValue().toString()));
        others.keySet().removeAll(Set.of("format", "version"));
        Section.ALL.forEach(known -> others.remove(known.name()));
        return others;
    }
}
