package longshoulder.core.papers;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.TextMeasure;
import longshoulder.core.drawing.Tint;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** Lays labels on sheets, or each on a page of its own for a printer of labels. */
public final class LabelPages {

    private static final double MARGIN = 3;
    private static final double NAME = 3.4;
    private static final double SMALL = 2.8;
    private static final double LARGEST_MARK = 9;

    private final TextMeasure measure;
    private final Function<String, boolean[][]> codes;

    /** @param codes makes the squares of a code, row by row from the top, dark ones true */
    public LabelPages(TextMeasure measure, Function<String, boolean[][]> codes) {
        this.measure = measure;
        this.codes = codes;
    }

    /** All labels on sheets. */
    public List<Page> sheets(List<PieceLabel> labels, LabelSheet sheet) {
        List<Page> pages = new ArrayList<>();
        for (int from = 0; from < labels.size(); from += sheet.count()) {
            List<Page.Group> groups = new ArrayList<>();
            for (int i = from; i < Math.min(labels.size(), from + sheet.count()); i++) {
                groups.addAll(page(labels.get(i), sheet.labelWidth(), sheet.labelHeight())
                        .shifted(sheet.x(i), sheet.y(i)));
            }
            pages.add(new Page(sheet.width(), sheet.height(), groups));
        }
        return pages;
    }

    /** One label. */
    public Page page(PieceLabel label, double width, double height) {
        List<Mark> marks = new ArrayList<>(texts(label, width, height));
        marks.addAll(squares(codes.apply(label.code()), codeLeft(width, height), MARGIN, codeSide(height)));
        return new Page(width, height, List.of(Page.Group.onPaper(0, 0, marks)));
    }

    /** How long the sides of the code are on a label. */
    public static double codeSide(double height) {
        return height - 2 * MARGIN;
    }

    /** Where the code begins on a label. */
    public static double codeLeft(double width, double height) {
        return width - MARGIN - codeSide(height);
    }

    /** What is written on a label, in millimetres from its upper left corner, down negative. */
    public List<Mark> texts(PieceLabel label, double width, double height) {
        List<Mark> marks = new ArrayList<>();
        double code = codeSide(height);
        double room = width - 3 * MARGIN - code;
        double mark = Math.min(LARGEST_MARK, (height - 2 * MARGIN) * 0.36);
        double y = MARGIN + mark * 0.8;
        text(marks, label.mark(), y, fitted(label.mark(), mark, true, room), true);
        y += (height - MARGIN - y) * 0.28;
        text(marks, label.name(), y, fitted(label.name(), NAME, true, room), true);
        double step = (height - MARGIN - y) / 3;
        for (String line : List.of(label.sizes(), label.line(), label.face())) {
            y += step;
            text(marks, line, y, fitted(line, Math.min(SMALL, step * 0.9), false, room), false);
        }
        return marks;
    }

    private static void text(List<Mark> marks, String text, double y, double size, boolean bold) {
        marks.add(new Mark.Text(Vector2D.of(MARGIN, -y), text, size, bold, Mark.Align.LEFT, Meaning.TEXT));
    }

    /** Smaller where it would run into the code. */
    private double fitted(String text, double size, boolean bold, double room) {
        double width = measure.width(text, size, bold);
        return width > room ? size * room / width : size;
    }

    /** A run of dark squares in a row is one face. */
    public static List<Mark> squares(boolean[][] squares, double x, double y, double side) {
        List<Mark> marks = new ArrayList<>();
        double step = side / Math.max(1, squares.length);
        for (int row = 0; row < squares.length; row++) {
            int from = -1;
            for (int column = 0; column <= squares[row].length; column++) {
                boolean dark = column < squares[row].length && squares[row][column];
                if (dark && from < 0) {
                    from = column;
                } else if (!dark && from >= 0) {
                    marks.add(new Mark.Face(Mark.corners(x + from * step, -(y + (row + 1) * step),
                            x + column * step, -(y + row * step)), Tint.INK));
                    from = -1;
                }
            }
        }
        return marks;
    }
}
