package longshoulder.files;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import longshoulder.core.project.History;
import longshoulder.core.project.Project;

/**
 * All that can be undone and redone of a design, kept beside the designs of the program so that it survives closing: a compressed text
 * with a heading and one design a line, oldest first. It is a convenience: one that cannot be read, or that does not belong to
 * what the design file holds now, is passed over.
 */
public final class HistoryFile {

    private static final Pattern HEADING_READ = Pattern.compile(
            "\\{\"format\":\"longshoulder-history\",\"version\":1,\"present\":(\\d{1,6})}");
    private static final String SUFFIX = ".history.gz";
    private static final int LONGEST = 256 * 1024 * 1024;
    private static final int MOST = 100_000;

    private HistoryFile() {}

    /** Where the history of a design file is kept in a folder: its name hangs on the place of the design alone. */
    public static Path of(Path directory, Path design) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(design.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8));
            return directory.resolve(HexFormat.of().formatHex(digest, 0, 16) + SUFFIX);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java knows SHA-256.", impossible);
        }
    }

    /** Writes it; at every moment the old or the new one is there, whole. */
    public static void write(Path file, History history) throws IOException {
        List<Project> all = Stream.of(history.past(), List.of(history.present()), history.future().reversed())
                .flatMap(List::stream).toList();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
            // Not formatted: digits would be those of the maker's language.
            out.write(
                    ("{\"format\":\"longshoulder-history\",\"version\":1,\"present\":" + history.past().size() + "}\n")
                            .getBytes(StandardCharsets.UTF_8));
            for (Project project : all) {
                String line = new String(DesignFile.toBytes(project), StandardCharsets.UTF_8);
                // Line feeds stand between tokens only; in texts they are escaped.
                out.write((line.replaceAll("\n *", "") + "\n").getBytes(StandardCharsets.UTF_8));
            }
        }
        AtomicFile.writeNew(file, bytes.toByteArray());
    }

    /** The history that has a design as it is now among its states; empty where there is none that has. */
    public static Optional<History> read(Path file, Project present) {
        try {
            return Files.exists(file) ? parse(Files.readAllBytes(file), present) : Optional.empty();
        } catch (IOException | BadFile unreadable) {
            return Optional.empty();
        }
    }

    private static Optional<History> parse(byte[] contents, Project present) throws IOException, BadFile {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                new GZIPInputStream(new ByteArrayInputStream(contents)), StandardCharsets.UTF_8))) {
            String first = in.readLine();
            Matcher heading = HEADING_READ.matcher(first == null ? "" : first);
            if (!heading.matches()) {
                return Optional.empty();
            }
            List<Project> all = new ArrayList<>();
            long read = 0;
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                read += line.length();
                if (read > LONGEST || all.size() >= MOST) {
                    return Optional.empty();
                }
                all.add(DesignFile.parse("history", line.getBytes(StandardCharsets.UTF_8)));
            }
            int told = Integer.parseInt(heading.group(1));
            // The design was not written yet, or not saved, when the history went on: it is one of the states before.
            int at = told < all.size() && all.get(told).equals(present) ? told : all.lastIndexOf(present);
            return at >= 0
                    ? Optional.of(new History(all.subList(0, at), present, all.subList(at + 1, all.size()).reversed()))
                    : Optional.empty();
        }
    }
}
