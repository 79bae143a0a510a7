package longshoulder.core.drawing;

import java.util.List;
import java.util.stream.IntStream;
import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.View;
import longshoulder.core.projection.DrawnPart;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.Projection;

/** One flat view of the furniture with its figures. */
final class FlatViewDrawing implements Drawing {

    private static final double EDGE = 6;
    /** Room for a figure that stands in its line, and for one that stands before its ticks. */
    private static final double HALF_FIGURE = 8;
    private static final double CAPTION_ROOM = 8;

    private final DrawingContext context;
    private final View view;
    private final String name;
    private final List<Dimension> figures;
    private final Projection projection;

    FlatViewDrawing(DrawingContext context, View view, String name) {
        this.context = context;
        this.view = view;
        this.name = name;
        figures = context.plan().frame().dimensions().stream().filter(one -> one.view().equals(view)).toList();
        projection = Projection.ofParts(DrawnPart.all(context.plan()), view,
                SheetLayout.seenThrough(context.plan(), ""));
    }

    /** Room for the figures on a side. */
    private double beside(Side side, double step) {
        int ranks = figures.stream().filter(figure -> figure.side() == side).mapToInt(Dimension::rank).max().orElse(-1);
        return ranks < 0 ? EDGE + HALF_FIGURE : EDGE + DimensionLine.NEAREST + ranks * step + HALF_FIGURE;
    }

    private double left() {
        return beside(Side.LEFT, DimensionLine.STEP_DOWN);
    }

    private double right() {
        return beside(Side.RIGHT, DimensionLine.STEP_DOWN);
    }

    private double above() {
        return beside(Side.ABOVE, DimensionLine.STEP_ACROSS) - HALF_FIGURE / 2;
    }

    private double below() {
        boolean inside = IntStream.range(0, figures.size()).anyMatch(i -> figures.get(i).side() == Side.INSIDE);
        return beside(Side.BELOW, DimensionLine.STEP_ACROSS) - HALF_FIGURE / 2 + CAPTION_ROOM
                + (inside ? DimensionLine.NEAREST : 0);
    }

    @Override
    public double largestScale(double width, double height) {
        Extent extent = projection.extent();
        return Placement.largestScale(extent.width(), extent.height(), width - left() - right(),
                height - above() - below());
    }

    @Override
    public Area leastPage(double scale) {
        Extent extent = projection.extent();
        return new Area(0, 0, left() + right() + scale * extent.width(), above() + below() + scale * extent.height());
    }

    @Override
    public Page page(double width, double height, double scale) {
        Area room = new Area(0, 0, width, height).inset(left(), above(), right(), below());
        PlacedView placed = new PlacedView(view, name, projection,
                Placement.inMiddle(projection.extent(), room, scale));
        Area drawn = placed.area();
        return new Page(width, height, List.of(context.group(placed, ""),
                context.caption(context.words().text(name), drawn.left() + drawn.width() / 2,
                        drawn.bottom() + below() - EDGE)));
    }
}
