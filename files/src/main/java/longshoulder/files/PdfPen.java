package longshoulder.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Pen;
import longshoulder.core.drawing.Tint;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences.PRINT_SCALING;

/**
 * Draws pages as PDF at true size: vectors, text that can be selected, its typeface in the file, a layer for each meaning. Viewers are told
 * to print without scaling. The same pages make the same bytes.
 */
public final class PdfPen implements Pen {

    private static final double POINTS = 72 / 25.4;

    /** How far the control points of a quarter of a circle lie from its ends, in radii. */
    private static final double QUARTER = 4.0 / 3 * (Math.sqrt(2) - 1);

    private final PDPageContentStream out;
    private final double height;
    private final Fonts fonts;
    private final Map<Meaning, PDOptionalContentGroup> layers;
    private Meaning open = Meaning.TEXT;
    private boolean isOpen;

    private record Fonts(PDType0Font plain, PDType0Font bold) {

        static Fonts of(PDDocument document) throws IOException {
            try (var plain = ShippedFonts.open(ShippedFonts.PLAIN); var bold = ShippedFonts.open(ShippedFonts.BOLD)) {
                return new Fonts(PDType0Font.load(document, plain, true), PDType0Font.load(document, bold, true));
            }
        }
    }

    private PdfPen(PDPageContentStream out, double height, Fonts fonts,
            Map<Meaning, PDOptionalContentGroup> layers) {
        this.out = out;
        this.height = height;
        this.fonts = fonts;
        this.layers = layers;
    }

    /** The pages as a PDF file. */
    public static byte[] toBytes(String title, List<Page> pages) {
        try (PDDocument document = new PDDocument()) {
            // The same for the same pages: it names nothing outside.
            document.setDocumentId(1L);
            PDDocumentInformation information = new PDDocumentInformation();
            information.setTitle(title);
            document.setDocumentInformation(information);
            PDViewerPreferences preferences = new PDViewerPreferences(
                    document.getDocumentCatalog().getCOSObject());
            preferences.setPrintScaling(PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(preferences);
            Fonts fonts = Fonts.of(document);
            Map<Meaning, PDOptionalContentGroup> layers = layers(document);
            for (Page page : pages) {
                draw(document, page, fonts, layers);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException("The PDF cannot be made.", broken);
        }
    }

    private static Map<Meaning, PDOptionalContentGroup> layers(PDDocument document) {
        PDOptionalContentProperties properties = new PDOptionalContentProperties();
        Map<Meaning, PDOptionalContentGroup> layers = new EnumMap<>(Meaning.class);
        for (Meaning meaning : Meaning.values()) {
            PDOptionalContentGroup layer = new PDOptionalContentGroup(meaning.layer());
            properties.addGroup(layer);
            layers.put(meaning, layer);
        }
        document.getDocumentCatalog().setOCProperties(properties);
        return layers;
    }

    private static void draw(PDDocument document, Page page, Fonts fonts, Map<Meaning, PDOptionalContentGroup> layers)
            throws IOException {
        PDPage sheet = new PDPage(new PDRectangle((float) (page.width() * POINTS), (float) (page.height() * POINTS)));
        document.addPage(sheet);
        try (PDPageContentStream out = new PDPageContentStream(document, sheet)) {
            PdfPen pen = new PdfPen(out, page.height(), fonts, layers);
            out.setLineCapStyle(2);
            page.draw(pen);
            pen.closeLayer();
        }
    }

    /** Something that the library does and that fails only where memory cannot be written. */
    private interface Step {
        void run() throws IOException;
    }

    private static void run(Step step) {
        try {
            step.run();
        } catch (IOException broken) {
            throw new UncheckedIOException("The PDF cannot be made.", broken);
        }
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS);
    }

    private float up(double y) {
        return points(height - y);
    }

    private void closeLayer() throws IOException {
        if (isOpen) {
            out.endMarkedContent();
            isOpen = false;
        }
    }

    private void begin(Meaning meaning) throws IOException {
        if (isOpen && open == meaning) {
            return;
        }
        closeLayer();
        PDOptionalContentGroup layer = layers.get(meaning);
        if (layer == null) {
            throw new IllegalStateException("There is no layer for (%s).".formatted(meaning));
        }
        out.beginMarkedContent(COSName.OC, layer);
        out.setStrokingColor(red(PaperColours.of(meaning)), green(PaperColours.of(meaning)),
                blue(PaperColours.of(meaning)));
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.setStrokingAlphaConstant(PaperColours.opacity(meaning));
        out.setGraphicsStateParameters(state);
        out.setLineWidth(points(meaning.width()));
        out.setLineDashPattern(meaning.isDashed()
                ? new float[]{points(Meaning.DASH), points(Meaning.GAP)}
                : new float[0], 0);
        open = meaning;
        isOpen = true;
    }

    private static float red(int rgb) {
        return (rgb >> 16 & 0xff) / 255f;
    }

    private static float green(int rgb) {
        return (rgb >> 8 & 0xff) / 255f;
    }

    private static float blue(int rgb) {
        return (rgb & 0xff) / 255f;
    }

    @Override
    public double width(String text, double size, boolean bold) {
        return PaperTypeface.SHIPPED.width(text, size, bold);
    }

    @Override
    public void line(double fromX, double fromY, double toX, double toY, Meaning meaning) {
        run(() -> {
            begin(meaning);
            out.moveTo(points(fromX), up(fromY));
            out.lineTo(points(toX), up(toY));
            out.stroke();
        });
    }

    /** In pieces of no more than a quarter, each a curve that leaves the circle by less than a 3000th of its radius. */
    @Override
    public void arc(double x, double y, double radius, double start, double sweep, Meaning meaning) {
        int pieces = (int) Math.ceil(sweep / 90);
        double each = Math.toRadians(sweep / pieces);
        double control = radius * QUARTER * Math.tan(each / 4) / Math.tan(Math.PI / 8);
        run(() -> {
            begin(meaning);
            double angle = Math.toRadians(start);
            out.moveTo(points(x + radius * Math.cos(angle)), up(y - radius * Math.sin(angle)));
            for (int i = 0; i < pieces; i++) {
                double next = angle + each;
                double endX = x + radius * Math.cos(next);
                double endY = y - radius * Math.sin(next);
                out.curveTo(points(x + radius * Math.cos(angle) - control * Math.sin(angle)),
                        up(y - radius * Math.sin(angle) - control * Math.cos(angle)),
                        points(endX + control * Math.sin(next)), up(endY + control * Math.cos(next)), points(endX),
                        up(endY));
                angle = next;
            }
            out.stroke();
        });
    }

    /** A hair of its own colour round each face hides the seams between faces of one piece. */
    @Override
    public void face(double[] xs, double[] ys, Tint tint) {
        int colour = PaperColours.of(tint);
        run(() -> {
            closeLayer();
            out.setNonStrokingColor(red(colour), green(colour), blue(colour));
            out.setStrokingColor(red(colour), green(colour), blue(colour));
            out.setLineWidth(points(0.1));
            out.setLineDashPattern(new float[0], 0);
            out.moveTo(points(xs[0]), up(ys[0]));
            for (int i = 1; i < xs.length; i++) {
                out.lineTo(points(xs[i]), up(ys[i]));
            }
            out.closeAndFillAndStroke();
        });
    }

    @Override
    public void text(double x, double y, String text, double size, boolean bold, Meaning meaning) {
        int colour = PaperColours.of(meaning);
        run(() -> {
            begin(meaning);
            out.beginText();
            out.setNonStrokingColor(red(colour), green(colour), blue(colour));
            out.setFont(bold ? fonts.bold : fonts.plain, points(size));
            out.newLineAtOffset(points(x), up(y));
            out.showText(shown(text, bold));
            out.endText();
        });
    }

    /** A character that the typeface lacks is shown as a question mark. */
    private static String shown(String text, boolean bold) {
        StringBuilder shown = new StringBuilder();
        text.codePoints().map(character -> PaperTypeface.has(character, bold) ? character : '?')
                .forEach(shown::appendCodePoint);
        return shown.toString();
    }
}
