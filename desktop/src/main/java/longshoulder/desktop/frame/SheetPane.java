package longshoulder.desktop.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Rectangle2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.Text;
import longshoulder.core.brief.Value;
import longshoulder.core.drawing.DimensionLine;
import longshoulder.core.drawing.PictorialLook;
import longshoulder.core.drawing.PlacedView;
import longshoulder.core.drawing.Placement;
import longshoulder.core.drawing.SheetLayout;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Dimension;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.paint.DrawingPane;
import longshoulder.desktop.control.ArrowTurn;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.control.FigureHandle;

/**
 * The drawing sheet: four views of the furniture, each a picture of its own, with their figures and finding marks as nodes over them.
 *
 * <p>Click a piece to light it, drag it to move it; click a figure to change it; drag the pictorial view, or turn it with the arrow
 * keys.
 */
public final class SheetPane extends DrawingPane {

    private final Workbench bench;
    /** One for each view. */
    private final List<PictureView> pictures = Stream.generate(PictureView::new).limit(SheetLayout.VIEWS).toList();
    /** Where a piece that is being dragged would come to lie; empty at other times. */
    private final DragGhost dragging = new DragGhost();
    private final FindingMarks marks;
    /** Kept from edit to edit. */
    private final Map<Label, FigureField> fields = new HashMap<>();
    private final Map<String, Text> captions = new HashMap<>();
    private final PlanValue<SheetSetting, PaintedSheet> painting;
    private PaintedSheet sheet;
    private PictorialLook look = PictorialLook.FIRST;
    private SheetSetting.Views views = SheetSetting.Views.ALL;
    private double lastX;
    private double lastY;
    private boolean dragged;
    private boolean shown = true;
    private Optional<PieceDrag> grabbed = Optional.empty();

    public SheetPane(Workbench bench) {
        this.bench = bench;
        this.marks = new FindingMarks(bench);
        this.painting = new PlanValue<>(bench, this::setting, PaintedSheet::of, this::show);
        this.sheet = PaintedSheet.of(bench.plan(), SheetSetting.of(this, look, "", views), Optional.empty());
        setId("sheet");
        getStyleClass().add("sheet");
        setMinSize(360, 300);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(Texts.get("sheet.accessible"));
        bench.selection().pieceProperty().addListener((observed, was, is) -> painting.refresh());
        bench.selection().findingProperty().addListener((observed, was, is) -> marks.showOpen(this));
        widthProperty().addListener((observed, was, is) -> painting.refresh());
        heightProperty().addListener((observed, was, is) -> painting.refresh());
        PictureView.whenPixelsChange(this, painting::refresh);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, release -> release());
        addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
        ArrowTurn.install(this, this::turn);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** While hidden nothing is worked out. */
    void show(boolean visible) {
        shown = visible;
        painting.refresh();
    }

    /** How the pictorial view is looked at. */
    PictorialLook look() {
        return look;
    }

    /** Turns the pictorial view by so many degrees round the furniture and up. */
    public void turn(double round, double up) {
        look(look.turned(round, up));
    }

    /** Lets the pieces of the pictorial view stand apart: 0 for together, 1 for far. */
    public void explode(double share) {
        look(look.apart(share));
    }

    private void key(KeyEvent key) {
        if (!key.isShortcutDown() && key.getTarget().equals(this)) {
            switch (key.getCode()) {
                case P -> toggle(SheetSetting.Views.PICTURE);
                case Z -> toggle(SheetSetting.Views.NEAR);
                default -> {
                    return;
                }
            }
            key.consume();
        }
    }

    /** Shows the picture alone, or near the lit piece; the same once more shows all views again. */
    void toggle(SheetSetting.Views wanted) {
        views = views == wanted ? SheetSetting.Views.ALL : wanted;
        painting.refresh();
    }

    private void look(PictorialLook other) {
        look = other;
        painting.refresh();
    }

    private Optional<SheetSetting> setting() {
        return shown
                ? Optional.of(SheetSetting.of(this, look, bench.selection().pieceProperty().get(), views))
                : Optional.empty();
    }

    private void show(PaintedSheet painted) {
        sheet = painted;
        dragging.hide();
        for (int i = 0; i < pictures.size(); i++) {
            if (i < sheet.painted().size()) {
                pictures.get(i).show(sheet.painted().get(i).picture());
            } else {
                pictures.get(i).clear();
            }
        }
        if (!sheet.views().isEmpty()) {
            FocusKeeper.rebuild(this, this::remake);
        }
    }

    private void remake() {
        List<Node> nodes = new ArrayList<>(pictures);
        nodes.add(dragging);
        for (PlacedView view : sheet.views()) {
            caption(view).ifPresent(nodes::add);
        }
        for (PaintedView view : sheet.painted()) {
            view.lines().forEach(line -> nodes.add(figure(line, view.placed().placement())));
        }
        nodes.addAll(marks.make(this, sheet.spots()));
        // Nodes that stay are not styled again; that costs more than everything else here.
        if (!getChildren().equals(nodes)) {
            getChildren().setAll(nodes);
        }
        marks.showOpen(this);
    }

    private Optional<Node> caption(PlacedView view) {
        if (view.isPictorial()) {
            return Optional.empty();
        }
        Text caption = captions.computeIfAbsent(view.name(), key -> {
            Text text = new Text(bench.words().text(key));
            text.getStyleClass().add("caption");
            text.setFont(Typefaces.figures(13, false));
            return text;
        });
        Rectangle2D box = Pixels.of(view.area());
        caption.relocate(Math.rint(box.getMinX() + box.getWidth() / 2 - caption.getLayoutBounds().getWidth() / 2),
                Pixels.of(SheetLayout.captionLine(view)) - 12);
        return Optional.of(caption);
    }

    private FigureField figure(DimensionLine line, Placement at) {
        Dimension dimension = line.dimension();
        String figure = line.figure();
        FigureField field = fields.computeIfAbsent(dimension.amount().label(), label -> field(dimension, figure));
        field.show(figure);
        FigureHandle.place(field, line, at);
        return field;
    }

    private FigureField field(Dimension dimension, String figure) {
        Amount amount = dimension.amount();
        Optional<String> parameter = amount instanceof Amount.Given given
                ? Optional.of(given.parameter())
                : Optional.empty();
        return new FigureField(figure, bench.words().say(amount.label()), parameter.isPresent(),
                parameter.isPresent(), () -> bench.selection().openFigure(amount),
                typed -> parameter.isPresent() && bench.read(typed)
                        .map(length -> bench.edit(new Edit.Give(parameter.get(), new Value.Measured(length))))
                        .orElse(false))
                .named("figure-" + parameter.orElse(amount.label().key())
                        + amount.label().arguments().stream().map(a -> "-" + a).findFirst().orElse(""));
    }

    private void press(MouseEvent press) {
        lastX = press.getX();
        lastY = press.getY();
        dragged = false;
        grabbed = press.getTarget() == this && press.isPrimaryButtonDown() ? grabbed(lastX, lastY) : Optional.empty();
        if (press.getTarget() == this) {
            requestFocus();
        }
    }

    /** The piece under the mouse in a flat view. */
    private Optional<PieceDrag> grabbed(double x, double y) {
        return sheet.views().stream()
                .filter(view -> !view.isPictorial() && Pixels.of(view.area()).contains(x, y))
                .flatMap(view -> pieceAt(view, x, y).stream()
                        .map(piece -> new PieceDrag(bench.plan(), view, piece, x, y)))
                .findFirst();
    }

    private static Optional<String> pieceAt(PlacedView view, double x, double y) {
        return view.pieceAt(Pixels.toMillimetres(x), Pixels.toMillimetres(y));
    }

    private void show(PieceDrag moving) {
        if (moving.isMoving()) {
            dragging.show(moving.box(), bench.words().length(Length.fromMillimetres(moving.distance())));
        } else {
            dragging.hide();
        }
    }

    private void release() {
        grabbed.filter(PieceDrag::isMoving).ifPresent(moving -> {
            dragged = true;
            dragging.hide();
            bench.edit(new Edit.Alter(moving.move()));
        });
        grabbed = Optional.empty();
    }

    private void drag(MouseEvent drag) {
        if (grabbed.isPresent()) {
            grabbed.get().to(drag.getX(), drag.getY());
            show(grabbed.get());
            return;
        }
        if (isOverPictorial(lastX, lastY)) {
            dragged = true;
            turn((lastX - drag.getX()) * 0.4, (drag.getY() - lastY) * 0.4);
            lastX = drag.getX();
            lastY = drag.getY();
        }
    }

    private boolean isOverPictorial(double x, double y) {
        return !sheet.views().isEmpty() && Pixels.of(sheet.views().getLast().area()).contains(x, y);
    }

    private void click(MouseEvent click) {
        if (dragged) {
            return;
        }
        sheet.views().stream().flatMap(view -> pieceAt(view, click.getX(), click.getY()).stream()).findFirst()
                .ifPresent(bench.selection()::light);
        bench.selection().findingProperty().set(Optional.<Finding>empty());
    }

    @Override
    public void recolour() {
        painting.refresh();
    }
}
