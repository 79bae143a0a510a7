package longshoulder.desktop.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.TexturePaint;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.scene.paint.Color;
import org.jspecify.annotations.Nullable;

/**
 * Paints straight lines and flat faces into a {@link Picture}. What lies level or upright is put on whole pixels and painted as plain
 * rectangles: it comes out crisp, and it costs a tenth of a path. Slanted faces are filled pixel by pixel and leave no seam to their
 * neighbours (docs/decisions/0016); slanted lines, which lie over their edges, are smooth. What is slanted is gathered into one path a
 * colour.
 *
 * <p>Everything is told in pixels of the layout, as it lies in the region that the picture is shown in; in here it is reckoned in pixels of
 * the screen, from the corner of the picture. Call {@link #flush} when a colour or a kind of line is done with.
 */
public final class Brush {

    private static final double DASH = 4;
    private static final double GAP = 3;
    /** From one slanted line of a hatched box to the next, and how wide they are. */
    private static final double HATCH = 7;
    private static final double HATCH_WIDTH = 0.7;
    /** In pixels: less than this out of level is level. */
    private static final double LEVEL = 0.01;
    /** In pixels: the mitred ends of a strip no wider than this are not told from square ones under the lines round it. */
    private static final double NARROW = 1.5;
    /** In pixels of the layout: a slanted face narrower than this lies wholly under the lines round it. */
    private static final double SLIVER = 0.4;
    /** In pixels: what lies between two pixels but for the noise of its reckoning goes to the same one everywhere along a line of many parts. */
    private static final double NOISE = 1e-6;
    /** In widths of a line: longer points are cut off. */
    private static final float MITRE = 10;

    /** One for each colour and scale: a handful. */
    private static final Map<Hatching, TexturePaint> HATCHINGS = new ConcurrentHashMap<>();

    /** For faces, and for lines that are level or upright. */
    private final Graphics2D crisp;
    /** For slanted lines. */
    private final Graphics2D smooth;
    private final double pixels;
    private final double left;
    private final double top;
    private final Path2D.Float path = new Path2D.Float();
    private @Nullable Color fill;
    /** Whether the path holds faces that are not upright rectangles. */
    private boolean slanted;
    private boolean stroking;
    private boolean dashed;
    /** Of the lines that are drawn now, in pixels of the layout. */
    private double lineWidth = 1;
    /** The same in whole pixels of the screen. */
    private int width = 1;

    /**
     * @param pixels of the screen to one of the layout
     * @param left where the picture begins, in whole pixels of the screen
     */
    Brush(BufferedImage picture, double pixels, int left, int top) {
        crisp = picture.createGraphics();
        crisp.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        smooth = picture.createGraphics();
        smooth.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        smooth.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        this.pixels = pixels;
        this.left = left;
        this.top = top;
    }

    private double x(double onSheet) {
        return onSheet * pixels - left;
    }

    private double y(double onSheet) {
        return onSheet * pixels - top;
    }

    private int column(double onSheet) {
        return snap(x(onSheet));
    }

    private int row(double onSheet) {
        return snap(y(onSheet));
    }

    private static int snap(double pixel) {
        return (int) Math.rint(pixel + NOISE);
    }

    private void take(Color colour) {
        java.awt.Color paint = new java.awt.Color((float) colour.getRed(), (float) colour.getGreen(),
                (float) colour.getBlue(), (float) colour.getOpacity());
        crisp.setPaint(paint);
        smooth.setPaint(paint);
    }

    /** Takes up a colour and a width for lines, full or dashed. */
    public Brush line(Color colour, double wide, boolean inDashes) {
        flush();
        lineWidth = wide;
        width = (int) Math.max(1, Math.rint(wide * pixels));
        dashed = inDashes;
        stroking = true;
        take(colour);
        return this;
    }

    /** Draws a line; first take up a colour with {@link #line(Color, double, boolean)}. */
    public void draw(double x0, double y0, double x1, double y1) {
        if (Math.abs(y1 - y0) < LEVEL) {
            rectangles(x(Math.min(x0, x1)), x(Math.max(x0, x1)), y(y0), true);
        } else if (Math.abs(x1 - x0) < LEVEL) {
            rectangles(y(Math.min(y0, y1)), y(Math.max(y0, y1)), x(x0), false);
        } else {
            path.moveTo(x(x0), y(y0));
            path.lineTo(x(x1), y(y1));
        }
    }

    private void rectangles(double from, double to, double across, boolean level) {
        int edge = snap(across - width / 2.0);
        int start = snap(from - width / 2.0);
        int end = Math.max(snap(to + width / 2.0), start + width);
        if (!dashed) {
            rectangle(start, end, edge, level);
            return;
        }
        for (double at = start; at < end; at += (DASH + GAP) * pixels) {
            rectangle(snap(at), Math.min(snap(at + DASH * pixels), end), edge, level);
        }
    }

    private void rectangle(int from, int to, int edge, boolean level) {
        if (level) {
            crisp.fillRect(from, edge, to - from, width);
        } else {
            crisp.fillRect(edge, from, width, to - from);
        }
    }

    /** Fills a convex face; faces of one colour that follow each other leave no seam. */
    public void face(Color colour, double[] xs, double[] ys) {
        if (!colour.equals(fill)) {
            flush();
            fill = colour;
            take(colour);
        }
        if (xs.length == 4 && (isUpright(xs, ys) || isMitredStrip(xs, ys) || isMitredStrip(ys, xs))) {
            rectangle(xs, ys);
            return;
        }
        double area = area(xs, ys);
        if (Math.abs(area) >= SLIVER * longest(xs, ys)) {
            slanted = true;
            add(xs, ys);
        }
    }

    private void add(double[] xs, double[] ys) {
        path.moveTo(x(xs[0]), y(ys[0]));
        for (int i = 1; i < xs.length; i++) {
            path.lineTo(x(xs[i]), y(ys[i]));
        }
        path.closePath();
    }

    /** Fills a box with slanted lines: as a pattern, since so many thin lines would cost more than all else in a picture. */
    public void hatch(Color colour, double fromX, double fromY, double toX, double toY) {
        flush();
        crisp.setPaint(HATCHINGS.computeIfAbsent(new Hatching(colour, pixels), Hatching::pattern));
        crisp.fillRect(column(fromX), row(fromY), column(toX) - column(fromX), row(toY) - row(fromY));
    }

    private record Hatching(Color colour, double pixels) {

        /** A tile through whose corners a line runs, so that tiles join. */
        TexturePaint pattern() {
            int size = (int) Math.round(HATCH * pixels);
            BufferedImage tile = new BufferedImage(size, size, BufferedImage.TYPE_INT_ARGB);
            int rgb = (int) Math.round(255 * colour.getRed()) << 16 | (int) Math.round(255 * colour.getGreen()) << 8
                    | (int) Math.round(255 * colour.getBlue());
            for (int x = 0; x < size; x++) {
                for (int y = 0; y < size; y++) {
                    double across = (x + y + 1) % size;
                    double off = Math.min(across, size - across) / Math.sqrt(2);
                    double covered = Math.clamp(0.5 + HATCH_WIDTH * pixels / 2 - off, 0, 1);
                    tile.setRGB(x, y, (int) Math.round(255 * covered) << 24 | rgb);
                }
            }
            return new TexturePaint(tile, new Rectangle(size, size));
        }
    }

    private static double longest(double[] xs, double[] ys) {
        double longest = 0;
        for (int i = 0; i < xs.length; i++) {
            int j = (i + 1) % xs.length;
            longest = Math.max(longest, Math.hypot(xs[i] - xs[j], ys[i] - ys[j]));
        }
        return longest;
    }

    private static double area(double[] xs, double[] ys) {
        double sum = 0;
        for (int i = 0; i < xs.length; i++) {
            int j = (i + 1) % xs.length;
            sum += xs[i] * ys[j] - xs[j] * ys[i];
        }
        return sum / 2;
    }

    private void rectangle(double[] xs, double[] ys) {
        int from = column(least(xs));
        int high = row(least(ys));
        crisp.fillRect(from, high, column(greatest(xs)) - from, row(greatest(ys)) - high);
    }

    private static double least(double[] four) {
        return Math.min(Math.min(four[0], four[1]), Math.min(four[2], four[3]));
    }

    private static double greatest(double[] four) {
        return Math.max(Math.max(four[0], four[1]), Math.max(four[2], four[3]));
    }

    private static boolean isUpright(double[] xs, double[] ys) {
        for (int i = 0; i < 4; i++) {
            int j = (i + 1) % 4;
            if (Math.abs(xs[i] - xs[j]) > LEVEL && Math.abs(ys[i] - ys[j]) > LEVEL) {
                return false;
            }
        }
        return true;
    }

    /** Whether two sides run straight along and the other two, at its ends, are short: a moulding, seen small. */
    private static boolean isMitredStrip(double[] along, double[] across) {
        for (int i = 0; i < 2; i++) {
            int second = i + 1;
            int third = i + 2;
            int fourth = (i + 3) % 4;
            if (Math.abs(across[i] - across[second]) < LEVEL && Math.abs(across[third] - across[fourth]) < LEVEL
                    && Math.abs(across[second] - across[third]) < NARROW
                    && Math.abs(along[second] - along[third]) < NARROW
                    && Math.abs(along[fourth] - along[i]) < NARROW) {
                return true;
            }
        }
        return false;
    }

    /** Puts into the picture what has been gathered. */
    public void flush() {
        if (stroking && path.getCurrentPoint() != null) {
            smooth.setStroke(pen());
            smooth.draw(path);
        }
        if (slanted) {
            crisp.fill(path);
        }
        path.reset();
        stroking = false;
        slanted = false;
        fill = null;
    }

    private BasicStroke pen() {
        float wide = (float) (lineWidth * pixels);
        return dashed
                ? new BasicStroke(wide, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER, MITRE,
                        new float[]{(float) (DASH * pixels), (float) (GAP * pixels)}, 0)
                : new BasicStroke(wide, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER, MITRE);
    }

    /** Nothing more is painted. */
    void lay() {
        flush();
        crisp.dispose();
        smooth.dispose();
    }
}
