package longshoulder.desktop.frame;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.FindingSpot;
import longshoulder.core.drawing.PlacedView;
import longshoulder.core.drawing.SheetLayout;
import longshoulder.core.plan.Plan;
import longshoulder.core.tasks.Tasks;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.document.Workbench;

/**
 * The views of a sheet, placed and painted for a setting. It is made in the background, where the processors share the views.
 *
 * @param painted those of {@link SheetLayout}, the pictorial one last; none where there is no room
 * @param spots where findings arise
 */
record PaintedSheet(SheetLayout layout, List<PaintedView> painted, List<FindingSpot> spots) {

    /** @param before of the same plan, as it was set before */
    static PaintedSheet of(Plan plan, SheetSetting setting, Optional<PaintedSheet> before) {
        SheetLayout layout = before.map(PaintedSheet::layout).orElseGet(() -> new SheetLayout(plan));
        List<PlacedView> places = setting.isNoRoom()
                ? List.of()
                : places(layout, Pixels.toMillimetres(setting.width()), Pixels.toMillimetres(setting.height()),
                        setting);
        DrawingContext context = new DrawingContext(plan, Workbench.words(plan.project()), (text, size, bold) -> 0);
        // Each view is drawn and painted by one processor: where each step is shared, one waits for the other after each.
        return Tasks.both(
                () -> Tasks.each(IntStream.range(0, places.size()).boxed().toList(),
                        i -> PaintedView.of(layout, places.get(i), context.lines(places.get(i)), setting,
                                before.filter(sheet -> sheet.painted.size() == places.size())
                                        .map(sheet -> sheet.painted.get(i)))),
                () -> FindingSpot.of(context, places),
                (painted, spots) -> new PaintedSheet(layout, painted, spots));
    }

    private static List<PlacedView> places(SheetLayout layout, double width, double height, SheetSetting setting) {
        return switch (setting.views()) {
            case ALL -> layout.place(width, height, setting.look());
            case PICTURE -> layout.placeAlone(width, height, setting.look(), "");
            case NEAR -> layout.placeAlone(width, height, setting.look(), setting.lit());
        };
    }

    List<PlacedView> views() {
        return painted.stream().map(PaintedView::placed).toList();
    }

    List<Picture> pictures() {
        return painted.stream().map(PaintedView::picture).toList();
    }
}
