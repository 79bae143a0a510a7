package longshoulder.core.drawing;

import java.util.List;
import longshoulder.core.projection.DrawnPart;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Projection;

/** The furniture as it will stand, seen from above one of its corners. */
public final class PictorialDrawing implements Drawing {

    private static final double EDGE = 4;

    private final DrawingContext context;
    private final PictorialLook look;
    private final Projection projection;

    public PictorialDrawing(DrawingContext context, PictorialLook look) {
        this.context = context;
        this.look = look;
        projection = Projection.visibleOf(DrawnPart.all(context.plan()), look.eye());
    }

    @Override
    public double largestScale(double width, double height) {
        Extent extent = projection.extent();
        return Placement.largestScale(extent.width(), extent.height(), width - 2 * EDGE, height - 2 * EDGE);
    }

    @Override
    public Area leastPage(double scale) {
        Extent extent = projection.extent();
        return new Area(0, 0, 2 * EDGE + scale * extent.width(), 2 * EDGE + scale * extent.height());
    }

    @Override
    public Page page(double width, double height, double scale) {
        PlacedView placed = new PlacedView(look.eye(), PlacedView.PICTORIAL, projection,
                Placement.inMiddle(projection.extent(), new Area(0, 0, width, height), scale));
        return new Page(width, height, List.of(context.group(placed, "")));
    }
}
