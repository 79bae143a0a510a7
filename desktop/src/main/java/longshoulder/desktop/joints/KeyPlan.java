package longshoulder.desktop.joints;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import longshoulder.core.projection.Projection;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Placement;
import longshoulder.core.drawing.ViewMarks;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.paint.FramedPicture;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;
import longshoulder.desktop.control.Tag;
import longshoulder.desktop.paint.Themed;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.desktop.document.Workbench;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The whole piece of furniture, small: the rail of the joint that is worked on is lit, a ring stands round the joint, marks beside it. */
public final class KeyPlan extends Pane implements Themed {

    private static final View EYE = View.pictorial(32, 24);
    private static final double WIDTH = 136;
    private static final double HEIGHT = 104;
    private static final double MARGIN = 10;
    private static final double RING = 9;
    private static final double EDGE = 3;

    private final Workbench bench;
    private final FramedPicture picture = new FramedPicture(WIDTH, HEIGHT);
    private final Circle ring = new Circle(RING);
    /** Rail and post by their marks, beside the ring where there is more room; the rail alone where makers gave them long ones. */
    private final Tag marks = new Tag(12);
    private final BackgroundValue<Wanted, Painted> painting;

    /**
     * @param rail that is lit, by its id
     * @param pixels of the screen to one of the layout
     */
    private record Wanted(Plan plan, String rail, double pixels, Palette.Theme theme) {}

    private record Painted(Placement placed, Picture picture) {}

    /** What was painted last stays until the next is there. */
    private Optional<Painted> latest = Optional.empty();
    private boolean shown;

    public KeyPlan(Workbench bench) {
        this.bench = bench;
        painting = bench.background().value((wanted, progress) -> paint(wanted));
        painting.valueProperty().addListener((observed, was, is) -> {
            if (is.isPresent()) {
                latest = is;
                show();
            }
        });
        setId("key-plan");
        getStyleClass().add("key-plan");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        ring.setFill(Color.TRANSPARENT);
        ring.setStrokeWidth(2);
        marks.setId("key-marks");
        ring.setManaged(false);
        ring.setMouseTransparent(true);
        getChildren().addAll(picture, ring, marks);
        PictureView.whenPixelsChange(this, this::refresh);
        Stream.of(bench.planProperty(), bench.selection().pieceProperty(), bench.selection().jointProperty())
                .forEach(one -> one.addListener((observed, was, is) -> refresh()));
    }

    /** While hidden nothing is painted. */
    public void show(boolean visible) {
        shown = visible;
        refresh();
    }

    private void refresh() {
        if (!shown) {
            painting.drop();
            return;
        }
        bench.selection().joint().ifPresent(joint -> painting.want(new Wanted(bench.plan(),
                joint.meeting().tenonPiece().id(), PictureView.pixels(this), Palette.theme())));
        show();
    }

    @Override
    public void recolour() {
        refresh();
    }

    private static Painted paint(Wanted wanted) {
        Projection drawn = Projection.visible(wanted.plan, EYE);
        Placement placed = Placement.fitting(drawn.extent(),
                Pixels.toArea(MARGIN, MARGIN, WIDTH - 2 * MARGIN, HEIGHT - 2 * MARGIN));
        Page.Group group = new Page.Group(placed, new ViewMarks(wanted.plan, wanted.rail).fine(drawn));
        return new Painted(placed,
                Picture.of(WIDTH, HEIGHT, wanted.pixels, brush -> group.draw(new ScreenPen(brush))));
    }

    private void show() {
        Optional<Joint> joint = bench.selection().joint();
        boolean known = latest.isPresent() && joint.isPresent();
        ring.setVisible(known);
        marks.setVisible(known);
        if (known) {
            show(latest.get(), joint.get());
        } else {
            picture.clear();
        }
    }

    private void show(Painted painted, Joint joint) {
        setAccessibleText(Texts.get("joints.keyplan") + ": " + bench.words().name(joint.id()));
        picture.show(painted.picture);
        Vector2D middle = painted.placed.onPage(
                EYE.flat(joint.site().bounds().least().lerp(joint.site().bounds().greatest(), 0.5)));
        ring(joint, Vector2D.of(Pixels.of(middle.getX()), Pixels.of(middle.getY())));
    }

    private void ring(Joint joint, Vector2D at) {
        ring.setStroke(Palette.given());
        ring.setCenterX(at.getX());
        ring.setCenterY(at.getY());
        String rail = mark(joint.meeting().tenonPiece().id());
        say(rail + " \u2192 " + mark(joint.meeting().mortisePiece().id()));
        if (marks.width() > WIDTH - 2 * EDGE) {
            say(rail);
        }
        double width = marks.width();
        double beside = at.getX() < WIDTH / 2 ? at.getX() + RING + 5 : at.getX() - RING - 5 - width;
        marks.place(Math.clamp(beside, EDGE, Math.max(EDGE, WIDTH - width - EDGE)),
                Math.clamp(at.getY() - RING, 14, HEIGHT - 6));
    }

    private void say(String text) {
        marks.say(text, Palette.ink(), Palette.panel());
    }

    private String mark(String id) {
        return bench.plan().pieces().stream().filter(piece -> piece.id().equals(id)).map(PlannedPiece::piece)
                .map(piece -> piece.mark()).findFirst().orElse("");
    }
}
