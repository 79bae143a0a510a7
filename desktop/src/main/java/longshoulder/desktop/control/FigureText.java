package longshoulder.desktop.control;

import java.util.function.Supplier;
import javafx.geometry.VPos;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import longshoulder.desktop.paint.Themed;

/**
 * A shown figure such as "49 5/8", its fraction drawn as one: small numerator, stroke, small denominator. The typeface's
 * own fractions cannot be reached from here.
 */
public final class FigureText extends Pane implements Themed {

    private static final double SMALL = 0.72;
    /** How high this is, and how high a line of the typeface, in sizes: the digits stand on the line of words beside them. */
    private static final double HEIGHT = 1.2;
    private static final double LINE = 1.42;

    private final double size;
    private final boolean bold;
    private final Supplier<Color> colour;
    private final double room;
    private String shown = "";
    private double width;
    private int used;

    public FigureText(String figure, double size, boolean bold, Supplier<Color> colour) {
        this(figure, size, bold, colour, 0);
    }

    /** @param room how wide it is at least; it ends at the right, and a figure of another width asks for no layout while it fits */
    public FigureText(String figure, double size, boolean bold, Supplier<Color> colour, double room) {
        this.size = size;
        this.room = room;
        this.bold = bold;
        this.colour = colour;
        setMouseTransparent(true);
        setText(figure);
    }

    /** Shows another figure: a number, a fraction, or a number and a fraction; anything behind is set as it is. */
    public void setText(String figure) {
        if (figure.equals(shown)) {
            return;
        }
        shown = figure;
        double before = wholeWidth();
        width = 0;
        used = 0;
        for (String word : figure.split(" ", -1)) {
            int slash = word.indexOf('/');
            if (width > 0 && slash < 0) {
                width += size * 0.25;
            }
            if (slash > 0) {
                width += width > 0 ? size * 0.08 : 0;
                add(word.substring(0, slash), size * SMALL, 0);
                width -= size * 0.04;
                add("⁄", size, 0);
                width -= size * 0.04;
                add(word.substring(slash + 1), size * SMALL, size * 0.30);
            } else {
                add(word, size, 0);
            }
        }
        getChildren().remove(used, getChildren().size());
        endAtRight();
        if (wholeWidth() != before) {
            requestLayout();
        }
    }

    private double wholeWidth() {
        return Math.max(room, Math.ceil(width));
    }

    private void endAtRight() {
        double before = wholeWidth() - Math.ceil(width);
        if (room > 0) {
            getChildren().forEach(part -> part.setTranslateX(before));
        }
    }

    @Override
    public void recolour() {
        getChildren().forEach(part -> ((Text) part).setFill(colour.get()));
    }

    private void add(String word, double wordSize, double down) {
        Text text = next();
        text.setText(word);
        text.setFont(Typefaces.figures(wordSize, bold));
        text.setX(width);
        text.setY(down + (wordSize < size ? size * 0.06 : 0) - size * (LINE - HEIGHT) / 2);
        width += text.getLayoutBounds().getWidth();
    }

    /** Parts are used again: most edits change only the digits. */
    private Text next() {
        if (used == getChildren().size()) {
            Text text = new Text();
            text.setFill(colour.get());
            text.setTextOrigin(VPos.TOP);
            // Placed here and not by the layout: other digits of the same width ask for no layout of the whole window.
            text.setManaged(false);
            getChildren().add(text);
        }
        return (Text) getChildren().get(used++);
    }

    @Override
    protected double computePrefWidth(double height) {
        return wholeWidth();
    }

    @Override
    protected double computePrefHeight(double anyWidth) {
        return Math.ceil(size * HEIGHT);
    }

    @Override
    protected double computeMinWidth(double height) {
        return computePrefWidth(height);
    }
}
