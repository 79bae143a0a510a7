package longshoulder.desktop.document;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.project.Workshop;
import longshoulder.files.BadFile;
import longshoulder.files.StoredPreferences;
import longshoulder.files.WorkshopFile;

/**
 * The maker's own workshop, kept in a file for all projects. New designs begin with it; a design that is open keeps the copy that it
 * has until the maker takes the own one over.
 *
 * @param file empty where nothing is kept from one start to the next
 */
public record OwnWorkshop(Optional<Path> file) {

    /** The one that is kept beside what is remembered. */
    public static OwnWorkshop beside(StoredPreferences remembered) {
        return new OwnWorkshop(remembered.beside("workshop.json"));
    }

    /** What is kept; empty where nothing is. @throws BadFile if it cannot be read */
    public Optional<Workshop> read() throws BadFile {
        return file.filter(Files::exists).isPresent()
                ? Optional.of(WorkshopFile.read(file.get()))
                : Optional.empty();
    }

    /** Keeps a workshop in the place of what was kept. */
    public void keep(Workshop workshop) throws IOException {
        if (file.isPresent()) {
            WorkshopFile.write(file.get(), workshop);
        }
    }

    /** A new design with what is kept; as it is where nothing is, or what is kept cannot be read. */
    public Project in(Project fresh) {
        try {
            return read().map(own -> new Edit.UseWorkshop(own).applyTo(fresh)).orElse(fresh);
        } catch (BadFile unreadable) {
            return fresh;
        }
    }
}
