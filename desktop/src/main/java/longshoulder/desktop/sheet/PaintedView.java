package longshoulder.desktop.sheet;

import java.util.List;
import java.util.Optional;
import longshoulder.core.projection.Projection;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.Picture;

/**
 * A view of a sheet, drawn and painted.
 *
 * @param lines of its figures
 * @param setting for which it was painted
 */
record PaintedView(PlacedView placed, List<DimensionLine> lines, Picture picture, SheetSetting setting) {

    /**
     * Paints a view.
     *
     * @param blank where it lies
     * @param before the same view of the same plan, as it was painted before
     */
    static PaintedView of(SheetLayout layout, PlacedView blank, List<DimensionLine> lines, SheetSetting setting,
            Optional<PaintedView> before) {
        // The look is that of the pictorial view.
        Optional<PaintedView> same = before
                .filter(one -> !blank.isPictorial() && one.setting.lookedAt(setting.look()).equals(setting));
        if (same.isPresent()) {
            return same.get();
        }
        PlacedView placed = blank.drawn(blank.isPictorial()
                ? pictorial(layout, setting, before)
                : flat(layout, blank, setting, before));
        Picture picture = Picture.of(placed.boxWith(lines), setting.width(), setting.height(), setting.pixels(),
                brush -> {
                    new SheetPen(brush, id -> Palette.wood(layout.plan().piece(id).wood()), setting.lit())
                            .draw(placed, !placed.isPictorial());
                    lines.forEach(line -> line.draw(brush));
                });
        return new PaintedView(placed, lines, picture, setting);
    }

    private static Projection pictorial(SheetLayout layout, SheetSetting setting, Optional<PaintedView> before) {
        return before.filter(one -> one.setting.look().equals(setting.look())).map(one -> one.placed.drawing())
                .orElseGet(() -> layout.draw(setting.look()));
    }

    private static Projection flat(SheetLayout layout, PlacedView blank, SheetSetting setting,
            Optional<PaintedView> before) {
        return before
                .map(one -> one.setting.lit().equals(setting.lit())
                        ? one.placed.drawing()
                        : layout.lit(one.placed.drawing(), blank.view(), setting.lit()))
                .orElseGet(() -> layout.draw(blank.view(), setting.lit()));
    }
}
