package longshoulder.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.paint.Color;
import longshoulder.core.plan.Plan;
import longshoulder.core.tasks.Tasks;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.Picture;

/**
 * The views of a sheet, placed and painted for a setting. It is made beside the window, where the processors share the views.
 *
 * @param views those of {@link SheetLayout}, the pictorial one last; none where there is no room
 * @param lines of the figures round them
 * @param spots where findings arise
 * @param pictures one for each view
 */
record PaintedSheet(SheetLayout layout, SheetSetting setting, List<PlacedView> views, List<DimensionLine> lines,
        List<FindingSpot> spots, List<Picture> pictures) {

    /** @param before of the same plan, as it was set before */
    static PaintedSheet of(Plan plan, SheetSetting setting, Optional<PaintedSheet> before) {
        Optional<PaintedSheet> turned = before.filter(sheet -> sheet.differsInLook(setting))
                .map(sheet -> sheet.lookedAt(setting));
        return turned.orElseGet(() -> of(before.map(PaintedSheet::layout)
                .orElseGet(() -> new SheetLayout(plan, setting.look())), setting));
    }

    private static PaintedSheet of(SheetLayout layout, SheetSetting setting) {
        List<PlacedView> views = setting.isNoRoom() ? List.of() : layout.place(setting);
        List<DimensionLine> lines = new ArrayList<>();
        for (PlacedView view : views) {
            layout.plan().frame().dimensions().stream().filter(dimension -> dimension.view().equals(view.view()))
                    .forEach(dimension -> lines.add(DimensionLine.of(view, dimension)));
        }
        PaintedSheet unpainted = new PaintedSheet(layout, setting, views, lines,
                FindingSpot.of(layout.plan(), views), List.of());
        return unpainted.with(Tasks.each(views, unpainted::paint));
    }

    private PaintedSheet with(List<Picture> painted) {
        return new PaintedSheet(layout, setting, views, lines, spots, painted);
    }

    private boolean differsInLook(SheetSetting other) {
        return !views.isEmpty() && setting.lookedAt(other.look()).equals(other);
    }

    /** Only the pictorial view is painted anew. */
    private PaintedSheet lookedAt(SheetSetting other) {
        PaintedSheet unpainted = new PaintedSheet(layout, other, layout.place(other), lines, spots, List.of());
        List<Picture> painted = new ArrayList<>(pictures);
        painted.set(painted.size() - 1, unpainted.paint(unpainted.views.getLast()));
        return unpainted.with(painted);
    }

    private Picture paint(PlacedView view) {
        List<DimensionLine> figures = lines.stream().filter(line -> line.dimension().view().equals(view.view()))
                .toList();
        return Picture.of(view.boxWith(figures), setting.width(), setting.height(), setting.pixels(), brush -> {
            new SheetPen(brush, this::wood, setting.lit()).draw(view, !view.isPictorial());
            figures.forEach(line -> line.draw(brush));
        });
    }

    private Color wood(String piece) {
        return Palette.wood(layout.plan().piece(piece).wood());
    }
}
