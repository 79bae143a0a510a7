package longshoulder.desktop.sheet;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.Extent;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.desktop.Texts;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.Themed;
import longshoulder.desktop.look.Typefaces;
import longshoulder.desktop.model.Workbench;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The whole piece of furniture, small: the rail of the joint that is worked on is lit, a ring stands round the joint, marks beside it. */
public final class KeyPlan extends Pane implements Themed {

    private static final View EYE = View.pictorial(32, 24);
    private static final double WIDTH = 136;
    private static final double HEIGHT = 104;
    private static final double MARGIN = 10;
    private static final double RING = 9;

    private final Workbench bench;
    private final Canvas canvas = new Canvas(WIDTH, HEIGHT);
    private Optional<Plan> drawn = Optional.empty();
    private Optional<Drawing> drawing = Optional.empty();

    public KeyPlan(Workbench bench) {
        this.bench = bench;
        setId("key-plan");
        getStyleClass().add("key-plan");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        getChildren().add(canvas);
    }

    /** Brought up to date; the drawing is worked out beside the interface's own thread, the newest plan wins. */
    public void refresh() {
        Plan plan = bench.plan();
        if (drawn.filter(plan::equals).isPresent()) {
            paint();
            return;
        }
        drawn = Optional.of(plan);
        Thread.startVirtualThread(() -> {
            Drawing made = Drawing.visible(plan, EYE);
            Platform.runLater(() -> {
                if (drawn.filter(plan::equals).isPresent()) {
                    drawing = Optional.of(made);
                    paint();
                }
            });
        });
    }

    @Override
    public void recolour() {
        paint();
    }

    private void paint() {
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.clearRect(0, 0, WIDTH, HEIGHT);
        Optional<Joint> joint = bench.joint();
        if (drawing.isEmpty() || joint.isEmpty()) {
            return;
        }
        setAccessibleText(Texts.get("joints.keyplan") + ": " + bench.words().name(joint.get().id()));
        Extent box = drawing.get().extent();
        double scale = Math.min((WIDTH - 2 * MARGIN) / Math.max(1, box.width()),
                (HEIGHT - 2 * MARGIN) / Math.max(1, box.height()));
        PlacedView placed = new PlacedView(EYE, "", drawing.get(), scale,
                WIDTH / 2 - scale * (box.left() + box.right()) / 2, HEIGHT / 2 + scale * (box.low() + box.high()) / 2);
        String rail = joint.get().meeting().rail().id();
        new SheetPen(new Brush(canvas), id -> bench.plan().has(id)
                ? Palette.wood(bench.plan().piece(id).wood())
                : Palette.litWood(), rail).drawFine(placed);
        Vector3D place = joint.get().site().bounds().least().lerp(joint.get().site().bounds().greatest(), 0.5);
        Vector2D at = placed.onSheet(place);
        pen.setStroke(Palette.given());
        pen.setLineWidth(2);
        pen.strokeOval(at.getX() - RING, at.getY() - RING, 2 * RING, 2 * RING);
        marks(pen, joint.get(), at);
    }

    /** Rail and post by their marks, on the side where there is more room. */
    private void marks(GraphicsContext pen, Joint joint, Vector2D at) {
        String marks = mark(joint.meeting().rail().id()) + " \u2192 " + mark(joint.meeting().post().id());
        double width = 7.0 * marks.length();
        double beside = at.getX() < WIDTH / 2 ? at.getX() + RING + 3 : at.getX() - RING - 3 - width;
        double x = Math.clamp(beside, 2, WIDTH - width);
        double y = Math.clamp(at.getY() - RING, 14, HEIGHT - 6);
        pen.setFill(Palette.panel());
        pen.fillRoundRect(x - 3, y - 12, width + 2, 16, 6, 6);
        pen.setFill(Palette.ink());
        pen.setFont(Typefaces.figures(12, true));
        pen.fillText(marks, x, y);
    }

    private String mark(String id) {
        return bench.plan().pieces().stream().filter(piece -> piece.id().equals(id)).map(PlannedPiece::piece)
                .map(piece -> piece.mark()).findFirst().orElse("");
    }
}
