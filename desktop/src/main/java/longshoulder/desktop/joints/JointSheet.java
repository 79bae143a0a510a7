package longshoulder.desktop.joints;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.drawing.JointMarks;
import longshoulder.core.drawing.SectionLayout;
import longshoulder.core.frame.Dimension;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.joint.SectionPlane;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Amount;
import longshoulder.desktop.control.ArrowTurn;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FigureHandle;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.Themed;
import longshoulder.desktop.words.Texts;

/**
 * The joint that is worked on, large: a {@link PaintedJoint} with the figures of its tenon as fields over it. A slider pulls the joint
 * apart; dragging or the arrow keys turn it.
 */
public final class JointSheet extends Pane implements Themed {

    private static final double FIRST_TURN = 28;
    private static final double FIRST_LIFT = 24;

    private final Workbench bench;
    private final PictureView picture = new PictureView();
    private final Slider pull = new Slider(0, 1, 0.6);
    private final Label pullName = new Label(Texts.get("joints.pull"));
    private final Map<SectionPlane, Text> captions = new EnumMap<>(SectionPlane.class);
    private final Map<SectionPlane, Double> captionWidths = new EnumMap<>(SectionPlane.class);
    private final PlanValue<JointSetting, PaintedJoint> painting;
    private boolean shown;
    private double turn = FIRST_TURN;
    private double lift = FIRST_LIFT;
    private double lastX;
    private double lastY;

    public JointSheet(Workbench bench) {
        this.bench = bench;
        setId("joint-sheet");
        getStyleClass().add("sheet");
        setFocusTraversable(true);
        setMinSize(260, 200);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        pull.setId("pull");
        pull.setBlockIncrement(0.1);
        pull.setAccessibleText(Texts.get("joints.pull"));
        for (SectionPlane section : SectionPlane.values()) {
            Text caption = new Text(bench.words().text(JointMarks.caption(section)));
            caption.getStyleClass().add("caption");
            caption.setFont(Typefaces.figures(13, false));
            captions.put(section, caption);
            captionWidths.put(section, caption.getLayoutBounds().getWidth());
        }
        pullName.getStyleClass().add("quiet");
        getChildren().addAll(picture, pullName, pull);
        getChildren().addAll(captions.values());
        painting = new PlanValue<>(bench, this::setting, (plan, setting, before) -> PaintedJoint.of(plan, setting),
                this::show);
        PictureView.whenPixelsChange(this, painting::refresh);
        Stream.of(pull.valueProperty(), widthProperty(), heightProperty(),
                bench.selection().pieceProperty(), bench.selection().jointProperty(), bench.trials().shownProperty())
                .forEach(one -> one.addListener((observed, was, is) -> painting.refresh()));
        addEventHandler(MouseEvent.MOUSE_PRESSED, press -> {
            lastX = press.getX();
            lastY = press.getY();
            requestFocus();
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        ArrowTurn.install(this, this::turn);
    }

    /** While hidden nothing is worked out. */
    void show(boolean visible) {
        shown = visible;
        painting.refresh();
    }

    @Override
    protected void layoutChildren() {
        double foot = getHeight() - JointRoom.PULL;
        double left = JointRoom.pictorial(getWidth(), getHeight()).getMinX() + JointRoom.EDGE;
        double name = pullName.prefWidth(-1);
        pullName.resizeRelocate(left, foot + 10, name, pullName.prefHeight(-1));
        pull.resizeRelocate(left + name + 12, foot + 8, Math.max(60, getWidth() - JointRoom.EDGE - left - name - 12),
                pull.prefHeight(-1));
        // Those that came just now as well: what is added in a layout is neither styled nor laid out before something asks for it.
        getChildren().stream().filter(FigureField.class::isInstance).forEach(figure -> {
            figure.applyCss();
            figure.autosize();
        });
    }

    private void drag(MouseEvent drag) {
        turn((lastX - drag.getX()) * 0.4, (drag.getY() - lastY) * 0.4);
        lastX = drag.getX();
        lastY = drag.getY();
    }

    private void turn(double round, double up) {
        turn += round;
        lift = Math.clamp(lift + up, -80, 80);
        painting.refresh();
    }

    private Optional<JointSetting> setting() {
        return shown
                ? Optional.of(new JointSetting(bench.selection().piece(), bench.selection().jointProperty().get(),
                        bench.trials().shown(), getWidth(), getHeight(), PictureView.pixels(this), pull.getValue(),
                        View.pictorial(turn, lift), Palette.theme(), captionWidths))
                : Optional.empty();
    }

    private void show(PaintedJoint painted) {
        painted.picture().ifPresentOrElse(picture::show, picture::clear);
        painted.joint().ifPresent(joint -> {
            setAccessibleText(Texts.get("joints.accessible") + " " + bench.words().name(joint.id()));
            painted.places().forEach(this::placeCaption);
            lay(painted.figures().stream().map(figure -> figure(joint, figure)).toList());
        });
    }

    private void placeCaption(SectionLayout.Place place) {
        Text caption = Objects.requireNonNull(captions.get(place.section()));
        caption.relocate(Math.rint(Pixels.of(place.captionX()) - caption.getLayoutBounds().getWidth() / 2),
                Pixels.of(place.captionY()));
    }

    private FigureField figure(Joint joint, PaintedJoint.Figure figure) {
        FigureField field = field(joint, figure.line().dimension());
        FigureHandle.place(field, figure.line(), figure.at());
        return field;
    }

    /** A figure that the type asks for is changed where it stands; the others open their reckoning. */
    private FigureField field(Joint joint, Dimension dimension) {
        Amount amount = dimension.amount();
        Optional<String> parameter = parameter(joint, amount);
        String address = parameter.map(name -> Address.of(joint.id(), name)).orElse("");
        boolean given = parameter.isPresent() && bench.project().brief().measure(address).isPresent();
        return new FigureField(bench.words().figure(amount.value()),
                bench.words().say(amount.label()), given, parameter.isPresent(), () -> {},
                typed -> bench.read(typed).map(length -> bench.edit(new Edit.Give(address, new Value.Measured(length))))
                        .orElse(false))
                .named("joint-figure-" + amount.label().key().replace("amount.", ""));
    }

    private static Optional<String> parameter(Joint joint, Amount amount) {
        return joint.figures().entrySet().stream().filter(entry -> entry.getValue().equals(amount))
                .map(Map.Entry::getKey).filter(name -> JointType.of(joint.kind()).parameter(name).isPresent())
                .findFirst();
    }

    private void lay(List<FigureField> figures) {
        List<Node> nodes = new ArrayList<>(List.of(picture, pullName, pull));
        nodes.addAll(captions.values());
        nodes.addAll(figures);
        FocusKeeper.rebuild(this, () -> getChildren().setAll(nodes));
    }

    @Override
    public void recolour() {
        painting.refresh();
    }
}
