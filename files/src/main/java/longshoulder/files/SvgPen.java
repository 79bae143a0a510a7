package longshoulder.files;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Formatter;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Pen;
import longshoulder.core.drawing.Tint;

/**
 * Draws a page as SVG 1.1: one unit is one millimetre of paper. Marks of one meaning stand in groups whose class is its layer; text can be
 * selected, its typeface is in the file.
 */
public final class SvgPen implements Pen {

    private final StringBuilder body = new StringBuilder();
    private final Formatter out = new Formatter(body, Locale.ROOT);
    private final Set<Integer> plain = new TreeSet<>();
    private final Set<Integer> bold = new TreeSet<>();
    private String open = "";

    private SvgPen() {}

    /** The page as an SVG file, in UTF-8. */
    public static byte[] toBytes(Page page) {
        SvgPen pen = new SvgPen();
        page.draw(pen);
        return pen.document(page).getBytes(StandardCharsets.UTF_8);
    }

    private String document(Page page) {
        closeGroup();
        StringBuilder document = new StringBuilder();
        Formatter head = new Formatter(document, Locale.ROOT);
        head.format("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        head.format("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\""
                + " viewBox=\"0 0 %1$.3f %2$.3f\">\n", page.width(), page.height());
        document.append("<style>\n");
        typeface(document, "normal", false, plain);
        typeface(document, "600", true, bold);
        for (Meaning meaning : Meaning.values()) {
            head.format(".%s{stroke:#%06x;stroke-width:%.2f;opacity:%.1f%s}\n", meaning.layer(),
                    PaperColours.of(meaning), meaning.width(), PaperColours.opacity(meaning), meaning.isDashed()
                            ? String.format(Locale.ROOT, ";stroke-dasharray:%.2f %.2f", Meaning.DASH, Meaning.GAP)
                            : "");
        }
        document.append("""
                path{fill:none;stroke-linecap:square}
                .face path{stroke-width:0.1}
                text{stroke:none;font-family:'Source Sans 3',sans-serif}
                </style>
                """);
        head.format("<rect width=\"%.3f\" height=\"%.3f\" fill=\"#ffffff\"/>\n", page.width(), page.height());
        return document.append(body).append("</svg>\n").toString();
    }

    private static void typeface(StringBuilder document, String weight, boolean isBold, Set<Integer> characters) {
        if (!characters.isEmpty()) {
            document.append("@font-face{font-family:'Source Sans 3';font-weight:").append(weight)
                    .append(";src:url(data:font/ttf;base64,")
                    .append(Base64.getEncoder().encodeToString(PaperTypeface.subset(isBold, characters)))
                    .append(")}\n");
        }
    }

    /** Goes on in the group of a class, or begins one. */
    private void group(String name) {
        if (!name.equals(open)) {
            closeGroup();
            body.append("<g class=\"").append(name).append("\">\n");
            open = name;
        }
    }

    private void closeGroup() {
        if (!open.isEmpty()) {
            body.append("</g>\n");
            open = "";
        }
    }

    @Override
    public double width(String text, double size, boolean isBold) {
        return PaperTypeface.SHIPPED.width(text, size, isBold);
    }

    @Override
    public void line(double fromX, double fromY, double toX, double toY, Meaning meaning) {
        group(meaning.layer());
        out.format("<path d=\"M%.4f %.4fL%.4f %.4f\"/>\n", fromX, fromY, toX, toY);
    }

    @Override
    public void arc(double x, double y, double radius, double start, double sweep, Meaning meaning) {
        group(meaning.layer());
        if (sweep >= 360) {
            out.format("<circle cx=\"%.4f\" cy=\"%.4f\" r=\"%.4f\" fill=\"none\"/>\n", x, y, radius);
            return;
        }
        double a = Math.toRadians(start);
        double b = Math.toRadians(start + sweep);
        out.format("<path d=\"M%.4f %.4fA%.4f %3$.4f 0 %d 0 %.4f %.4f\"/>\n", x + radius * Math.cos(a),
                y - radius * Math.sin(a), radius, sweep > 180 ? 1 : 0, x + radius * Math.cos(b),
                y - radius * Math.sin(b));
    }

    /** A hair of its own colour round each face hides the seams between faces of one piece. */
    @Override
    public void face(double[] xs, double[] ys, Tint tint) {
        group("face");
        body.append("<path d=\"");
        for (int i = 0; i < xs.length; i++) {
            out.format("%s%.4f %.4f", i == 0 ? "M" : "L", xs[i], ys[i]);
        }
        out.format("Z\" style=\"fill:#%06x;stroke:#%1$06x\"/>\n", PaperColours.of(tint));
    }

    @Override
    public void text(double x, double y, String text, double size, boolean isBold, Meaning meaning) {
        group(meaning.layer());
        text.codePoints().forEach((isBold ? bold : plain)::add);
        out.format("<text x=\"%.4f\" y=\"%.4f\" font-size=\"%.3f\"%s fill=\"#%06x\">%s</text>\n", x, y, size,
                isBold ? " font-weight=\"600\"" : "", PaperColours.of(meaning), escaped(text));
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
