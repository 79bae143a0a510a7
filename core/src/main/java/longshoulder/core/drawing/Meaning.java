package longshoulder.core.drawing;

import java.util.Locale;

/**
 * What a mark stands for, such as a hidden edge. Lines of different meaning differ in width or in dashes as well as in colour, so that
 * they can be told apart in black and white. Every pen has its own colours; widths and dashes are given here for all.
 */
public enum Meaning {
    /** An edge that is seen. */
    VISIBLE_EDGE(0.32),
    /** The same in pictures too small for its full width. */
    THIN_EDGE(0.2),
    /** An edge behind something. */
    HIDDEN_EDGE(0.2, true),
    /** An edge of the piece that is picked out. */
    LIT_EDGE(0.53),
    /** An edge as it was before an edit that is being tried out. */
    FORMER_EDGE(0.32, true),
    /** Lines over what a section cuts. */
    SECTION(0.18),
    /** What is cut away. */
    WASTE(0.18),
    /** A figure that the maker gave, and its line. */
    GIVEN(0.26),
    /** A figure that follows from others, and its line. */
    DERIVED(0.26),
    /** From what is measured to the line of its figure. */
    EXTENSION(0.13),
    /** A line that is cut with the knife, such as a shoulder. */
    KNIFE_LINE(0.42),
    /** A line that is scratched with a gauge. */
    GAUGE_LINE(0.26),
    /** A line that is drawn with the pencil. */
    PENCIL_LINE(0.2),
    /** The grain on a face of wood. */
    GRAIN(0.1),
    /** The names of views, and other text that is quiet. */
    CAPTION(0.18),
    /** Text, and the lines of tables. */
    TEXT(0.18),
    /** A finding that keeps the design from being made. */
    STOP(0.5),
    /** A finding that warns. */
    RISK(0.4),
    /** A finding to know of. */
    NOTE(0.3);

    /** The lengths of dashes and of the gaps between them, in millimetres of paper. */
    public static final double DASH = 1.06;
    public static final double GAP = 0.79;

    private final double width;
    private final boolean dashed;

    Meaning(double width) {
        this(width, false);
    }

    Meaning(double width, boolean dashed) {
        this.width = width;
        this.dashed = dashed;
    }

    /** How wide its lines are, in millimetres of paper. */
    public double width() {
        return width;
    }

    public boolean isDashed() {
        return dashed;
    }

    /** The layer of a drawing file that holds its marks, such as {@code hidden-edge}. */
    public String layer() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
