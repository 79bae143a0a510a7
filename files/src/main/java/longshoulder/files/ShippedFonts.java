package longshoulder.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;

/** The typefaces that ship with the program: Source Sans 3 for text and figures, Bitter for headings. */
public final class ShippedFonts {

    /** Source Sans 3 in its usual weight, and heavier. */
    public static final String PLAIN = "SourceSans3_400Regular.ttf";
    public static final String BOLD = "SourceSans3_600SemiBold.ttf";
    public static final String HEADINGS = "Bitter_600SemiBold.ttf";

    public static final List<String> ALL = List.of(PLAIN, BOLD, HEADINGS);

    private ShippedFonts() {}

    /** The file of a typeface; the caller closes it. */
    public static InputStream open(String file) {
        InputStream in = ShippedFonts.class.getResourceAsStream("fonts/" + file);
        if (in == null) {
            throw new IllegalStateException("The typeface (%s) is not shipped.".formatted(file));
        }
        return in;
    }

    /** The file of a typeface as it is. */
    static byte[] bytes(String file) {
        try (InputStream in = open(file)) {
            return in.readAllBytes();
        } catch (IOException broken) {
            throw new UncheckedIOException("A shipped typeface cannot be read.", broken);
        }
    }
}
