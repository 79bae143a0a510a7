package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;

/** All views of the furniture with their figures on one sheet, and the numbers of the findings where they arise. */
public final class SheetDrawing implements Drawing {

    private final DrawingContext context;
    private final SheetLayout layout;
    private final PictorialLook look;

    public SheetDrawing(DrawingContext context, PictorialLook look) {
        this.context = context;
        this.look = look;
        layout = new SheetLayout(context.plan());
    }

    @Override
    public double largestScale(double width, double height) {
        return layout.largestScale(width, height);
    }

    @Override
    public Area leastPage(double scale) {
        return layout.leastPage(scale);
    }

    @Override
    public Page page(double width, double height, double scale) {
        List<Page.Group> groups = new ArrayList<>();
        List<PlacedView> views = layout.place(width, height, scale, look).stream().map(this::drawn).toList();
        for (PlacedView view : views) {
            groups.add(context.group(view, ""));
            if (!view.isPictorial()) {
                groups.add(caption(view, width));
            }
        }
        groups.addAll(
                FindingSpot.symbols(FindingSpot.of(context, views), figures(views), new Area(0, 0, width, height)));
        return new Page(width, height, groups);
    }

    /** Where figures stand. */
    private List<Area> figures(List<PlacedView> views) {
        return views.stream().flatMap(
                view -> context.lines(view).stream().map(line -> line.figureArea(view.placement(), context.measure())))
                .toList();
    }

    private PlacedView drawn(PlacedView blank) {
        return blank.drawn(blank.isPictorial() ? layout.draw(look) : layout.draw(blank.view(), ""));
    }

    /** Under the middle of its view, or as near to that as the page lets it. */
    private Page.Group caption(PlacedView view, double pageWidth) {
        String text = context.words().text(view.name());
        double half = context.measure().width(text, DrawingContext.CAPTION, false) / 2;
        double middle = view.area().left() + view.area().width() / 2;
        return context.caption(text, Math.clamp(middle, half, Math.max(half, pageWidth - half)),
                SheetLayout.captionLine(view));
    }
}
