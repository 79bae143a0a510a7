package longshoulder.core.drawing;

import java.util.List;
import longshoulder.core.frame.Dimension;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * What every drawing of a plan is made from.
 *
 * @param words in which its captions and figures are written
 * @param measure of the typeface that they will be written in
 */
public record DrawingContext(Plan plan, Words words, TextMeasure measure) {

    /** The size of captions, in millimetres of paper. */
    public static final double CAPTION = 3.4;

    /** The line of a figure at its place round a view. */
    DimensionLine line(PlacedView view, Dimension dimension) {
        return DimensionLine.of(view, dimension, words.figure(dimension.amount().value()));
    }

    /** The lines of all figures of the frame that belong to a view. */
    public List<DimensionLine> lines(PlacedView view) {
        return plan.frame().dimensions().stream().filter(dimension -> dimension.view().equals(view.view()))
                .map(dimension -> line(view, dimension)).toList();
    }

    /**
     * A view with its figures, as marks.
     *
     * @param lit id of the piece that is picked out; empty for none
     */
    Page.Group group(PlacedView view, String lit) {
        List<Mark> marks = new ViewMarks(plan, lit).of(view.projection());
        lines(view).forEach(line -> marks.add(new Mark.Dimensioned(line)));
        return new Page.Group(view.placement(), marks);
    }

    /** A caption whose middle lies at a place of the page, as a group of its own. */
    Page.Group caption(String text, double x, double y) {
        return text(text, x, y, CAPTION, false, Mark.Align.MIDDLE, Meaning.CAPTION);
    }

    /** A text at a place of the page, as a group of its own. */
    static Page.Group text(String text, double x, double y, double size, boolean bold, Mark.Align align,
            Meaning meaning) {
        return Page.Group.onPaper(x, y, List.of(new Mark.Text(Vector2D.ZERO, text, size, bold, align, meaning)));
    }
}
