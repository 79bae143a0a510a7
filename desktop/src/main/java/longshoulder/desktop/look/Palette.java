package longshoulder.desktop.look;

import java.util.Map;
import javafx.scene.paint.Color;

/**
 * The colours of the program, each named after what it means; docs/design.md has the reasons. The style sheet knows them
 * under the same names, so no colour is written twice.
 */
public final class Palette {

    /** What drawings lie on. */
    public static final Color PAPER = Color.web("#f6f3eb");
    /** What stands round the drawings. */
    public static final Color PANEL = Color.web("#ebe6d9");
    /** Lines and text. */
    public static final Color INK = Color.web("#1e2d36");
    /** Secondary text, dimension lines of derived figures, hidden edges. */
    public static final Color QUIET = Color.web("#55646b");
    /** Hairlines between areas. */
    public static final Color HAIR = Color.web("#cfc7b4");
    /** Figures that were given: crayon. */
    public static final Color GIVEN = Color.web("#8f3a10");
    /** What is lit. */
    public static final Color LIT = Color.web("#13646c");
    /** Wood of a lit piece. */
    public static final Color LIT_WOOD = Color.web("#9cc4bd");
    /** Findings that stop the work. */
    public static final Color STOP = Color.web("#a3161b");
    /** Findings that warn. */
    public static final Color RISK = Color.web("#7d5000");
    /** Findings to know of. */
    public static final Color NOTE = Color.web("#3f5766");

    private static final Map<String, Color> WOODS = Map.ofEntries(Map.entry("beech", Color.web("#ecd8b8")),
            Map.entry("white-ash", Color.web("#efe2c6")), Map.entry("elm", Color.web("#d8b78c")),
            Map.entry("cherry", Color.web("#d9a67f")), Map.entry("hard-maple", Color.web("#f1e4cb")),
            Map.entry("white-oak", Color.web("#dcc59b")), Map.entry("red-oak", Color.web("#e0bd98")),
            Map.entry("walnut", Color.web("#b69479")), Map.entry("yellow-birch", Color.web("#efdcb4")),
            Map.entry("white-pine", Color.web("#f3e3bd")), Map.entry("larch", Color.web("#e6be8e")),
            Map.entry("sycamore", Color.web("#f2ead8")));

    private Palette() {}

    /** The tint of a wood. */
    public static Color wood(String species) {
        return WOODS.getOrDefault(species, Color.web("#e6d3b3"));
    }

    /** The colours as definitions for the root of a scene, such as {@code -paper: #f6f3eb;}. */
    public static String css() {
        Map<String, Color> tokens = Map.of("paper", PAPER, "panel", PANEL, "ink", INK, "quiet", QUIET, "hair", HAIR,
                "given", GIVEN, "lit", LIT, "stop", STOP, "risk", RISK, "note", NOTE);
        StringBuilder css = new StringBuilder();
        tokens.forEach((name, colour) -> css.append('-').append(name).append(':')
                .append(colour.toString().replace("0x", "#")).append(';'));
        return css.toString();
    }
}
