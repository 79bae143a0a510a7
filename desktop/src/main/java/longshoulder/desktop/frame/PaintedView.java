package longshoulder.desktop.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.drawing.DimensionLine;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.PlacedView;
import longshoulder.core.drawing.SheetLayout;
import longshoulder.core.drawing.ViewMarks;
import longshoulder.core.projection.Projection;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;

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
        List<Mark> marks = new ArrayList<>(new ViewMarks(layout.plan(), setting.lit()).of(placed.projection()));
        lines.forEach(line -> marks.add(new Mark.Dimensioned(line)));
        Page.Group group = new Page.Group(placed.placement(), marks);
        Picture picture = Picture.of(Pixels.of(placed.areaWith(lines)), setting.width(), setting.height(),
                setting.pixels(), brush -> group.draw(new ScreenPen(brush)));
        return new PaintedView(placed, lines, picture, setting);
    }

    private static Projection pictorial(SheetLayout layout, SheetSetting setting, Optional<PaintedView> before) {
        if (setting.views() == SheetSetting.Views.NEAR) {
            return layout.drawNear(setting.look(), setting.lit());
        }
        return before.filter(one -> one.setting.look().equals(setting.look())
                && one.setting.views() != SheetSetting.Views.NEAR).map(one -> one.placed.projection())
                .orElseGet(() -> layout.draw(setting.look()));
    }

    private static Projection flat(SheetLayout layout, PlacedView blank, SheetSetting setting,
            Optional<PaintedView> before) {
        return before
                .map(one -> one.setting.lit().equals(setting.lit())
                        ? one.placed.projection()
                        : layout.lit(one.placed.projection(), blank.view(), setting.lit()))
                .orElseGet(() -> layout.draw(blank.view(), setting.lit()));
    }
}
