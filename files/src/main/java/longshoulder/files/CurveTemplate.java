package longshoulder.files;

import java.util.Formatter;
import java.util.List;
import java.util.Locale;
import longshoulder.core.frame.Arc;

/** A full-size template of a curved edge: an SVG drawing in millimetres with the arc, its chord and the stations. */
public final class CurveTemplate {

    private static final double MARGIN = 10;

    private CurveTemplate() {}

    /**
     * The drawing. Printed at full size, the line under it is 100 mm long.
     *
     * @param stations into how many the chord is divided, at least one
     */
    public static String svg(Arc arc, int stations) {
        double height = arc.sagitta() + 2 * MARGIN;
        double width = Math.max(arc.chord(), 100) + 2 * MARGIN;
        double foot = MARGIN + arc.sagitta();
        StringBuilder svg = new StringBuilder();
        Formatter out = new Formatter(svg, Locale.ROOT);
        out.format("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" "
                + "viewBox=\"0 0 %1$.3f %2$.3f\" fill=\"none\" stroke=\"black\" stroke-width=\"0.2\">\n", width,
                height + MARGIN);
        out.format("<path d=\"M %.3f %.3f A %.3f %3$.3f 0 0 1 %.3f %2$.3f Z\"/>\n", MARGIN, foot, arc.radius(),
                MARGIN + arc.chord());
        List<Double> offsets = arc.offsets(stations);
        for (int i = 0; i <= stations; i++) {
            out.format("<path d=\"M %.3f %.3f V %.3f\"/>\n", MARGIN + arc.chord() * i / stations, foot + 2,
                    foot - offsets.get(i));
        }
        out.format("<path d=\"M %.3f %.3f h 100\"/>\n</svg>\n", MARGIN, height);
        return svg.toString();
    }
}
