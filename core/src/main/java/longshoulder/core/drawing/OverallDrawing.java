package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.projection.DrawnPart;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Projection;

/** The furniture as it will stand, with its overall sizes. */
public final class OverallDrawing implements Drawing {

    /** Round the view for its figures, in millimetres of paper. */
    private static final double BESIDE = 16;
    private static final double ABOVE = 3;
    private static final double BELOW = 11;

    private final DrawingContext context;
    private final Projection projection;

    public OverallDrawing(DrawingContext context) {
        this.context = context;
        projection = Projection.visibleOf(DrawnPart.all(context.plan()), PictorialLook.FIRST.eye());
    }

    @Override
    public double largestScale(double width, double height) {
        Extent extent = projection.extent();
        return Placement.largestScale(extent.width(), extent.height(), width - 2 * BESIDE, height - ABOVE - BELOW);
    }

    @Override
    public Area leastPage(double scale) {
        Extent extent = projection.extent();
        return new Area(0, 0, 2 * BESIDE + scale * extent.width(), ABOVE + BELOW + scale * extent.height());
    }

    @Override
    public Page page(double width, double height, double scale) {
        Placement placement = placement(width, height, scale);
        List<Mark> marks = new ArrayList<>(new ViewMarks(context.plan(), "").of(projection));
        figures(scale).forEach(figure -> marks.addAll(figure.marks(context.measure(), scale)));
        return new Page(width, height, List.of(new Page.Group(placement, marks)));
    }

    /** Where the picture lies on the page. */
    public Placement placement(double width, double height, double scale) {
        return Placement.inMiddle(projection.extent(), new Area(0, ABOVE, width, height - ABOVE - BELOW), scale);
    }

    /** The overall sizes, at a scale. */
    public List<OverallFigure> figures(double scale) {
        return OverallFigure.of(context, PictorialLook.FIRST.eye(), scale);
    }
}
