package longshoulder.desktop.paint;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.scene.paint.Color;
import longshoulder.core.wood.Species;

/**
 * The colours of the program, each named after what it means; docs/design.md has the reasons. The style sheet knows them
 * under the same names, so no colour is written twice. There is one theme at a time for the whole program.
 */
public final class Palette {

    /** Dark on light, or light on dark. */
    public enum Theme {
        LIGHT, DARK
    }

    /**
     * One colour for each meaning.
     *
     * @param paper what drawings lie on
     * @param panel what stands round the drawings
     * @param bright what is typed into and what lies on top
     * @param ink lines and text
     * @param quiet secondary text, dimension lines of derived figures, hidden edges
     * @param hair hairlines between areas
     * @param given figures that were given: crayon
     * @param lit what is lit
     * @param litWood wood of a lit piece
     * @param stop findings that stop the work
     * @param risk findings that warn
     * @param note findings to know of
     * @param shade what faces that look away from the light grow towards
     */
    private record Colours(Color paper, Color panel, Color bright, Color ink, Color quiet, Color hair, Color given,
            Color lit, Color litWood, Color stop, Color risk, Color note, Color shade) {}

    private static final Colours LIGHT = new Colours(Color.web("#f6f3eb"), Color.web("#ebe6d9"), Color.WHITE,
            Color.web("#1e2d36"), Color.web("#55646b"), Color.web("#cfc7b4"), Color.web("#8f3a10"),
            Color.web("#13646c"), Color.web("#9cc4bd"), Color.web("#a3161b"), Color.web("#7d5000"),
            Color.web("#3f5766"), Color.web("#1e2d36"));

    private static final Colours DARK = new Colours(Color.web("#1f282c"), Color.web("#293439"), Color.web("#141b1e"),
            Color.web("#ece7d9"), Color.web("#a9b6b8"), Color.web("#4a5a61"), Color.web("#f2aa74"),
            Color.web("#74cdc6"), Color.web("#2f7772"), Color.web("#ff9c92"), Color.web("#ecbf6a"),
            Color.web("#a8c4d2"), Color.BLACK);

    /** In the dark woods are as deep as in evening light, so that lines stand out against them. */
    private static final double EVENING = 0.52;

    private static final Map<String, Color> WOODS = new ConcurrentHashMap<>();

    /** Read in the background too, where pictures are painted. */
    private static volatile Theme theme = Theme.LIGHT;

    private Palette() {}

    /** The theme that is shown. */
    public static Theme theme() {
        return theme;
    }

    /** Shows another theme: what is drawn from now on has its colours. */
    public static void use(Theme other) {
        theme = other;
    }

    private static Colours now() {
        return theme == Theme.LIGHT ? LIGHT : DARK;
    }

    public static Color paper() {
        return now().paper();
    }

    public static Color panel() {
        return now().panel();
    }

    public static Color bright() {
        return now().bright();
    }

    public static Color ink() {
        return now().ink();
    }

    public static Color quiet() {
        return now().quiet();
    }

    public static Color hair() {
        return now().hair();
    }

    public static Color given() {
        return now().given();
    }

    public static Color lit() {
        return now().lit();
    }

    public static Color litWood() {
        return now().litWood();
    }

    public static Color stop() {
        return now().stop();
    }

    public static Color risk() {
        return now().risk();
    }

    public static Color note() {
        return now().note();
    }

    public static Color shade() {
        return now().shade();
    }

    /** The tint of a wood. */
    public static Color wood(String species) {
        Color wood = WOODS.computeIfAbsent(species,
                id -> Color.web("#%06x".formatted(Species.colourOf(id))));
        return theme == Theme.LIGHT ? wood : wood.deriveColor(0, 1, EVENING, 1);
    }

    /** The colours as definitions for the root of a scene, such as {@code -paper: #f6f3eb;}. */
    public static String css() {
        Map<String, Color> tokens = Map.ofEntries(Map.entry("paper", paper()), Map.entry("panel", panel()),
                Map.entry("bright", bright()), Map.entry("ink", ink()), Map.entry("quiet", quiet()),
                Map.entry("hair", hair()), Map.entry("given", given()), Map.entry("lit", lit()),
                Map.entry("stop", stop()), Map.entry("risk", risk()), Map.entry("note", note()));
        StringBuilder css = new StringBuilder();
        tokens.forEach((name, colour) -> css.append('-').append(name).append(':')
                .append(colour.toString().replace("0x", "#")).append(';'));
        return css.toString();
    }
}
