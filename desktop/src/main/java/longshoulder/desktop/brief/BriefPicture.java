package longshoulder.desktop.brief;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import longshoulder.core.brief.Value;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.OverallDrawing;
import longshoulder.core.drawing.OverallFigure;
import longshoulder.core.drawing.Placement;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Edit;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.DrawingPane;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;
import longshoulder.desktop.words.Texts;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** What is being made, large, with its overall sizes where they are measured, to be typed over. */
final class BriefPicture extends DrawingPane {

    private static final double LEAST = 40;

    /** What it is painted for, besides its plan. */
    private record Setting(double width, double height, double pixels, Palette.Theme theme) {}

    private record Painted(Picture picture, Placement placement, List<OverallFigure> figures) {

        static Painted of(Plan plan, Setting setting) {
            OverallDrawing drawing = new OverallDrawing(new DrawingContext(plan, Workbench.words(plan.project()),
                    (text, size, bold) -> 0));
            double width = Pixels.toMillimetres(setting.width);
            double height = Pixels.toMillimetres(setting.height);
            double scale = drawing.largestScale(width, height);
            return new Painted(
                    Picture.of(setting.width, setting.height, setting.pixels,
                            brush -> drawing.page(width, height, scale).draw(new ScreenPen(brush))),
                    drawing.placement(width, height, scale), drawing.figures(scale));
        }
    }

    private final Workbench bench;
    private final PictureView picture = new PictureView();
    /** Kept from edit to edit, by the name of the parameter. */
    private final Map<String, FigureField> fields = new HashMap<>();
    private final PlanValue<Setting, Painted> painting;
    private final Runnable changed;
    private List<OverallFigure> figures = List.of();
    private boolean shown;

    /** @param changed is run when other sizes stand on it than before */
    BriefPicture(Workbench bench, Runnable changed) {
        this.bench = bench;
        this.changed = changed;
        painting = new PlanValue<>(bench, this::setting, (plan, setting, before) -> Painted.of(plan, setting),
                this::show);
        setId("brief-picture");
        getStyleClass().add("brief-picture");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(Texts.get("brief.picture"));
        widthProperty().addListener((observed, was, is) -> painting.refresh());
        heightProperty().addListener((observed, was, is) -> painting.refresh());
        PictureView.whenPixelsChange(this, painting::refresh);
    }

    /** While hidden nothing is worked out. */
    void show(boolean visible) {
        shown = visible;
        painting.refresh();
    }

    /** The names of the sizes that stand on it. */
    Set<String> sizes() {
        return figures.stream().map(OverallFigure::parameter).collect(Collectors.toSet());
    }

    private Optional<Setting> setting() {
        return shown && getWidth() > LEAST && getHeight() > LEAST
                ? Optional.of(new Setting(getWidth(), getHeight(), PictureView.pixels(this), Palette.theme()))
                : Optional.empty();
    }

    private void show(Painted painted) {
        Set<String> before = sizes();
        figures = painted.figures;
        picture.show(painted.picture);
        FocusKeeper.rebuild(this, () -> {
            List<Node> nodes = new ArrayList<>(List.of(picture));
            figures.forEach(figure -> nodes.add(placed(figure, painted.placement)));
            if (!getChildren().equals(nodes)) {
                getChildren().setAll(nodes);
            }
        });
        if (!before.equals(sizes())) {
            changed.run();
        }
    }

    private FigureField placed(OverallFigure figure, Placement at) {
        FigureField field = fields.computeIfAbsent(figure.parameter(), name -> field(figure));
        field.show(figure.figure());
        Vector2D middle = figure.figureAt(at);
        field.relocate(Math.rint(Pixels.of(middle.getX()) - field.figureWidth() / 2),
                Math.rint(Pixels.of(middle.getY()) - field.figureHeight() / 2));
        return field;
    }

    private FigureField field(OverallFigure figure) {
        return new FigureField(figure.figure(), bench.words().say(figure.amount().label()), true, true,
                () -> bench.selection().openFigure(figure.amount()),
                typed -> bench.read(typed)
                        .map(length -> bench.edit(new Edit.Give(figure.parameter(), new Value.Measured(length))))
                        .orElse(false))
                .named("brief-" + figure.parameter());
    }

    @Override
    public void recolour() {
        painting.refresh();
    }
}
