package longshoulder.files;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A page of a PDF as a picture, just as it will be printed. */
public final class PdfPreview {

    private final int width;
    private final int height;
    private final int[] argb;

    private PdfPreview(BufferedImage image) {
        width = image.getWidth();
        height = image.getHeight();
        argb = image.getRGB(0, 0, width, height, new int[width * height], 0, width);
    }

    /** In pixels. */
    public int width() {
        return width;
    }

    /** In pixels. */
    public int height() {
        return height;
    }

    /** The colours row by row, opaque; not to be changed. */
    public int[] argb() {
        return argb;
    }

    /** How many pages a PDF has. */
    public static int pages(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException broken) {
            throw new UncheckedIOException("A PDF that was just made cannot be read.", broken);
        }
    }

    /**
     * Renders a page.
     *
     * @param page from 0
     * @param dpi pixels to an inch of paper
     */
    public static PdfPreview of(byte[] pdf, int page, double dpi) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PdfPreview(new PDFRenderer(document).renderImageWithDPI(page, (float) dpi, ImageType.RGB));
        } catch (IOException broken) {
            throw new UncheckedIOException("A page that was just made cannot be read.", broken);
        }
    }
}
