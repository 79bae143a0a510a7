package longshoulder.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import longshoulder.files.DrawingFile;
import longshoulder.files.Table;
import longshoulder.files.TableFormat;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** Options for writing a table as a spreadsheet. */
final class TableOptions {

    @Option(names = "--xlsx", paramLabel = "OUT", description = "Writes a spreadsheet (XLSX), lengths in millimetres.")
    private @Nullable Path xlsx;

    @Option(names = "--ods", paramLabel = "OUT", description = "Writes a spreadsheet (ODS), lengths in millimetres.")
    private @Nullable Path ods;

    /** Writes what was asked for. @return whether anything was */
    boolean write(Table table, PrintWriter out) throws IOException {
        write(xlsx, TableFormat.XLSX, table, out);
        write(ods, TableFormat.ODS, table, out);
        return xlsx != null || ods != null;
    }

    private static void write(@Nullable Path file, TableFormat format, Table table, PrintWriter out)
            throws IOException {
        if (file != null) {
            DrawingFile.write(file, format.toBytes(table));
            out.println(file);
            out.flush();
        }
    }
}
