package longshoulder.desktop.document;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import longshoulder.core.project.Project;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;

/** The designs that ship with the program; they go through the same reader as any file. */
public final class Examples {

    /** Their names, in the order in which they are offered; the first is the one of the demo. */
    public static final List<String> ALL = List.of("reading-table", "story-stool", "porch-bench", "cupboard-door",
            "cloakroom-mirror", "story-corner-table", "atlas-cabinet", "exhibition-trestle", "fern-stand", "coat-rack",
            "sorting-table", "repair-workbench", "map-room-door");

    private Examples() {}

    /** The design of a name. */
    public static Project read(String name) {
        String file = name + DesignFile.SUFFIX;
        try (InputStream in = Examples.class.getResourceAsStream("/longshoulder/desktop/demo/" + file)) {
            if (in == null) {
                throw new IllegalStateException("The example (%s) is not shipped.".formatted(name));
            }
            return DesignFile.parse(file, in.readAllBytes());
        } catch (IOException | BadFile unreadable) {
            throw new IllegalStateException("The example (%s) cannot be read.".formatted(name), unreadable);
        }
    }
}
