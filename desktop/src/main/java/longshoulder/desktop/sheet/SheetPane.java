package longshoulder.desktop.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Dimension;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.desktop.Texts;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.FigureField;
import longshoulder.desktop.look.FocusKeeper;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.PartCanvas;
import longshoulder.desktop.look.Themed;
import longshoulder.desktop.look.Typefaces;
import longshoulder.desktop.model.Workbench;

/**
 * The drawing sheet: four views of the furniture, each on a canvas of its own, with their figures and finding marks as nodes over them.
 *
 * <p>Click a piece to light it, drag it to move it; click a figure to change it; drag the pictorial view, or turn it with the arrow
 * keys.
 */
public final class SheetPane extends Pane implements Themed {

    private static final double FIRST_TURN = 32;
    private static final double FIRST_LIFT = 24;

    private final Workbench bench;
    /** By the captions of the views. */
    private final Map<String, PartCanvas> canvases = new LinkedHashMap<>();
    /** Where a piece that is being dragged would come to lie; without size at other times. */
    private final Canvas dragging = new Canvas();
    private final FindingMarks marks;
    private final List<PlacedView> views = new ArrayList<>();
    private final List<DimensionLine> lines = new ArrayList<>();
    /** Kept from edit to edit. */
    private final Map<Label, FigureField> fields = new HashMap<>();
    private final Map<String, Text> captions = new HashMap<>();
    private SheetLayout layout;
    /** Read beside the window too, where the next sheet is laid out. */
    private volatile Look look = new Look(FIRST_TURN, FIRST_LIFT, 0);
    private double lastX;
    private double lastY;
    private boolean dragged;
    private Optional<PieceDrag> grabbed = Optional.empty();

    public SheetPane(Workbench bench) {
        this.bench = bench;
        this.marks = new FindingMarks(bench);
        this.layout = new SheetLayout(bench.plan(), look);
        setId("sheet");
        getStyleClass().add("sheet");
        setMinSize(360, 300);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(Texts.get("sheet.accessible"));
        dragging.setMouseTransparent(true);
        bench.prepare(plan -> {
            SheetLayout next = new SheetLayout(plan, look);
            return () -> layout = next;
        });
        bench.planProperty().addListener((observed, was, is) -> rebuild());
        bench.pieceProperty().addListener((observed, was, is) -> light());
        bench.findingProperty().addListener((observed, was, is) -> marks.showOpen(this));
        widthProperty().addListener((observed, was, is) -> rebuild());
        heightProperty().addListener((observed, was, is) -> rebuild());
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, release -> release());
        addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Turns the pictorial view by so many degrees round the furniture and up. */
    public void turn(double round, double up) {
        look(look.turned(round, up));
    }

    /** Lets the pieces of the pictorial view stand apart: 0 for together, 1 for far. */
    public void explode(double share) {
        look(look.apart(share));
    }

    private void look(Look other) {
        look = other;
        place();
        paint();
    }

    private void light() {
        if (!views.isEmpty()) {
            place();
        }
        paint();
    }

    private void rebuild() {
        if (getWidth() < 10 || getHeight() < 10) {
            return;
        }
        FocusKeeper.rebuild(this, this::remake);
    }

    private void remake() {
        place();
        lines.clear();
        views.forEach(view -> canvases.computeIfAbsent(view.caption(), caption -> new PartCanvas()));
        List<Node> nodes = new ArrayList<>();
        canvases.values().forEach(view -> nodes.add(view.node()));
        nodes.add(dragging);
        for (PlacedView view : views) {
            caption(view).ifPresent(nodes::add);
            bench.plan().frame().dimensions().stream().filter(dimension -> dimension.view().equals(view.view()))
                    .forEach(dimension -> nodes.add(figure(dimension, view)));
        }
        nodes.addAll(marks.make(this, views));
        // Nodes that stay are not styled again; that costs more than everything else here.
        if (!getChildren().equals(nodes)) {
            getChildren().setAll(nodes);
        }
        marks.showOpen(this);
        paint();
    }

    private void place() {
        views.clear();
        views.addAll(layout.place(getWidth(), getHeight(), look, bench.pieceProperty().get()));
    }

    private Optional<Node> caption(PlacedView view) {
        if (view.caption().equals("view.pictorial")) {
            return Optional.empty();
        }
        Text caption = captions.computeIfAbsent(view.caption(), key -> {
            Text text = new Text(Texts.get(key));
            text.getStyleClass().add("caption");
            text.setFont(Typefaces.figures(13, false));
            return text;
        });
        Rectangle2D box = view.box();
        double below = view.caption().equals("view.plan") ? 18 : 66;
        caption.relocate(Math.rint(box.getMinX() + box.getWidth() / 2 - caption.getLayoutBounds().getWidth() / 2),
                box.getMaxY() + below - 12);
        return Optional.of(caption);
    }

    private FigureField figure(Dimension dimension, PlacedView view) {
        String figure = bench.words().figure(dimension.amount().value());
        FigureField field = fields.computeIfAbsent(dimension.amount().label(), label -> field(dimension, figure));
        field.show(figure);
        double width = field.figureWidth();
        double height = field.figureHeight();
        DimensionLine line = DimensionLine.of(view, dimension, width, height);
        lines.add(line);
        field.relocate(Math.rint(line.figureX() - width / 2), Math.rint(line.figureY() - height / 2));
        return field;
    }

    private FigureField field(Dimension dimension, String figure) {
        Amount amount = dimension.amount();
        Optional<String> parameter = amount instanceof Amount.Given given
                ? Optional.of(given.parameter())
                : Optional.empty();
        return new FigureField(figure, bench.words().say(amount.label()), parameter.isPresent(),
                parameter.isPresent(), () -> bench.open(amount),
                typed -> parameter.isPresent() && bench.read(typed)
                        .map(length -> bench.edit(new Edit.Give(parameter.get(), new Value.Measured(length))))
                        .orElse(false))
                .named("figure-" + parameter.orElse(amount.label().key())
                        + amount.label().arguments().stream().map(a -> "-" + a).findFirst().orElse(""));
    }

    private void paint() {
        dragging.setWidth(0);
        dragging.setHeight(0);
        for (PlacedView view : views) {
            List<DimensionLine> figures = lines.stream()
                    .filter(line -> line.dimension().view().equals(view.view())).toList();
            PartCanvas canvas = canvases.get(view.caption());
            if (canvas != null) {
                Brush brush = canvas.clear(view.boxWith(figures), getWidth(), getHeight());
                new SheetPen(brush, this::wood, bench.pieceProperty().get())
                        .draw(view, !view.caption().equals("view.pictorial"));
                figures.forEach(line -> line.draw(brush));
            }
        }
    }

    private Color wood(String piece) {
        Plan plan = bench.plan();
        return Palette.wood(plan.piece(piece).wood());
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
        return views.stream().filter(view -> !view.caption().equals("view.pictorial") && view.box().contains(x, y))
                .flatMap(view -> view.pieceAt(x, y).stream()
                        .map(piece -> new PieceDrag(bench.plan(), view, piece, x, y)))
                .findFirst();
    }

    private void show(PieceDrag moving) {
        paint();
        if (moving.isMoving()) {
            dragging.setWidth(getWidth());
            dragging.setHeight(getHeight());
            moving.draw(dragging, bench.words().length(Length.fromMillimetres(moving.distance())));
        }
    }

    private void release() {
        grabbed.filter(PieceDrag::isMoving).ifPresent(moving -> {
            dragged = true;
            if (!bench.edit(new Edit.Alter(moving.move()))) {
                paint();
            }
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
        if (views.isEmpty()) {
            return false;
        }
        return views.getLast().box().contains(x, y);
    }

    private void click(MouseEvent click) {
        if (dragged) {
            return;
        }
        views.stream().flatMap(view -> view.pieceAt(click.getX(), click.getY()).stream()).findFirst()
                .ifPresent(bench::light);
        bench.findingProperty().set(Optional.<Finding>empty());
    }

    private void key(KeyEvent key) {
        if (key.isShortcutDown() || key.getTarget() != this) {
            return;
        }
        switch (key.getCode()) {
            case LEFT -> turn(6, 0);
            case RIGHT -> turn(-6, 0);
            case UP -> turn(0, 6);
            case DOWN -> turn(0, -6);
            default -> {
                return;
            }
        }
        key.consume();
    }

    @Override
    public void recolour() {
        paint();
    }
}
