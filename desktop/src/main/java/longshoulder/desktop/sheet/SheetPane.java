package longshoulder.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Dimension;
import longshoulder.core.geometry.View;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Amount;
import longshoulder.desktop.Texts;
import longshoulder.desktop.look.FigureField;
import longshoulder.desktop.look.FocusKeeper;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.model.Workbench;

/**
 * The drawing sheet: four views of the furniture on one canvas, with their figures and finding marks as nodes over it.
 *
 * <p>Click a piece to light it; click a figure to change it; drag the pictorial view, or turn it with the arrow keys.
 */
public final class SheetPane extends Pane {

    private static final double FIRST_TURN = 32;
    private static final double FIRST_LIFT = 24;

    private final Workbench bench;
    private final Canvas canvas = new Canvas();
    private final FindingMarks marks;
    private final List<PlacedView> views = new ArrayList<>();
    private double turn = FIRST_TURN;
    private double lift = FIRST_LIFT;
    private double lastX;
    private double lastY;
    private boolean dragged;

    public SheetPane(Workbench bench) {
        this.bench = bench;
        this.marks = new FindingMarks(bench);
        setId("sheet");
        getStyleClass().add("sheet");
        setMinSize(360, 300);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(Texts.get("sheet.accessible"));
        canvas.setMouseTransparent(true);
        bench.planProperty().addListener((observed, was, is) -> rebuild());
        bench.pieceProperty().addListener((observed, was, is) -> paint());
        bench.findingProperty().addListener((observed, was, is) -> marks.showOpen(this));
        widthProperty().addListener((observed, was, is) -> rebuild());
        heightProperty().addListener((observed, was, is) -> rebuild());
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Turns the pictorial view by so many degrees round the furniture and up. */
    public void turn(double round, double up) {
        turn += round;
        lift = Math.clamp(lift + up, -80, 80);
        place();
        paint();
    }

    private View eye() {
        return View.pictorial(turn, lift);
    }

    private void rebuild() {
        if (getWidth() < 10 || getHeight() < 10) {
            return;
        }
        FocusKeeper.rebuild(this, this::remake);
    }

    private void remake() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        place();
        getChildren().setAll(canvas);
        captions();
        figures();
        marks.rebuild(this, views);
        paint();
    }

    private void place() {
        views.clear();
        views.addAll(new SheetLayout(bench.plan().pieces(), eye()).place(getWidth(), getHeight()));
    }

    private void captions() {
        for (PlacedView view : views) {
            if (view.caption().equals("view.pictorial")) {
                continue;
            }
            Label caption = new Label(Texts.get(view.caption()));
            caption.getStyleClass().add("caption");
            Rectangle2D box = view.box();
            double low = box.getMaxY() + (view.caption().equals("view.plan") ? 6 : 54);
            caption.relocate(box.getMinX(), low);
            caption.setPrefWidth(box.getWidth());
            getChildren().add(caption);
        }
    }

    private void figures() {
        for (PlacedView view : views) {
            for (Dimension dimension : bench.plan().frame().dimensions()) {
                if (dimension.view().equals(view.view())) {
                    figure(dimension, view);
                }
            }
        }
    }

    private void figure(Dimension dimension, PlacedView view) {
        Amount amount = dimension.amount();
        Optional<String> parameter = amount instanceof Amount.Given given
                ? Optional.of(given.parameter())
                : Optional.empty();
        FigureField field = new FigureField(bench.project().showing().figure(amount.value()),
                bench.words().say(amount.label()), parameter.isPresent(), parameter.isPresent(),
                () -> bench.open(amount),
                typed -> parameter.isPresent() && bench.read(typed)
                        .map(length -> bench.edit(new Edit.Give(parameter.get(), new Value.Measured(length))))
                        .orElse(false));
        getChildren().add(field.named("figure-" + parameter.orElse(amount.label().key())
                + amount.label().arguments().stream().map(argument -> "-" + argument).findFirst().orElse("")));
        DimensionLine line = line(dimension, view, field);
        field.setUserData(dimension);
        double width = field.prefWidth(-1);
        double height = field.prefHeight(-1);
        field.relocate(Math.rint(line.figureX() - width / 2), Math.rint(line.figureY() - height / 2));
    }

    private static DimensionLine line(Dimension dimension, PlacedView view, FigureField field) {
        field.applyCss();
        return DimensionLine.of(view, dimension, field.prefWidth(-1), field.prefHeight(-1));
    }

    private void paint() {
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.setFill(Palette.PAPER);
        pen.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        SheetPen sheetPen = new SheetPen(pen, this::wood, bench.pieceProperty().get());
        for (PlacedView view : views) {
            sheetPen.draw(view, !view.caption().equals("view.pictorial"));
        }
        for (Node child : getChildren()) {
            if (child instanceof FigureField field && field.getUserData() instanceof Dimension dimension) {
                views.stream().filter(view -> view.view().equals(dimension.view())).findFirst()
                        .ifPresent(view -> line(dimension, view, field).draw(pen));
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
        if (press.getTarget() == this) {
            requestFocus();
        }
    }

    private void drag(MouseEvent drag) {
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
}
