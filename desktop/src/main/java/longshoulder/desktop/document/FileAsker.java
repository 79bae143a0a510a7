package longshoulder.desktop.document;

import java.nio.file.Path;
import java.util.Optional;
import longshoulder.files.DrawingFormat;

/** Asks for the name of a file; the platform's own dialog, or a stand-in in tests. */
public interface FileAsker {

    /** A design to open; empty if it was called off. */
    Optional<Path> toOpen();

    /** A table (CSV) to read; empty if it was called off. */
    Optional<Path> toOpenTable();

    /** Where to write a table (CSV); empty if it was called off. */
    Optional<Path> toExportTable(String suggestion);

    /** Where to save; empty if it was called off. */
    Optional<Path> toSave(String suggestion);

    /** Where to write a drawing or a paper of a format; empty if it was called off. */
    Optional<Path> toExport(String suggestion, DrawingFormat format);
}
