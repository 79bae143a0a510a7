package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.ToDoubleFunction;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Extent;
import longshoulder.core.projection.JointDetail;
import longshoulder.core.frame.Dimension;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.joint.SectionPlane;

/**
 * Lays the three sections of a joint in an area, at one scale so that thicknesses can be compared, with room for figures beside
 * and below each: in one row or in two, whichever leaves their captions room and them larger.
 */
public final class SectionLayout {

    private static final double EDGE = 2.6;
    private static final double CAPTION = 5.8;

    /** Room for the first column of figures beside a section, and for each one more. */
    private static final double FIGURES = 17.5;
    private static final double COLUMN = 11.1;

    /** Room for figures that stand before their ticks. */
    private static final double TICKED = 9;

    /** Room for a row of figures above or below a section. */
    private static final double ROW = 6.9;

    private static final List<List<List<SectionPlane>>> ARRANGEMENTS = List.of(
            List.of(List.of(SectionPlane.ELEVATION, SectionPlane.PLAN, SectionPlane.ACROSS)),
            List.of(List.of(SectionPlane.ELEVATION, SectionPlane.ACROSS), List.of(SectionPlane.PLAN)));

    /** A section on the sheet, and the middle of the top of its caption, in millimetres of paper. */
    public record Place(SectionPlane section, PlacedView view, double captionX, double captionY) {}

    private final JointDetail detail;
    private final Map<SectionPlane, Projection> drawings = new EnumMap<>(SectionPlane.class);
    private final Map<SectionPlane, List<Dimension>> figures = new EnumMap<>(SectionPlane.class);
    private final Area area;
    private final ToDoubleFunction<SectionPlane> captions;
    private final List<List<SectionPlane>> rows;
    private final double scale;

    /**
     * Laid out in an area as large as they can be.
     *
     * @param captions how wide the caption of a section is
     */
    public SectionLayout(JointDetail detail, Area area, ToDoubleFunction<SectionPlane> captions) {
        this.detail = detail;
        this.area = area;
        this.captions = captions;
        for (SectionPlane section : SectionPlane.values()) {
            drawings.put(section, projection(detail, section));
            figures.put(section, detail.dimensions(section));
        }
        rows = ARRANGEMENTS.stream()
                .max(Comparator.comparing(this::isNamed).thenComparingDouble(this::scale)).orElseThrow();
        scale = Math.max(Placement.LEAST_SCALE, scale(rows));
    }

    /** Laid out in the least area at a scale, from its upper left corner: in one row. */
    private SectionLayout(SectionLayout other, double scale) {
        detail = other.detail;
        captions = other.captions;
        drawings.putAll(other.drawings);
        figures.putAll(other.figures);
        rows = ARRANGEMENTS.getFirst();
        this.scale = scale;
        List<SectionPlane> row = rows.getFirst();
        area = new Area(0, 0, roomBeside(row) + row.stream().mapToDouble(this::column).sum(),
                roomRound(row) + scale * height(row));
    }

    /** The same sections in one row at a scale, in the least area. */
    SectionLayout atScale(double other) {
        return new SectionLayout(this, other);
    }

    double scale() {
        return scale;
    }

    /** Where they are laid out. */
    Area area() {
        return area;
    }

    static Projection projection(JointDetail detail, SectionPlane section) {
        return Projection.visibleOf(detail.section(section), detail.view(section));
    }

    private Extent extent(SectionPlane section) {
        return drawing(section).extent();
    }

    private Projection drawing(SectionPlane section) {
        return Objects.requireNonNull(drawings.get(section));
    }

    /** The figures of a section. */
    public List<Dimension> figures(SectionPlane section) {
        return Objects.requireNonNull(figures.get(section));
    }

    private double height(List<SectionPlane> row) {
        return row.stream().mapToDouble(section -> extent(section).height()).max().orElse(1);
    }

    private double width(List<SectionPlane> row) {
        return row.stream().mapToDouble(section -> extent(section).width()).sum();
    }

    private double roomBeside(List<SectionPlane> row) {
        return row.stream().mapToDouble(section -> beside(section, Side.LEFT) + beside(section, Side.RIGHT)).sum();
    }

    /** Room on one side of a section; on the left stand figures that find none between their ticks. */
    private double beside(SectionPlane section, Side side) {
        int columns = rows(section, side);
        if (columns > 0) {
            return FIGURES + COLUMN * (columns - 1);
        }
        return side == Side.LEFT && !figures(section).isEmpty() ? TICKED : EDGE / 2;
    }

    /** How many rows of figures stand on a side of a section. */
    private int rows(SectionPlane section, Side side) {
        return 1 + figures(section).stream().filter(figure -> figure.side() == side).mapToInt(Dimension::rank).max()
                .orElse(-1);
    }

    private double above(List<SectionPlane> row) {
        return ROW * row.stream().mapToInt(section -> rows(section, Side.ABOVE)).max().orElse(0);
    }

    /** At least one row below, so that captions do not jump. */
    private double below(List<SectionPlane> row) {
        return 1.1 + ROW * Math.max(1, row.stream().mapToInt(section -> rows(section, Side.BELOW)).max().orElse(0));
    }

    /** What a row takes up besides its sections. */
    private double roomRound(List<SectionPlane> row) {
        return EDGE + above(row) + below(row) + CAPTION;
    }

    /** Whether the captions of all rows have room beside each other. */
    private boolean isNamed(List<List<SectionPlane>> arrangement) {
        return arrangement.stream()
                .allMatch(row -> row.stream().mapToDouble(captions).sum() + roomBeside(row) <= area.width());
    }

    /** How large the sections can be in an arrangement. */
    private double scale(List<List<SectionPlane>> arrangement) {
        double down = arrangement.stream().mapToDouble(this::height).sum();
        double least = (area.height() - arrangement.stream().mapToDouble(this::roomRound).sum()) / down;
        for (List<SectionPlane> row : arrangement) {
            least = Math.min(least, (area.width() - roomBeside(row)) / width(row));
        }
        return least;
    }

    /** Every section at its place; what is spare lies above and below each row. */
    public List<Place> places() {
        double used = rows.stream().mapToDouble(row -> scale * height(row) + roomRound(row)).sum();
        double spare = (area.height() - used) / rows.size();
        List<Place> places = new ArrayList<>();
        double top = area.top();
        for (List<SectionPlane> row : rows) {
            place(row, top + EDGE + above(row) + spare / 2, places);
            top += spare + scale * height(row) + roomRound(row);
        }
        return places;
    }

    /** A section is at least as wide as its caption. */
    private double column(SectionPlane section) {
        return Math.max(scale * extent(section).width(), captions.applyAsDouble(section));
    }

    /** One row, its sections in the middle of its height and their captions in line. */
    private void place(List<SectionPlane> row, double top, List<Place> places) {
        double spare = (area.width() - roomBeside(row) - row.stream().mapToDouble(this::column).sum()) / row.size();
        double x = area.left() + spare / 2;
        double foot = top + scale * height(row) + below(row);
        for (SectionPlane section : row) {
            Extent extent = extent(section);
            x += beside(section, Side.LEFT);
            double drawn = x + (column(section) - scale * extent.width()) / 2;
            double y = top + scale * (height(row) - extent.height()) / 2 + scale * extent.high();
            PlacedView view = new PlacedView(detail.view(section), "", drawing(section),
                    new Placement(scale, drawn - scale * extent.left(), y));
            places.add(new Place(section, view, x + column(section) / 2, foot + 1.1));
            x += column(section) + spare + beside(section, Side.RIGHT);
        }
    }
}
