package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.joint.Meeting;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Spans;

/** All pieces between shoulders at one scale, their left shoulders on one line, those together that must agree. */
public final class LengthsDrawing implements Drawing {

    private static final double EDGE = 4;
    private static final double NAMES = 52;
    private static final double MARKS = 12;
    private static final double FIGURES = 24;
    private static final double HEADING = 9;
    private static final double ROW = 9.5;
    private static final double BETWEEN_SPANS = 3;
    private static final double SIZE = 3.6;

    private final DrawingContext context;
    private final List<List<PlannedPiece>> spans;

    public LengthsDrawing(DrawingContext context) {
        this(context, Spans.of(context.plan()));
    }

    /**
     * Some of the spans of a plan.
     *
     * @param spans those that are drawn
     */
    public LengthsDrawing(DrawingContext context, List<List<PlannedPiece>> spans) {
        this.context = context;
        this.spans = List.copyOf(spans);
    }

    private double longestTenon() {
        return pieces().mapToDouble(piece -> LengthBar.tenon(piece, Meeting.Part.START)).max().orElse(0);
    }

    private double longest() {
        return longestTenon() + pieces().mapToDouble(piece -> millimetres(piece)
                + LengthBar.tenon(piece, Meeting.Part.FINISH)).max().orElse(1);
    }

    private Stream<PlannedPiece> pieces() {
        return spans.stream().flatMap(List::stream);
    }

    private static double millimetres(PlannedPiece piece) {
        return piece.shoulderLength().orElseThrow().value().toMillimetres();
    }

    @Override
    public double largestScale(double width, double height) {
        return Math.max(Placement.LEAST_SCALE, (width - NAMES - 2 * FIGURES - 2 * EDGE) / longest());
    }

    @Override
    public Area leastPage(double scale) {
        double rows = spans.stream().mapToDouble(span -> span.size() * ROW + BETWEEN_SPANS).sum();
        return new Area(0, 0, NAMES + 2 * FIGURES + 2 * EDGE + scale * longest(), HEADING + rows + EDGE);
    }

    @Override
    public Page page(double width, double height, double scale) {
        List<Page.Group> groups = new ArrayList<>();
        double shoulders = width - EDGE - FIGURES;
        head(groups, "drawing.shoulder", shoulders);
        head(groups, "drawing.overall", width - EDGE);
        double y = HEADING;
        for (List<PlannedPiece> span : spans) {
            for (PlannedPiece piece : span) {
                y += ROW;
                row(groups, piece, isUnequal(span), scale, y - LengthBar.BEYOND, width);
            }
            y += BETWEEN_SPANS;
        }
        return new Page(width, height, groups);
    }

    private void head(List<Page.Group> groups, String key, double right) {
        groups.add(DrawingContext.text(context.words().text(key), right, HEADING - EDGE, DrawingContext.CAPTION, false,
                Mark.Align.RIGHT, Meaning.CAPTION));
    }

    private static boolean isUnequal(List<PlannedPiece> span) {
        return span.stream().map(piece -> piece.shoulderLength().orElseThrow().value()).distinct().count() > 1;
    }

    private void row(List<Page.Group> groups, PlannedPiece piece, boolean unequal, double scale, double foot,
            double width) {
        double line = foot - LengthBar.HEIGHT / 2 + SIZE / 3;
        groups.add(DrawingContext.text(piece.piece().mark(), EDGE, line, SIZE, true, Mark.Align.LEFT, Meaning.TEXT));
        groups.add(DrawingContext.text(context.words().name(piece.id()), EDGE + MARKS, line, SIZE, false,
                Mark.Align.LEFT, Meaning.TEXT));
        groups.add(new Page.Group(new Placement(scale, EDGE + NAMES + scale * longestTenon(), foot),
                new LengthBar(piece, false, unequal).marks(scale)));
        groups.add(DrawingContext.text(context.words().figure(piece.shoulderLength().orElseThrow().value()),
                width - EDGE - FIGURES, line, SIZE, true, Mark.Align.RIGHT, Meaning.TEXT));
        groups.add(DrawingContext.text(context.words().figure(piece.length().value()), width - EDGE, line, SIZE, false,
                Mark.Align.RIGHT, Meaning.TEXT));
    }
}
