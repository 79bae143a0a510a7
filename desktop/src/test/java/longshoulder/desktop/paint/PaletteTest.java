package longshoulder.desktop.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import javafx.scene.paint.Color;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Woods;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Contrast of every pair of colours in which text is set, by the usual measure of relative luminance, in both themes. */
class PaletteTest {

    private static final double TEXT = 4.5;
    private static final double LINES = 3;

    @AfterEach
    void light() {
        Palette.use(Palette.Theme.LIGHT);
    }

    private static double luminance(Color colour) {
        return 0.2126 * linear(colour.getRed()) + 0.7152 * linear(colour.getGreen())
                + 0.0722 * linear(colour.getBlue());
    }

    private static double linear(double part) {
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }

    private static double contrast(Color one, Color other) {
        double high = Math.max(luminance(one), luminance(other));
        double low = Math.min(luminance(one), luminance(other));
        return (high + 0.05) / (low + 0.05);
    }

    /** Black on white is 21 to one. */
    @ParameterizedTest
    @EnumSource(Palette.Theme.class)
    void text_standsOutFromWhatItLiesOn(Palette.Theme theme) {
        assertThat(contrast(Color.BLACK, Color.WHITE)).isEqualTo(21);
        Palette.use(theme);
        Map<String, Color> texts = Map.of("ink", Palette.ink(), "quiet", Palette.quiet(), "given", Palette.given(),
                "lit", Palette.lit(), "stop", Palette.stop(), "risk", Palette.risk(), "note", Palette.note());
        Map<String, Color> grounds = Map.of("paper", Palette.paper(), "panel", Palette.panel(), "bright",
                Palette.bright());
        texts.forEach((text, colour) -> grounds.forEach((ground, under) -> assertThat(contrast(colour, under))
                .as("%s on %s, %s", text, ground, theme).isGreaterThanOrEqualTo(TEXT)));
        for (Color filled : List.of(Palette.lit(), Palette.stop(), Palette.risk(), Palette.note(), Palette.ink())) {
            assertThat(contrast(Palette.paper(), filled)).as("paper on %s, %s", filled, theme)
                    .isGreaterThanOrEqualTo(TEXT);
        }
    }

    /** Edges are seen on every wood, and on the lit one. */
    @ParameterizedTest
    @EnumSource(Palette.Theme.class)
    void edges_standOutFromEveryWood(Palette.Theme theme) {
        Palette.use(theme);
        for (Species species : Woods.SHIPPED.all()) {
            assertThat(contrast(Palette.ink(), Palette.wood(species.id()))).as("%s, %s", species.id(), theme)
                    .isGreaterThanOrEqualTo(LINES);
        }
        assertThat(contrast(Palette.ink(), Palette.litWood())).as("lit, %s", theme).isGreaterThanOrEqualTo(LINES);
    }
}
