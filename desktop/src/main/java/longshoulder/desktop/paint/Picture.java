package longshoulder.desktop.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import java.util.function.Consumer;
import javafx.geometry.Rectangle2D;

/**
 * A drawing in pixels of the screen, painted once and shown by a {@link PictureView}. It covers the part of a region that is drawn on,
 * and no more: where the processor paints, every pixel is laid over what is under it, drawn on or not.
 *
 * <p>It may be painted on any thread, several at a time; a canvas of the toolkit is painted by the one thread that also lays the window
 * together.
 */
public final class Picture {

    /** Round what is drawn, in pixels, for the widths of lines. */
    private static final double ROUND = 4;

    /** Pictures begin and end at multiples of this: whole pixels of the screen at every usual scale. */
    private static final double STEP = 8;

    private final int columns;
    private final int rows;
    /** Row by row, the colours multiplied by how much they cover; nobody changes them. */
    private final int[] argb;
    private final Rectangle2D place;

    static {
        // Nothing here opens a window of that toolkit's.
        System.setProperty("java.awt.headless", "true");
    }

    private Picture(int columns, int rows, int[] argb, Rectangle2D place) {
        this.columns = columns;
        this.rows = rows;
        this.argb = argb;
        this.place = place;
    }

    /** How wide it is, in pixels of the screen. */
    int columns() {
        return columns;
    }

    /** How high it is, in pixels of the screen. */
    int rows() {
        return rows;
    }

    /** Where it lies in the region, in pixels of the layout. */
    public Rectangle2D place() {
        return place;
    }

    /** Copies it into the upper left corner of a larger one, whose rows are so long, and clears a column and a row beyond it. */
    void copyTo(int[] larger, int length) {
        for (int row = 0; row < rows; row++) {
            System.arraycopy(argb, row * columns, larger, row * length, columns);
            larger[row * length + columns] = 0;
        }
        Arrays.fill(larger, rows * length, rows * length + columns + 1, 0);
    }

    /** The colour of a pixel of the screen, counted from the picture's own corner; multiplied by how much it covers. */
    public int argb(int column, int row) {
        return argb[row * columns + column];
    }

    /**
     * Paints a part of a region.
     *
     * @param part of the region that is drawn on
     * @param width of the region
     * @param height of the region
     * @param pixels of the screen to one of the layout
     */
    public static Picture of(Rectangle2D part, double width, double height, double pixels, Consumer<Brush> painting) {
        double left = Math.max(0, before(part.getMinX()));
        double top = Math.max(0, before(part.getMinY()));
        double right = Math.max(left, Math.min(width, -before(-part.getMaxX())));
        double bottom = Math.max(top, Math.min(height, -before(-part.getMaxY())));
        return of(new Rectangle2D(left, top, right - left, bottom - top), pixels, painting);
    }

    /** Paints all of a region that begins at its own corner. */
    public static Picture of(double width, double height, double pixels, Consumer<Brush> painting) {
        return of(new Rectangle2D(0, 0, width, height), pixels, painting);
    }

    private static Picture of(Rectangle2D place, double pixels, Consumer<Brush> painting) {
        int left = (int) Math.floor(place.getMinX() * pixels);
        int top = (int) Math.floor(place.getMinY() * pixels);
        int columns = Math.max(1, (int) Math.ceil(place.getMaxX() * pixels) - left);
        int rows = Math.max(1, (int) Math.ceil(place.getMaxY() * pixels) - top);
        BufferedImage painted = new BufferedImage(columns, rows, BufferedImage.TYPE_INT_ARGB_PRE);
        Brush brush = new Brush(painted, pixels, left, top);
        painting.accept(brush);
        brush.lay();
        int[] argb = ((DataBufferInt) painted.getRaster().getDataBuffer()).getData();
        return new Picture(columns, rows, argb,
                new Rectangle2D(left / pixels, top / pixels, columns / pixels, rows / pixels));
    }

    private static double before(double edge) {
        return STEP * Math.floor((edge - ROUND) / STEP);
    }
}
