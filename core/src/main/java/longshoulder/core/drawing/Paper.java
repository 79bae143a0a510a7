package longshoulder.core.drawing;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Sheets of paper that printers take, in millimetres. */
public enum Paper {
    A4(210, 297), LETTER(215.9, 279.4);

    /** What most printers leave free at each edge, and a little more. */
    public static final double MARGIN = 10;

    private final double shortSide;
    private final double longSide;

    Paper(double shortSide, double longSide) {
        this.shortSide = shortSide;
        this.longSide = longSide;
    }

    /** The paper of a name such as "a4". */
    public static Optional<Paper> find(String name) {
        return Arrays.stream(values()).filter(paper -> paper.id().equals(name.toLowerCase(Locale.ROOT))).findFirst();
    }

    /** What commands call it, such as "a4". */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The paper that is usual where a language and a country are. */
    public static Paper usual(Locale locale) {
        return List.of("US", "CA", "MX", "PH", "CL", "CO", "VE").contains(locale.getCountry()) ? LETTER : A4;
    }

    public double shortSide() {
        return shortSide;
    }

    public double longSide() {
        return longSide;
    }

    /** A drawing as large as it can be within the margins, the sheet turned whichever way makes it larger. */
    public Page fitted(Drawing drawing) {
        double upright = scale(drawing, shortSide, longSide);
        double across = scale(drawing, longSide, shortSide);
        return across > upright
                ? laid(drawing, longSide, shortSide, across)
                : laid(drawing, shortSide, longSide, upright);
    }

    /** A drawing at a scale in the middle of the sheet; empty if it has no room there, whichever way the sheet is turned. */
    public Optional<Page> atScale(Drawing drawing, double scale) {
        Area least = drawing.leastPage(scale);
        if (hasRoom(least, longSide, shortSide)) {
            return Optional.of(laid(drawing, longSide, shortSide, scale));
        }
        return hasRoom(least, shortSide, longSide)
                ? Optional.of(laid(drawing, shortSide, longSide, scale))
                : Optional.empty();
    }

    private static boolean hasRoom(Area least, double width, double height) {
        return least.width() <= width - 2 * MARGIN && least.height() <= height - 2 * MARGIN;
    }

    private static double scale(Drawing drawing, double width, double height) {
        return drawing.largestScale(width - 2 * MARGIN, height - 2 * MARGIN);
    }

    private static Page laid(Drawing drawing, double width, double height, double scale) {
        return drawing.page(width - 2 * MARGIN, height - 2 * MARGIN, scale).framed(MARGIN);
    }
}
