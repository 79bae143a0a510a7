package longshoulder.core.papers;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Sheets of labels that stationers sell, by the size of a label in millimetres. */
public enum LabelSheet {
    /** 24 on A4, edge to edge. */
    A4_70X37(210, 297, 3, 8, 70, 37.125, 0, 0),
    /** 14 on A4, with a gap between the columns. */
    A4_99X38(210, 297, 2, 7, 99.1, 38.1, 4.65, 15.15, 2.5),
    /** 30 on Letter, with gaps between the columns. */
    LETTER_67X25(215.9, 279.4, 3, 10, 66.675, 25.4, 4.7625, 12.7, 3.175);

    private final double width;
    private final double height;
    private final int columns;
    private final int rows;
    private final double labelWidth;
    private final double labelHeight;
    private final double left;
    private final double top;
    private final double gap;

    LabelSheet(double width, double height, int columns, int rows, double labelWidth, double labelHeight, double left,
            double top) {
        this(width, height, columns, rows, labelWidth, labelHeight, left, top, 0);
    }

    LabelSheet(double width, double height, int columns, int rows, double labelWidth, double labelHeight, double left,
            double top, double gap) {
        this.width = width;
        this.height = height;
        this.columns = columns;
        this.rows = rows;
        this.labelWidth = labelWidth;
        this.labelHeight = labelHeight;
        this.left = left;
        this.top = top;
        this.gap = gap;
    }

    /** What commands call it, such as "a4-70x37". */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The sheet of a name. */
    public static Optional<LabelSheet> find(String id) {
        return Arrays.stream(values()).filter(sheet -> sheet.id().equals(id)).findFirst();
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    int count() {
        return columns * rows;
    }

    /** Of one label. */
    public double labelWidth() {
        return labelWidth;
    }

    /** Of one label. */
    public double labelHeight() {
        return labelHeight;
    }

    /**
     * Where a label begins on its sheet.
     *
     * @param index from 0, row by row
     */
    double x(int index) {
        return left + index % columns * (labelWidth + gap);
    }

    double y(int index) {
        int row = index % count() / columns;
        return top + row * labelHeight;
    }
}
