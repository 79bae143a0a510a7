package longshoulder.desktop.look;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/**
 * Draws straight lines and flat faces on a canvas. What lies level or upright is put on whole pixels and painted as
 * plain rectangles: it comes out crisp, neighbouring faces leave no seams, and it costs a tenth of a path where the
 * processor paints. The rest is gathered into one path a colour.
 *
 * <p>Call {@link #dry} when a colour or a kind of line is done with.
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
    /** How far, in pixels, slanted faces reach over their edges, so that no seam is left to a neighbour. */
    private static final double SEAM = 0.4;
    /** In pixels: what lies between two pixels but for the noise of its reckoning goes to the same one everywhere along a line of many parts. */
    private static final double NOISE = 1e-6;
    /** Keeps the reach over a sharp corner short. */
    private static final double SHARPEST = 0.3;

    /** One for each colour and scale: a handful. */
    private static final Map<Hatching, ImagePattern> HATCHINGS = new HashMap<>();

    private final GraphicsContext pen;
    private final double pixels;
    private @Nullable Color fill;
    /** Whether the path holds faces that are not upright rectangles. */
    private boolean slanted;
    private boolean stroking;
    private boolean dashed;
    private double width = 1;

    public Brush(Canvas canvas) {
        this(canvas, pixels(canvas.getScene()));
    }

    /** @param pixels of the screen to one of the layout */
    Brush(Canvas canvas, double pixels) {
        pen = canvas.getGraphicsContext2D();
        this.pixels = pixels;
    }

    private static double pixels(@Nullable Scene scene) {
        Window window = scene == null ? null : scene.getWindow();
        return window == null ? 1 : window.getRenderScaleX();
    }

    /** Takes up a colour and a width for lines, full or dashed. */
    public Brush line(Color colour, double lineWidth, boolean inDashes) {
        dry();
        width = Math.max(1, Math.rint(lineWidth * pixels)) / pixels;
        dashed = inDashes;
        stroking = true;
        pen.setFill(colour);
        pen.setStroke(colour);
        pen.setLineWidth(lineWidth);
        pen.beginPath();
        return this;
    }

    /** Draws a line; first take up a colour with {@link #line(Color, double, boolean)}. */
    public void draw(double x0, double y0, double x1, double y1) {
        if (Math.abs(y1 - y0) < LEVEL) {
            rectangles(Math.min(x0, x1), Math.max(x0, x1), y0, true);
        } else if (Math.abs(x1 - x0) < LEVEL) {
            rectangles(Math.min(y0, y1), Math.max(y0, y1), x0, false);
        } else {
            pen.moveTo(x0, y0);
            pen.lineTo(x1, y1);
        }
    }

    private void rectangles(double from, double to, double across, boolean level) {
        double edge = snap(across - width / 2);
        double start = snap(from - width / 2);
        double end = Math.max(snap(to + width / 2), start + width);
        if (!dashed) {
            rectangle(start, end, edge, level);
            return;
        }
        for (double at = start; at < end; at += DASH + GAP) {
            rectangle(at, Math.min(at + DASH, end), edge, level);
        }
    }

    private void rectangle(double from, double to, double edge, boolean level) {
        if (level) {
            pen.fillRect(from, edge, to - from, width);
        } else {
            pen.fillRect(edge, from, width, to - from);
        }
    }

    /** Fills a convex face; faces of one colour that follow each other leave no seam. */
    public void face(Color colour, double[] xs, double[] ys) {
        if (!colour.equals(fill)) {
            dry();
            fill = colour;
            pen.setFill(colour);
            pen.beginPath();
        }
        if (xs.length == 4 && (isUpright(xs, ys) || isMitredStrip(xs, ys) || isMitredStrip(ys, xs))) {
            rectangle(xs, ys);
            return;
        }
        double area = area(xs, ys);
        // What is narrower lies wholly in the reach of what is beside it, or of the lines round it.
        if (Math.abs(area) >= SEAM * longest(xs, ys)) {
            slanted = true;
            reachOver(xs, ys, Math.signum(area) * SEAM);
        }
    }

    /** Adds a face to the path that reaches so far over its edges. */
    private void reachOver(double[] xs, double[] ys, double turn) {
        int count = xs.length;
        for (int i = 0; i < count; i++) {
            int before = (i + count - 1) % count;
            int after = (i + 1) % count;
            double length0 = Math.max(LEVEL, Math.hypot(xs[i] - xs[before], ys[i] - ys[before]));
            double length1 = Math.max(LEVEL, Math.hypot(xs[after] - xs[i], ys[after] - ys[i]));
            double x0 = (ys[i] - ys[before]) / length0;
            double y0 = (xs[before] - xs[i]) / length0;
            double x1 = (ys[after] - ys[i]) / length1;
            double y1 = (xs[i] - xs[after]) / length1;
            double reach = turn / Math.max(SHARPEST, 1 + x0 * x1 + y0 * y1);
            if (i == 0) {
                pen.moveTo(xs[i] + reach * (x0 + x1), ys[i] + reach * (y0 + y1));
            } else {
                pen.lineTo(xs[i] + reach * (x0 + x1), ys[i] + reach * (y0 + y1));
            }
        }
        pen.closePath();
    }

    /** Fills a box with slanted lines: as a pattern, since so many thin lines would cost more than all else on a canvas. */
    public void hatch(Color colour, double left, double top, double right, double bottom) {
        dry();
        pen.setFill(HATCHINGS.computeIfAbsent(new Hatching(colour, pixels), Hatching::pattern));
        pen.fillRect(left, top, right - left, bottom - top);
    }

    private record Hatching(Color colour, double pixels) {

        /** A tile through whose corners a line runs, so that tiles join. */
        ImagePattern pattern() {
            int size = (int) Math.round(HATCH * pixels);
            WritableImage tile = new WritableImage(size, size);
            for (int x = 0; x < size; x++) {
                for (int y = 0; y < size; y++) {
                    double across = (x + y + 1) % size;
                    double off = Math.min(across, size - across) / Math.sqrt(2);
                    double covered = Math.clamp(0.5 + HATCH_WIDTH * pixels / 2 - off, 0, 1);
                    tile.getPixelWriter().setColor(x, y, colour.deriveColor(0, 1, 1, covered));
                }
            }
            return new ImagePattern(tile, 0, 0, size / pixels, size / pixels, false);
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
        double left = snap(least(xs));
        double top = snap(least(ys));
        pen.fillRect(left, top, snap(greatest(xs)) - left, snap(greatest(ys)) - top);
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

    /** Puts on the canvas what has been gathered. */
    public void dry() {
        if (stroking) {
            pen.setLineDashes(dashed ? new double[]{DASH, GAP} : new double[0]);
            pen.stroke();
            pen.setLineDashes();
            stroking = false;
        }
        if (slanted) {
            pen.fill();
            slanted = false;
        }
        fill = null;
    }

    private double snap(double value) {
        return Math.rint(value * pixels + NOISE) / pixels;
    }
}
