package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import longshoulder.core.marking.Rod;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The rod of a piece with its running figures; at full size it can be laid on the wood. */
public final class RodDrawing implements Drawing {

    private static final double HEADING_SIZE = 4.2;
    private static final double HEADING_LINE = 4;
    /** Where the first face begins: under the heading and the figures. */
    private static final double TOP = RodLayout.TOP + 4;
    /** The foot of the figures over the top of the marks. */
    private static final double FIGURES = 3.6;
    private static final double BETWEEN_FIGURES = 1.6;
    private static final double NAME_ROOM = 2.5;

    private final DrawingContext context;
    private final Rod rod;

    public RodDrawing(DrawingContext context, String piece) {
        this.context = context;
        rod = Rod.of(context.plan(), piece);
    }

    @Override
    public double largestScale(double width, double height) {
        double faces = at(1).foot() - TOP;
        return Math.max(Placement.LEAST_SCALE, Math.min((width - 2 * RodLayout.SIDE) / RodLayout.length(rod),
                (height - TOP - RodLayout.BOTTOM) / faces));
    }

    private RodLayout at(double scale) {
        return RodLayout.atScale(context.plan(), rod.piece(), scale, TOP);
    }

    @Override
    public Area leastPage(double scale) {
        RodLayout layout = at(scale);
        return new Area(0, 0, 2 * RodLayout.SIDE + scale * RodLayout.length(rod), layout.foot() + RodLayout.BOTTOM);
    }

    /** It at the full width of a page, its faces as wide as they have room: lengths and widths at scales of their own. */
    public Page filling(double width, double height) {
        return page(width, height, RodLayout.filling(context.plan(), rod.piece(), width, height));
    }

    @Override
    public Page page(double width, double height, double scale) {
        return page(width, height, at(scale));
    }

    private Page page(double width, double height, RodLayout layout) {
        List<Page.Group> groups = new ArrayList<>(layout.groups());
        groups.add(DrawingContext.text(heading(), 4, HEADING_LINE, HEADING_SIZE, true, Mark.Align.LEFT, Meaning.TEXT));
        for (int i = 0; i < rod.faces().size(); i++) {
            groups.add(DrawingContext.text(context.words().text(rod.faces().get(i).name()),
                    RodLayout.SIDE - NAME_ROOM, layout.middles().get(i) + DrawingContext.CAPTION / 3,
                    DrawingContext.CAPTION, false, Mark.Align.RIGHT, Meaning.CAPTION));
        }
        groups.add(figures(layout, width));
        return new Page(width, height, groups);
    }

    private String heading() {
        var piece = context.plan().piece(rod.piece());
        return context.words().sentence(Label.of("drawing.rod", piece.piece().mark(), piece.id()));
    }

    /** One for each place where marks lie, as near over it as the others let it. */
    private Page.Group figures(RodLayout layout, double width) {
        List<Integer> shown = new ArrayList<>();
        for (int i = 0; i < layout.places().size(); i++) {
            if (i == 0 || !layout.places().get(i).equals(layout.places().get(i - 1))) {
                shown.add(i);
            }
        }
        List<String> figures = shown.stream()
                .map(i -> context.words().figure(rod.marks().get(i).position().value())).toList();
        double[] places = shown.stream().mapToDouble(layout.places()::get).toArray();
        double[] widths = figures.stream().mapToDouble(figure -> BETWEEN_FIGURES
                + FigureRun.width(figure, DimensionLine.SIZE, false, context.measure())).toArray();
        double[] left = FigureRow.spread(places, widths, width);
        double top = layout.marksTop();
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < places.length; i++) {
            double middle = left[i] + widths[i] / 2;
            marks.add(new Mark.Line(Vector2D.of(places[i], -top), Vector2D.of(middle, FIGURES - top - 0.8),
                    Meaning.EXTENSION));
            marks.add(new Mark.Text(Vector2D.of(middle, FIGURES - top), figures.get(i), DimensionLine.SIZE, false,
                    Mark.Align.MIDDLE, Meaning.DERIVED));
        }
        return Page.Group.onPaper(0, 0, marks);
    }
}
