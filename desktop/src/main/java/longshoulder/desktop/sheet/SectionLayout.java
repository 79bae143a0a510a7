package longshoulder.desktop.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import javafx.geometry.Rectangle2D;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.Extent;
import longshoulder.core.drawing.JointDetail;
import longshoulder.core.drawing.JointDetail.Section;

/**
 * Lays the three sections of a joint in an area, at one scale so that thicknesses can be compared, with room for figures beside
 * and below each: in one row or in two, whichever leaves them larger.
 */
final class SectionLayout {

    private static final double EDGE = 20;
    private static final double CAPTION = 26;

    /** Room for figures beside and below each section. */
    private static final double FIGURES = 60;
    private static final double BELOW = 26;

    private static final List<List<List<Section>>> ARRANGEMENTS = List.of(
            List.of(List.of(Section.ELEVATION, Section.PLAN, Section.ACROSS)),
            List.of(List.of(Section.ELEVATION, Section.ACROSS), List.of(Section.PLAN)));

    /** A section on the sheet, and the middle of the top of its caption, in pixels. */
    record Place(Section section, PlacedView view, double captionX, double captionY) {}

    private final JointDetail detail;
    private final Map<Section, Drawing> drawings = new EnumMap<>(Section.class);
    private final Rectangle2D area;
    private final List<List<Section>> rows;
    private final double scale;

    SectionLayout(JointDetail detail, Rectangle2D area) {
        this.detail = detail;
        this.area = area;
        for (Section section : Section.values()) {
            drawings.put(section, drawing(detail, section));
        }
        rows = ARRANGEMENTS.stream().max(Comparator.comparingDouble(this::scale)).orElseThrow();
        scale = Math.max(0.01, scale(rows));
    }

    static Drawing drawing(JointDetail detail, Section section) {
        return Drawing.visibleOf(detail.section(section), detail.view(section));
    }

    private Extent extent(Section section) {
        return drawing(section).extent();
    }

    private Drawing drawing(Section section) {
        return Objects.requireNonNull(drawings.get(section));
    }

    private double height(List<Section> row) {
        return row.stream().mapToDouble(section -> extent(section).height()).max().orElse(1);
    }

    private double width(List<Section> row) {
        return row.stream().mapToDouble(section -> extent(section).width()).sum();
    }

    private static double roomBeside(List<Section> row) {
        return 2 * EDGE + row.size() * FIGURES;
    }

    /** How large the sections can be in an arrangement. */
    private double scale(List<List<Section>> arrangement) {
        double down = arrangement.stream().mapToDouble(this::height).sum();
        double least = (area.getHeight() - arrangement.size() * (EDGE + CAPTION + BELOW)) / down;
        for (List<Section> row : arrangement) {
            least = Math.min(least, (area.getWidth() - roomBeside(row)) / width(row));
        }
        return least;
    }

    /** Every section at its place; what is spare lies above and below each row. */
    List<Place> places() {
        double used = rows.stream().mapToDouble(row -> scale * height(row) + EDGE + CAPTION + BELOW).sum();
        double spare = (area.getHeight() - used) / rows.size();
        List<Place> places = new ArrayList<>();
        double top = area.getMinY();
        for (List<Section> row : rows) {
            place(row, top + EDGE + spare / 2, places);
            top += spare + EDGE + scale * height(row) + BELOW + CAPTION;
        }
        return places;
    }

    /** One row, its sections in the middle of its height and their captions in line. */
    private void place(List<Section> row, double top, List<Place> places) {
        double spare = (area.getWidth() - roomBeside(row) - scale * width(row)) / row.size();
        double x = area.getMinX() + EDGE + (FIGURES + spare) / 2;
        double foot = top + scale * height(row) + BELOW;
        for (Section section : row) {
            Extent extent = extent(section);
            double y = top + scale * (height(row) - extent.height()) / 2 + scale * extent.high();
            PlacedView view = new PlacedView(detail.view(section), "", drawing(section), scale,
                    x - scale * extent.left(), y);
            places.add(new Place(section, view, x + scale * extent.width() / 2, foot + 4));
            x += scale * extent.width() + FIGURES + spare;
        }
    }
}
