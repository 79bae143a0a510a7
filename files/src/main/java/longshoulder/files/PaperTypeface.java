package longshoulder.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Set;
import longshoulder.core.drawing.TextMeasure;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TTFSubsetter;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The typeface of papers and of drawings in files, in two weights: how wide its text is, and the part of it that a file needs. */
public final class PaperTypeface implements TextMeasure {

    /** The one that ships. It is read when it is first asked for. */
    public static final PaperTypeface SHIPPED = new PaperTypeface();

    /** What a browser needs to show text in it; all else can be left out of a file. */
    private static final List<String> TABLES = List.of("head", "hhea", "hmtx", "maxp", "cmap", "name", "OS/2", "post",
            "glyf", "loca", "cvt ", "fpgm", "prep");

    private record Weights(TrueTypeFont plain, TrueTypeFont bold) {

        private static final Weights READ = new Weights(read(ShippedFonts.PLAIN), read(ShippedFonts.BOLD));

        private static TrueTypeFont read(String file) {
            try {
                return new TTFParser().parse(new RandomAccessReadBuffer(ShippedFonts.bytes(file)));
            } catch (IOException broken) {
                throw new UncheckedIOException("A shipped typeface cannot be read.", broken);
            }
        }
    }

    private PaperTypeface() {}

    private static TrueTypeFont font(boolean bold) {
        return bold ? Weights.READ.bold : Weights.READ.plain;
    }

    @Override
    public double width(String text, double size, boolean bold) {
        TrueTypeFont font = font(bold);
        // A font reads its tables when they are first asked for.
        synchronized (font) {
            try {
                CmapLookup glyphs = font.getUnicodeCmapLookup();
                double units = 0;
                for (int character : text.codePoints().toArray()) {
                    units += font.getAdvanceWidth(glyphs.getGlyphId(character));
                }
                return size * units / font.getUnitsPerEm();
            } catch (IOException broken) {
                throw new UncheckedIOException("A shipped typeface cannot be read.", broken);
            }
        }
    }

    /** A TrueType file that holds no other characters than these. */
    static byte[] subset(boolean bold, Set<Integer> characters) {
        TrueTypeFont font = font(bold);
        synchronized (font) {
            try {
                TTFSubsetter subsetter = new TTFSubsetter(font, TABLES);
                characters.forEach(subsetter::add);
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                subsetter.writeToStream(out);
                return out.toByteArray();
            } catch (IOException broken) {
                throw new UncheckedIOException("A shipped typeface cannot be read.", broken);
            }
        }
    }

    /** Whether the typeface has a character; PDF refuses others. */
    static boolean has(int character, boolean bold) {
        TrueTypeFont font = font(bold);
        synchronized (font) {
            try {
                return font.getUnicodeCmapLookup().getGlyphId(character) != 0;
            } catch (IOException broken) {
                throw new UncheckedIOException("A shipped typeface cannot be read.", broken);
            }
        }
    }
}
