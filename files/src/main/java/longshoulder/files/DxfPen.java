package longshoulder.files;

import java.nio.charset.StandardCharsets;
import java.util.List;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Pen;
import longshoulder.core.drawing.Placement;
import longshoulder.core.drawing.Tint;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Draws a page as DXF (R2000): always in millimetres of the piece, whatever the scale of the page, with a layer for each meaning. Faces are
 * left out; text is enlarged so that it has its size to the drawing. Views whose scales differ on the page are moved apart so that at true
 * size none covers another.
 */
public final class DxfPen implements Pen {

    /** Colours by the numbers that the format knows: the drawing program's own ink, and grey, brown, green, red. */
    private static final int INK = 7;
    private static final int GREY = 8;
    private static final int BROWN = 32;
    private static final int GREEN = 94;
    private static final int RED = 1;

    private final DxfFile file = new DxfFile();
    private final double pageHeight;
    private final double mainScale;
    private Page.Group group = Page.Group.onPaper(0, 0, List.of());

    private DxfPen(Page page) {
        pageHeight = page.height();
        mainScale = page.groups().stream().filter(one -> !one.onPaper()).mapToDouble(one -> one.placement().scale())
                .min().orElse(1);
        for (Meaning meaning : Meaning.values()) {
            file.layer(meaning.layer(), colour(meaning), meaning.isDashed());
        }
    }

    /** The page as a DXF file; its text is plain ASCII. */
    public static byte[] toBytes(Page page) {
        DxfPen pen = new DxfPen(page);
        page.draw(pen);
        return pen.file.text().getBytes(StandardCharsets.US_ASCII);
    }

    private static int colour(Meaning meaning) {
        return switch (meaning) {
            case VISIBLE_EDGE, THIN_EDGE, TEXT, KNIFE_LINE -> INK;
            case HIDDEN_EDGE, SECTION, WASTE, DERIVED, GAUGE_LINE, PENCIL_LINE, CAPTION, EXTENSION, GRAIN, NOTE -> GREY;
            case FORMER_EDGE, GIVEN, RISK -> BROWN;
            case LIT_EDGE -> GREEN;
            case STOP -> RED;
        };
    }

    @Override
    public void begin(Page.Group next) {
        group = next;
    }

    /** Millimetres of the piece to one of paper. */
    private double size() {
        return 1 / (group.onPaper() ? mainScale : group.placement().scale());
    }

    /** Where a place on the page lies in the drawing: the origin of each group where it lies on the page at the main scale. */
    private Vector2D place(double x, double y) {
        Placement at = group.placement();
        return Vector2D.of(at.x() / mainScale + (x - at.x()) * size(),
                (pageHeight - at.y()) / mainScale + (at.y() - y) * size());
    }

    @Override
    public double width(String text, double textSize, boolean bold) {
        return PaperTypeface.SHIPPED.width(text, textSize, bold);
    }

    @Override
    public void line(double fromX, double fromY, double toX, double toY, Meaning meaning) {
        file.line(meaning.layer(), place(fromX, fromY), place(toX, toY));
    }

    @Override
    public void arc(double x, double y, double radius, double start, double sweep, Meaning meaning) {
        file.arc(meaning.layer(), place(x, y), radius * size(), start, sweep);
    }

    @Override
    public void face(double[] xs, double[] ys, Tint tint) {
        // Lines alone: whoever opens the file cuts or traces along them.
    }

    @Override
    public void text(double x, double y, String text, double textSize, boolean bold, Meaning meaning) {
        file.text(meaning.layer(), place(x, y), text, textSize * size());
    }

    /** Not set in parts: a fraction is written 17/32. */
    @Override
    public void figure(double x, double y, String figure, double textSize, boolean bold, Meaning meaning) {
        text(x, y, figure, textSize, bold, meaning);
    }
}
