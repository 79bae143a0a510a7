package longshoulder.desktop.paint;

import java.util.Arrays;
import javafx.scene.paint.Color;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Pen;
import longshoulder.core.drawing.Placement;
import longshoulder.core.drawing.Tint;
import org.jspecify.annotations.Nullable;

/**
 * Draws into a {@link Picture}, in the colours of the palette. It draws no text: figures and captions of the window are nodes over the
 * picture, so that they can be typed into.
 */
public final class ScreenPen implements Pen {

    private static final double FAINT = 0.3;
    /** A circle is drawn in so many straight lines at most 5° long. */
    private static final double STEP = 5;

    private final Brush brush;
    private @Nullable Meaning taken;

    public ScreenPen(Brush brush) {
        this.brush = brush;
    }

    private static Color colour(Meaning meaning) {
        return switch (meaning) {
            case VISIBLE_EDGE, THIN_EDGE, TEXT -> Palette.ink();
            case LIT_EDGE, KNIFE_LINE -> Palette.lit();
            case HIDDEN_EDGE, SECTION, WASTE, DERIVED, GAUGE_LINE, PENCIL_LINE, CAPTION -> Palette.quiet();
            case EXTENSION, GRAIN -> Palette.quiet().deriveColor(0, 1, 1, FAINT);
            case FORMER_EDGE, GIVEN -> Palette.given();
            case STOP -> Palette.stop();
            case RISK -> Palette.risk();
            case NOTE -> Palette.note();
        };
    }

    private static Color colour(Tint tint) {
        if (tint.isInk()) {
            return Palette.ink();
        }
        if (tint.isPaper()) {
            return Palette.paper();
        }
        Color wood = tint.isPickedOut() ? Palette.litWood() : Palette.wood(tint.wood());
        return wood.interpolate(Palette.shade(), tint.shade());
    }

    @Override
    public double width(String text, double size, boolean bold) {
        return 0;
    }

    @Override
    public void line(double fromX, double fromY, double toX, double toY, Meaning meaning) {
        if (meaning != taken) {
            brush.line(colour(meaning), Pixels.of(meaning.width()), meaning.isDashed());
            taken = meaning;
        }
        brush.draw(Pixels.of(fromX), Pixels.of(fromY), Pixels.of(toX), Pixels.of(toY));
    }

    @Override
    public void arc(double x, double y, double radius, double start, double sweep, Meaning meaning) {
        int steps = (int) Math.ceil(sweep / STEP);
        for (int i = 0; i < steps; i++) {
            double from = Math.toRadians(start + sweep * i / steps);
            double to = Math.toRadians(start + sweep * (i + 1) / steps);
            line(x + radius * Math.cos(from), y - radius * Math.sin(from), x + radius * Math.cos(to),
                    y - radius * Math.sin(to), meaning);
        }
    }

    @Override
    public void face(double[] xs, double[] ys, Tint tint) {
        taken = null;
        brush.face(colour(tint), pixels(xs), pixels(ys));
    }

    private static double[] pixels(double[] millimetres) {
        return Arrays.stream(millimetres).map(Pixels::of).toArray();
    }

    @Override
    public void text(double x, double y, String text, double size, boolean bold, Meaning meaning) {
        // Nodes over the picture show it.
    }

    /** What is cut away, always a box, as a pattern: so many lines would take longer than all else in a picture. */
    @Override
    public void hatch(Mark.Hatched hatched, Placement at) {
        if (hatched.meaning() == Meaning.WASTE) {
            taken = null;
            var from = hatched.outline().get(0);
            var to = hatched.outline().get(2);
            brush.hatch(colour(hatched.meaning()), Pixels.of(at.x(from)), Pixels.of(at.y(to)), Pixels.of(at.x(to)),
                    Pixels.of(at.y(from)));
        } else {
            Pen.super.hatch(hatched, at);
        }
    }
}
