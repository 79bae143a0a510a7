package longshoulder.desktop.control;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import javafx.application.Application;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;
import longshoulder.files.ShippedFonts;

/**
 * The two typefaces that ship with the program: Bitter for headings, Source Sans 3 for text and figures (its figures are
 * all equally wide, so they stand under each other).
 */
public final class Typefaces {

    private static final String FIGURES = "Source Sans 3";

    /** Kept by size: a text that is given an equal but other font is measured anew. */
    private static final Map<Double, Font> PLAIN = new ConcurrentHashMap<>();
    private static final Map<Double, Font> BOLD = new ConcurrentHashMap<>();

    private Typefaces() {}

    /** Makes the typefaces known and the style sheet the only one; once, before the first scene. */
    public static void load() {
        // Alone: the toolkit's own style sheet would be read, matched against every node and then overruled.
        Application.setUserAgentStylesheet(
                String.valueOf(Typefaces.class.getResource("/longshoulder/desktop/longshoulder.css")));
        Reading.DONE.join();
    }

    /** Reads the typefaces on another thread, and measures a first text, which takes long; for a start that has other things to do. */
    public static void begin() {
        Reading.DONE.isDone();
    }

    /** Begun when first named. A thread of its own: the shared pool reads the design meanwhile. */
    private static final class Reading {
        static final CompletableFuture<Boolean> DONE = CompletableFuture.supplyAsync(Typefaces::read,
                task -> Thread.ofPlatform().daemon().start(task));
    }

    private static Boolean read() {
        for (String file : ShippedFonts.ALL) {
            try (InputStream in = ShippedFonts.open(file)) {
                if (Font.loadFont(in, 12) == null) {
                    throw new IllegalStateException("The typeface (%s) cannot be read.".formatted(file));
                }
            } catch (IOException broken) {
                throw new UncheckedIOException("A shipped typeface cannot be read.", broken);
            }
        }
        Text first = new Text("Long");
        first.setFont(figures(14, false));
        return first.getLayoutBounds().getWidth() > 0;
    }

    /** Figures and text of a size, in pixels. */
    public static Font figures(double size, boolean bold) {
        return bold
                ? BOLD.computeIfAbsent(size, each -> Font.font(FIGURES + " SemiBold", FontWeight.SEMI_BOLD, each))
                : PLAIN.computeIfAbsent(size, each -> Font.font(FIGURES, FontWeight.NORMAL, each));
    }
}
